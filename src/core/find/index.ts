export { askedFor, type Findable, type Found, findIn } from './find';
