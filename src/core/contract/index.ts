export { check } from './check';
