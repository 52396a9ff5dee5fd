import type { Species } from './schema';
import shipped from './species.json';

/** Every wood the house knows; a test holds each row to its schema. Source: working estimates of the trade, each row with its note. */
export const SPECIES = shipped as readonly Species[];

const byId = new Map<string, Species>(SPECIES.map((species) => [species.id, species]));

/** The wood of an id that is known to exist. Throws on one that does not. */
export function speciesOf(id: string): Species {
  const found = byId.get(id);
  if (!found) throw new Error(`no wood ${id}`);
  return found;
}

export const findSpecies = (id: string): Species | undefined => byId.get(id);
