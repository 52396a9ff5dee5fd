export { clothHazard, makesCloths, worstHazard } from './cloths';
export { closesWhenLaid, LOOK_AFTER_HOURS, lookFromMs } from './look';
export { inSession, SESSION_HOURS } from './session';
export { CLOTH_WAYS, type ClothWay, waysFor } from './ways';
