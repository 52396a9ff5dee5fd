export { CONTENT_USES, type ContentUse, contentUse, jarNotForFood } from './use';
