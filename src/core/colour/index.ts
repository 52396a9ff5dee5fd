export { type Bearing, type BoardRead, CARD, type FieldRead, type Pixels, readBoard } from './board';
export { colour, deltaE, encoded, type Lab } from './colour';
export { type Corners, homography, type Point, planeOf, rectangle } from './homography';
export { type MadeUp, madeUpPicture } from './made-up';
