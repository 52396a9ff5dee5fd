import type { GateWords } from './words';

export const steps: GateWords = { name: 'Every step done', unmet: 'Steps of the regimen are still to do.' };
