/** Joins class names, leaving out what is not there. */
export const classes = (...names: readonly (string | false | null | undefined)[]): string => names.filter(Boolean).join(' ');
