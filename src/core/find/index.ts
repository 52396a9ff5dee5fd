export { askedFor, type Findable, findIn, type Found } from './find';
