export { factorFor, type Thirst, thirstOf, type UptakeFactor, uptakeFactors, type WeighedPiece } from './absorb';
export { type Area, area, areaOf, areaTaking, type Face, facesOf, fits, surfacesOf } from './area';
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
export { type DryByWeight, type DryWeighing, dryByWeight } from './dry';
export { emc, FIT_MOISTURE } from './emc';
export { type Known as KnownForList, type Listed, readList } from './list';
export { type Dampness, dampness, dryBy, looksOf, type MoistureReading } from './moisture';
export { ODD_MM, oddSizes } from './odd';
export { poresMl } from './pores';
export { checkInside, checkOutside, insideOf, type ProfilePoint, smooth } from './profile';
export { GAP_MM, type RoomUnit, roomTaken, shelfMm, volumeMl } from './room';
export { FINISH_CLASSES, type FinishClass, Geometry, Solid } from './schema';
export { SURFACES, type Surface } from './surfaces';
export { moistureSwing } from './swing';
export { coatGrams, ON_TOP, type Uptake, uptake } from './uptake';
