export const wipe = 'wipe off';
