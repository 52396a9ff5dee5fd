export const inspect = 'look over';
