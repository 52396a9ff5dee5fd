import type { Blend, Drying } from '@/core/blend';
import { anyFilm, type Catalogue, type Contact, findIngredient, type PieceUse, worstOf } from '@/core/material';
import { type Geometry, SHAPES } from '@/core/piece';
import { type GatesInput, isFar, type Statement } from './gates/piece';

/** One material on a piece, as far as its gates go. */
export type FinishLayer = {
  readonly contact: Contact;
  /** Whether it builds a film; its label may not say. */
  readonly filmForming: boolean | 'unknown';
  readonly drying: Drying;
  readonly waxEquivalent: number;
  readonly allergens: readonly string[];
  readonly undeclared: boolean;
  /** What the supplier's papers on file say of this very finish. */
  readonly statement: readonly Statement[];
};
type Finish = GatesInput['finish'];

/** A blend or a bought finish as a layer, with whether all of it is declared and what its papers state. */
export const layerOfBlend = (
  { contact, film, drying, waxEquivalent, allergens }: Pick<Blend, 'contact' | 'film' | 'drying' | 'waxEquivalent' | 'allergens'>,
  undeclared: boolean,
  statement: readonly Statement[],
): FinishLayer => ({ contact, filmForming: film, drying, waxEquivalent, allergens, undeclared, statement });

/** A material with what is stirred into it just before use: it is as fit for food as the worst of them, and its papers speak of the whole. */
export function withAdded(layer: FinishLayer, adds: readonly string[], catalogue: Catalogue): FinishLayer {
  const added = adds.flatMap((id) => findIngredient(id, catalogue) ?? []);
  if (added.length === 0) return layer;
  return {
    ...layer,
    contact: worstOf([layer.contact, ...added.map((one) => one.contact)]),
    filmForming: anyFilm([layer.filmForming, ...added.map((one) => one.filmForming)]),
    allergens: [...new Set([...layer.allergens, ...added.flatMap((one) => one.allergens)])].sort(),
  };
}

/** What a statement must cover: only what would be refused without it. */
const WANTS: Readonly<Record<Statement, (layer: FinishLayer) => boolean>> = {
  food: (layer) => layer.undeclared || isFar(layer),
  toy: (layer) => layer.undeclared || layer.filmForming !== false || isFar(layer),
};

/** A statement counts when every layer that wants one has it, and one does. */
const covers = (layers: readonly FinishLayer[], statement: Statement): boolean => {
  const wanting = layers.filter(WANTS[statement]);
  return wanting.length > 0 && wanting.every((layer) => layer.statement.includes(statement));
};

/**
 * The finish of a piece while its surfaces have none of their own: the worst contact, any film, anything undeclared; tacky if any layer
 * is, else drying if any dries. Bare wood dries in every gate.
 * @param film the regimen itself counts as a film
 */
export function finishOf(layers: readonly FinishLayer[], film = false): Finish {
  const drying: Drying = layers.some((layer) => layer.drying === 'mixed')
    ? 'mixed'
    : layers.length === 0 || layers.some((layer) => layer.drying === 'drying')
      ? 'drying'
      : 'never';
  return {
    contact: worstOf(layers.map((layer) => layer.contact)),
    filmForming: anyFilm([film, ...layers.map((layer) => layer.filmForming)]),
    drying,
    waxEquivalent: Math.max(0, ...layers.map((layer) => layer.waxEquivalent)),
    allergens: [...new Set(layers.flatMap((layer) => layer.allergens))].sort(),
    undeclared: layers.some((layer) => layer.undeclared),
    statement: (['food', 'toy'] as const).filter((statement) => covers(layers, statement)),
  };
}

/** What is no one solid thing is most likely for this, until its maker says otherwise; the strictest where nothing is known. Source: practice of the trade. */
const COMPOSED = { parts: ['mouth', 'toy'], like: ['food-wet'], unknown: ['food-wet'] } as const;
export const usualUses = ({ shape }: Pick<Geometry, 'shape'>): readonly PieceUse[] =>
  shape === 'parts' || shape === 'like' || shape === 'unknown' ? COMPOSED[shape] : SHAPES[shape].uses;
