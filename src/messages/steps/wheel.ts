export const wheel = 'buff on the wheel';
