import type { FaultWords } from './words';

export const tornFibre: FaultWords = {
  name: 'torn fibre',
  advice: 'Sand it out, or scrape with the grain; a coat before sanding holds the fibre up.',
};
