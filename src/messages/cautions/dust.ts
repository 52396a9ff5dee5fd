import type { CautionWords } from './words';

export const dust: CautionWords = {
  head: 'Wood dust harms lungs; hardwood dust can cause cancer.',
  text: 'Mask and extraction.',
};
