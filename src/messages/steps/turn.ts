export const turn = 'turn or carry';
