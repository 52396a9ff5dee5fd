export { type Melt, type MeltRow, melt } from './melt';
export { fitPan, type LoggedMelt, type PanConstants } from './fit';
