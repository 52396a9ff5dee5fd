export { CONTENT_USES, type ContentUse, contentUse, jarNotForFood, keepBelowC } from './use';
