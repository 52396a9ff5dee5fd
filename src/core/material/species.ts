import type { OwnWoodFacts, Species } from './schema';
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

/** The id of a wood of the shop's own, from the one it is like and its name; once given it is only an id. */
export const ownWoodId = (likeId: string, name: string): string =>
  `${likeId}~${name
    .trim()
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')}`;

/** A wood of the shop's own: as the one it is like, but for what its maker says of it. */
export function ownSpecies(id: string, likeId: string, { ask, ...facts }: OwnWoodFacts): Species {
  const { ask: _, sides: __, ...like } = speciesOf(likeId);
  return { ...like, ...facts, id, like: likeId, disputed: false, ...(ask.trim() === '' ? {} : { ask }) };
}
