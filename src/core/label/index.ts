export { type ContentUse, contentUse, jarNotForFood, keepBelowC } from './use';
