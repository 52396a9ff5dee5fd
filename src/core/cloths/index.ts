export { clothHazard, makesCloths, worstHazard } from './cloths';
export { closesWhenLaid, inSession, LOOK_AFTER_HOURS, lookFromMs, SESSION_HOURS } from './session';
export { CLOTH_WAYS, type ClothWay, waysFor } from './ways';
