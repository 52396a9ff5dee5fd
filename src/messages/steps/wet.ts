export const wet = 'wet to raise the grain';
