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

/** The sign between the wood that one of the shop's own is like, and its own name. */
const LIKE = '~';
/** The id of a wood of the shop's own: it says which one it is like, so that it is drawn like it wherever it goes. */
export const ownWoodId = (likeId: string, name: string): string =>
  `${likeId}${LIKE}${name
    .trim()
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')}`;
/** The house's wood that stands for a wood in pictures and grain: itself, or the one it is like. */
export const likeWood = (id: string): string => id.split(LIKE)[0] ?? id;
export const isOwnWood = (id: string): boolean => id.includes(LIKE);

/** A wood of the shop's own: as the one it is like, but for what its maker says of it. */
export function ownSpecies(id: string, { ask, ...facts }: OwnWoodFacts): Species {
  const { ask: _, sides: __, ...like } = speciesOf(likeWood(id));
  return { ...like, ...facts, id, disputed: false, ...(ask.trim() === '' ? {} : { ask }) };
}
