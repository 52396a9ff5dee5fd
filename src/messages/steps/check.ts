export const check = 'check of the cure';
