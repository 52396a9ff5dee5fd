export {
  CAUTIONS,
  type Caution,
  cautions,
  cautionsFor,
  type CautionsInput,
  type Doing,
  HEATERS,
  type Heater,
} from './caution';
export { NOTICES, type Notice, noticesOfBlend, noticesOfPiece } from './notices';
