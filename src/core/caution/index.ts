export { cautions, cautionsAt, type MomentNow } from './caution';
export type { Caution, MomentAt } from './cautions';
export { type Doing, HEATERS, type Heater } from './cautions/moment';
export { type Notice, noticesOfBlend, noticesOfPiece } from './notices';
