export {
  type DesignDraft,
  geometryOf,
  outsideOf,
  PART_SHAPES,
  type PartDraft,
  type PointDraft,
  pointsOf,
  readProfile,
} from './draft';
export { ODD_MM, oddSizes } from './odd';
export { type Area, area, areaOf, areaTaking, type Face, facesOf, fits, surfacesOf } from './area';
export { emc, FIT_MOISTURE } from './emc';
export { FINISH_CLASSES, type FinishClass, Geometry, Solid } from './schema';
export { poresMl } from './pores';
export { moistureSwing } from './swing';
export { coatGrams, ON_TOP, type Uptake, uptake } from './uptake';
export { checkInside, checkOutside, insideOf, type ProfilePoint, smooth } from './profile';
export { GAP_MM, roomTaken, type RoomUnit, shelfMm, volumeMl } from './room';
export { factorFor, type Thirst, thirstOf, type UptakeFactor, uptakeFactors, type WeighedPiece } from './absorb';
export { dampness, type Dampness, dryBy, looksOf, type MoistureReading } from './moisture';
export { type Surface, SURFACES } from './surfaces';
export { type Known as KnownForList, type Listed, readList } from './list';
export { type DryByWeight, dryByWeight, type DryWeighing } from './dry';
