import { afterEach, expect, it, vi } from 'vitest';
import { factsLike, findIngredient, ingredientOf, knowOwn, ownMaterial, ownMaterialId } from '@/core/material';
import { BASE_READS, readIn, reads } from '@/core/quantity';
import { serve, type WorkerWays } from './serve';

const offered = vi.hoisted(() => ({ face: {} as Record<string, (ways: unknown) => unknown> }));
vi.mock('comlink', () => ({ expose: (face: typeof offered.face) => Object.assign(offered, { face }) }));

afterEach(() => {
  readIn(BASE_READS);
  knowOwn([]);
});

it('a worker is told the shop’s units and own ingredients before it is asked anything', () => {
  const id = ownMaterialId('tung-oil', 'Neighbour’s tung');
  serve({ knows: (id: unknown) => findIngredient(String(id)) !== undefined });
  const { knows, learn } = offered.face;
  expect(knows?.(id)).toBe(false);
  const facts = { ...factsLike(ingredientOf('tung-oil')), name: 'Neighbour’s tung' };
  const ways: WorkerWays = { reads: { ...BASE_READS, mass: 'oz' }, own: [ownMaterial(id, facts)] };
  learn?.(ways);
  expect(knows?.(id)).toBe(true);
  expect(reads().mass).toBe('oz');
});
