import type { CautionWords } from './words';

export const aspiration: CautionWords = {
  head: 'May be deadly if swallowed: it runs into the lungs.',
  text: 'Never in a cup or a drinks bottle. If somebody swallowed it, do not make them vomit: call a poison centre or a doctor at once, and have the label at hand.',
};
