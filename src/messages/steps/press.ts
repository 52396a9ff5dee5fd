export const press = 'press on a wax stick';
