export {
  CLOTH_WAYS,
  type ClothWay,
  closesWhenLaid,
  clothHazard,
  inSession,
  LOOK_AFTER_HOURS,
  lookFromMs,
  makesCloths,
  SESSION_HOURS,
  waysFor,
  worstHazard,
} from './cloths';
