import { expose } from 'comlink';

/** Offers a worker's face to its page. It keeps nothing of the shop: what a question needs to know is asked with it. */
export const serve = (face: object): void => expose(face);
