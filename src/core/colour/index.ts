export { type Bearing, type BoardRead, CARD, type FieldRead, type Pixels, readBoard } from './board';
export { colour, deltaE, encoded, type Lab } from './colour';
export { type Corners, homography, planeOf, type Point, rectangle } from './homography';
export { madeUpPicture, type MadeUp } from './made-up';
