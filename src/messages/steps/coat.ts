export const coat = 'coat';
