export { CLOTH_WAYS, type ClothWay, clothWaysFor } from './cloth-ways';
export { clothHazard, makesCloths, worstHazard } from './cloths';
export { closesWhenLaid, lookFromMs } from './look';
export { inSession } from './session';
