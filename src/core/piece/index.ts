export { type Area, area } from './area';
export { emc, FIT_MOISTURE } from './emc';
export { FINISH_CLASSES, type FinishClass, Geometry } from './schema';
export { coatGrams, type Uptake, uptake } from './uptake';
export { checkInside, checkOutside, insideOf, type ProfilePoint, smooth } from './profile';
export { GAP_MM, roomTaken, type RoomUnit, shelfMm, volumeMl } from './room';
export { factorFor, type Thirst, thirstOf, type UptakeFactor, uptakeFactors, type Weighed } from './absorb';
export { dampness, type Dampness, dryBy, looksOf, type MoistureReading } from './moisture';
export { type Surface, SURFACES, surfacesOf } from './surfaces';
