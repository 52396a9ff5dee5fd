import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { type Blend, blend, natureOfBought, setsInTin } from '@/core/blend';
import { type Candidate, COLOURS, chooseFinish, type FinishWish, OWNERS, SHINES } from '@/core/choose';
import { a0Of, a0OfBought } from '@/core/cure';
import { INGREDIENTS, ingredientOf, PIECE_USES, SHIPPED, SPECIES } from '@/core/material';
import { REGIMENS, rolesOf, rolesOfBought } from '@/core/regimen';
import { finishOf, gates, isBySurface, layerOfBlend, meetsFood, withAdded } from '@/core/use';
import { sayChoice } from '@/messages';

/**
 * Made-up wishes over made-up stock: nothing may be recommended whose gate is unmet and may not be signed for, that turns rancid, stays tacky
 * or sets in its tin. The sentences that differ once names and figures are blanked are printed, to be read. `npm run bench -- wishes [how many]`.
 */
const HOW_MANY = Number(process.argv[2] ?? 2000);
const rng = xoroshiro128plus(31);
const below = (n: number): number => uniformInt(rng, 0, n - 1);
const oneOf = <T>(of: readonly T[]): T => of[below(of.length)] as T;
const some = <T>(of: readonly T[], most: number): T[] => [...new Set(Array.from({ length: below(most + 1) }, () => oneOf(of)))];

const layerOf = (nature: Blend, undeclared: boolean) =>
  layerOfBlend(nature, undeclared, oneOf([[], [], [], ['food' as const], ['toy' as const]]));

function mixed(id: number): Candidate | null {
  const ids = [
    ...new Set([
      oneOf(INGREDIENTS).id,
      ...(below(2) ? [oneOf(INGREDIENTS).id] : []),
      ...(below(3) ? [] : [oneOf(INGREDIENTS).id]),
    ]),
  ];
  const made = blend({ lines: ids.map((ingredient) => ({ ingredient, parts: 1 + below(9) })), make: { massG: 100 } }, SHIPPED);
  if (!made.ok) return null;
  const nature = made.value;
  const needs = a0Of(
    nature.lines.map((line) => ({ ingredient: ingredientOf(line.ingredient, SHIPPED), w: line.massFraction })),
    SHIPPED,
  );
  return {
    id,
    number: `S31-${id}`,
    title: ids.map((one) => ingredientOf(one, SHIPPED).name).join(' and '),
    held: below(12) === 0,
    ingredients: ids,
    turnsRancid: nature.turnsRancid,
    setsInTin: setsInTin(ids, SHIPPED),
    leftG: 500,
    roles: rolesOf(nature.lines, nature.waxEquivalent, SHIPPED),
    drying: nature.drying,
    waxEquivalent: nature.waxEquivalent,
    a0Hours: needs?.hours ?? null,
    mode: needs?.mode ?? 'oxidise',
    layer: layerOf(nature, false),
  };
}

function bought(id: number): Candidate {
  const drying = oneOf(['drying', 'never'] as const);
  const isPaste = below(2) === 0;
  const role = oneOf([null, 'hard-wax-oil', 'oil-wax', 'varnish', 'resin-seal', 'polish'] as const);
  const declared = some(
    INGREDIENTS.map((one) => one.id),
    2,
  );
  const nature = natureOfBought(
    {
      declared,
      shares: {},
      isAllDeclared: false,
      drying,
      isPaste,
      contact: oneOf(['food-grade', 'once-cured', 'not-for-food'] as const),
      densityGPerMl: 0.9,
      labelDwellMin: null,
      labelDwellMaxMin: null,
      buildsFilm: oneOf([null, true, false]),
    },
    SHIPPED,
  );
  const needs = a0OfBought(role, drying, null);
  return {
    id,
    number: `S31-${id}`,
    title: 'A bought finish (contents not all declared)',
    held: false,
    ingredients: declared,
    turnsRancid: nature.turnsRancid,
    setsInTin: false,
    leftG: 500,
    roles: rolesOfBought(role, isPaste, drying),
    drying: nature.drying,
    waxEquivalent: nature.waxEquivalent,
    a0Hours: needs.hours,
    mode: needs.mode,
    layer: layerOf(nature, true),
  };
}

