export { type Bearing, type BoardRead, type Pixels, readBoard } from './board';
export { colour, deltaE, type Lab } from './colour';
export { type Corners, planeOf, rectangle } from './homography';
export { type MadeUp, madeUpPicture } from './made-up';
