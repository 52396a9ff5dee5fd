import type { Blend } from '@/core/blend';
import type { Ingredient } from '@/core/material';

/** Every caution the interface can show; the texts live in src/messages. Ordered: what can hurt most comes first. */
export const CAUTIONS = [
  'rags-self-heat',
  'never-heat',
  'heat-conflict',
  'hot-wax',
  'solvent',
  'metal-driers',
  'film',
  'mixed-drying',
  'more-solvent-than-oil',
  'nut-or-other-allergen',
  'lathe',
  'lime-powder',
  'dust',
  'wood-for-food',
  'plain-rags',
  'food-safe-is-a-claim',
] as const;
export type Caution = (typeof CAUTIONS)[number];

/** What is in hand where a caution may bite. */
export type Scene = {
  readonly ingredients: readonly Ingredient[];
  readonly blend?: Pick<Blend, 'heat' | 'heatConflict' | 'drying' | 'ragHazard' | 'knifeSurface' | 'lines'>;
  readonly doing: 'blending' | 'heating' | 'coating' | 'sanding' | 'turning' | 'releasing';
  readonly woodForFood?: 'good' | 'caution' | 'avoid';
};

const oilShare = ({ blend, ingredients }: Scene, families: readonly string[]): number =>
  (blend?.lines ?? []).reduce((sum, line) => {
    const family = ingredients.find((ingredient) => ingredient.id === line.ingredient)?.family ?? '';
    return families.includes(family) ? sum + line.massFraction : sum;
  }, 0);

const OILS = ['drying-oil', 'culinary-oil', 'never-dry-oil'];
const handlesRags = ({ doing }: Scene): boolean => doing === 'coating' || doing === 'blending';

/** When each caution bites. `plain-rags` is only said where `rags-self-heat` is not. */
const BITES: Readonly<Record<Caution, (scene: Scene) => boolean>> = {
  'rags-self-heat': (scene) => handlesRags(scene) && scene.blend?.ragHazard === 'self-heating',
  'never-heat': (scene) => scene.doing !== 'releasing' && scene.ingredients.some((ingredient) => ingredient.neverHeat),
  'heat-conflict': (scene) => scene.blend?.heatConflict === true,
  'hot-wax': (scene) => scene.blend?.heat === 'water-bath' && (scene.doing === 'heating' || scene.doing === 'blending'),
  solvent: (scene) =>
    scene.ingredients.some(
      (ingredient) => ingredient.family === 'solvent' || (ingredient.volatileFraction > 0 && ingredient.flashC !== null),
    ),
  'metal-driers': (scene) => scene.ingredients.some((ingredient) => ingredient.metallicDrier),
  film: (scene) => scene.blend?.knifeSurface === false,
  'mixed-drying': (scene) => scene.blend?.drying === 'mixed',
  'more-solvent-than-oil': (scene) => oilShare(scene, ['solvent']) > oilShare(scene, OILS) && oilShare(scene, OILS) > 0,
  'nut-or-other-allergen': (scene) => scene.ingredients.some((ingredient) => ingredient.allergens.length > 0),
  lathe: (scene) => scene.doing === 'turning',
  'lime-powder': (scene) => scene.ingredients.some((ingredient) => ingredient.family === 'paint'),
  dust: (scene) => scene.doing === 'sanding',
  'wood-for-food': (scene) => scene.woodForFood === 'caution' || scene.woodForFood === 'avoid',
  'plain-rags': (scene) => scene.doing === 'coating' && scene.blend !== undefined && scene.blend.ragHazard !== 'self-heating',
  'food-safe-is-a-claim': (scene) => scene.doing === 'releasing',
};

/** The cautions that bite in a scene, worst first. */
export const cautionsFor = (scene: Scene): readonly Caution[] => CAUTIONS.filter((caution) => BITES[caution](scene));
