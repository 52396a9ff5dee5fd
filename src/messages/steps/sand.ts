export const sand = 'sand';
