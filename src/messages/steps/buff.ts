export const buff = 'buff by hand';
