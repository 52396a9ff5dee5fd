export const fill = 'fill pores or cracks';
