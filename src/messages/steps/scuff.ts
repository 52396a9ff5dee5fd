export const scuff = 'scuff';
