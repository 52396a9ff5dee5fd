export { cautions, cautionsAt, type MomentNow } from './caution';
export { CAUTIONS, type Caution, type MomentAt } from './cautions';
export { type Doing, HEATERS, type Heater } from './cautions/moment';
export { NOTICES, type Notice, noticesOfBlend, noticesOfPiece } from './notices';
