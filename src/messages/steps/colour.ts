export const colour = 'stain or dye';
