export {
  CAUTIONS,
  type Caution,
  type CautionsInput,
  cautions,
  cautionsFor,
  type Doing,
  HEATERS,
  type Heater,
} from './caution';
export { NOTICES, type Notice, noticesOfBlend, noticesOfPiece } from './notices';
