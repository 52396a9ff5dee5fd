export { colour } from './colour';
