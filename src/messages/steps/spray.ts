export const spray = 'spray';
