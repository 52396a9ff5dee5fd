import type { CareClassWords } from './words';

export const bare: CareClassWords = { name: 'bare wood: nothing to renew', care: 'Nothing to renew: wash and dry it.' };
