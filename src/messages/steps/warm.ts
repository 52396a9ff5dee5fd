export const warm = 'warm the tin';
