export const paint = 'paint';
