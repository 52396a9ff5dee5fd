export { CAUTIONS, type Caution, cautionsFor, type Scene } from './caution';
