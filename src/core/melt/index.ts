export { type Melt, type MeltRow, melt } from './melt';