const stock = (): Candidate[] =>
  Array.from({ length: 3 + below(12) }, (_, i) => (below(5) === 0 ? bought(i + 1) : mixed(i + 1))).flatMap((one) => one ?? []);

function wished(): FinishWish {
  const species = oneOf(SPECIES);
  return {
    uses: some(PIECE_USES, 3),
    closed: below(4) === 0,
    owner: oneOf(OWNERS),
    avoid: some(['tree nut', 'bee product', 'citrus terpene', 'soya'], 1),
    days: oneOf([null, null, 2, 10, 30]),
    shine: oneOf(SHINES),
    colour: oneOf(COLOURS),
    wood: {
      food: species.food,
      keepOff: species.keepOff,
      origin: oneOf(['bought', 'bought', 'found', 'treated'] as const),
      slowsCure: species.slowsCure,
    },
    woodId: species.id,
    rules: [],
  };
}

/** What may never be recommended, in words; nothing where all is well. */
function forbidden(choice: ReturnType<typeof chooseFinish>[number], wish: FinishWish): string[] {
  const uses = wish.uses.length > 0 ? wish.uses : (['food-wet'] as const);
  const lots = choice.lots.map(({ lot }) => lot);
  const adds = choice.regimen.slots.flatMap((slot) => slot.adds);
  const judged = gates({
    use: [...uses],
    wood: { food: wish.wood.food, keepOff: wish.wood.keepOff, origin: wish.wood.origin },
    finish: finishOf(
      lots.map((lot) => withAdded(lot.layer, adds, SHIPPED)),
      !choice.regimen.knifeSurface && !isBySurface(choice.regimen.steps),
    ),
  });
  return [
    ...lots.flatMap((lot) => [
      ...(lot.turnsRancid ? ['turns rancid'] : []),
      ...(lot.drying === 'mixed' ? ['stays tacky'] : []),
      ...(lot.setsInTin ? ['sets in its tin'] : []),
      ...(lot.held ? ['is held'] : []),
      ...(lot.layer.allergens.some((one) => wish.avoid.includes(one)) ? ['holds what is to be avoided'] : []),
    ]),
    ...(judged.ok
      ? judged.value.gates.filter((gate) => !gate.met && !gate.maySign).map((gate) => `gate ${gate.id}`)
      : ['no gates']),
    ...(judged.ok && judged.value.notForFood && meetsFood(uses) ? ['not for food'] : []),
  ];
}

const blanked = (sentence: string, lots: readonly { readonly lot: Candidate }[]): string =>
  lots
    .reduce((text, { lot }) => text.replaceAll(lot.title, '…').replaceAll(lot.number, '…'), sentence)
    .replace(/\d+/g, 'n')
    .replace(/^For [^:“]+:/, 'For …:');

const said = new Map<string, number>();
let [offered, none] = [0, 0];
const wrong: string[] = [];
for (let i = 0; i < HOW_MANY; i++) {
  const wish = wished();
  const good = chooseFinish(REGIMENS, stock(), wish, SHIPPED).filter((choice) => choice.refused.length === 0);
  if (good.length === 0) none++;
  for (const choice of good) {
    offered++;
    const faults = forbidden(choice, wish);
    if (faults.length > 0) wrong.push(`${choice.regimen.id}: ${faults.join(', ')}`);
  }
  const [first] = good;
  if (first) {
    const sentence = blanked(sayChoice(first, wish), first.lots);
    said.set(sentence, (said.get(sentence) ?? 0) + 1);
  }
}
console.log(
  `${HOW_MANY} wishes: ${offered} finishes offered, ${none} wishes with none; ${wrong.length} offered that may not be.`,
);
for (const one of wrong.slice(0, 20)) console.log(`  ${one}`);
console.log(`${said.size} sentences to say aloud, names and figures blanked:`);
for (const [sentence, count] of [...said].sort((a, b) => b[1] - a[1])) console.log(`${String(count).padStart(5)}  ${sentence}`);
process.exit(wrong.length > 0 ? 1 : 0);
