export { clothHazard, makesCloths, worstHazard } from './cloths';
export { closesWhenLaid, lookFromMs } from './look';
export { inSession } from './session';
export { CLOTH_WAYS, type ClothWay, waysFor } from './ways';
