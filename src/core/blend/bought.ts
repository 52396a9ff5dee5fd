import {
  ALLERGENS_NOT_DECLARED,
  anyFilm,
  type Catalogue,
  type Contact,
  findIngredient,
  type Ingredient,
  worstOf,
} from '@/core/material';
import { type Blend, blend, natureOf } from './blend';
import { heatsRags, THINNED } from './nature';

/** Stands in a composition for what nobody declared. It is no ingredient: neither varnish nor mineral oil nor anything else that is known. */
export const UNDECLARED = 'undeclared';

/** What a label may leave out, and what then stands in its place: it dries, it is not for food, its density follows its contents. */
export const LABEL_UNSAID = ['drying', 'contact', 'density'] as const;
export type LabelUnsaid = (typeof LABEL_UNSAID)[number];

/** A bought finish as its label and data sheet have it; dwell in minutes. */
export type Bought = {
  readonly declared: readonly string[];
  /** Mass fractions of declared contents, where they are given. */
  readonly shares: Readonly<Record<string, number>>;
  readonly isAllDeclared: boolean;
  readonly drying: 'drying' | 'never';
  readonly isPaste: boolean;
  readonly contact: Contact;
  readonly densityGPerMl: number;
  readonly labelDwellMin: number | null;
  readonly labelDwellMaxMin: number | null;
  /** Whether it builds a film, as its label says or its maker was asked; null where nobody says. */
  readonly buildsFilm: boolean | null;
};

/** Wax equivalents a bought paste and a bought oil are taken to have: the label says which it is, not how much wax. Working estimates. */
const FEEL = { paste: 0.19, liquid: 0 } as const;
/** Months a finish keeps whose contents are not declared. Source: working estimate. */
const KEEPS_UNKNOWN_MONTHS = 12;

/** Ids of a bought finish's declared contents that the house knows. */
export const declaredOf = ({ declared }: Pick<Bought, 'declared'>, catalogue: Catalogue): string[] =>
  declared.filter((id) => findIngredient(id, catalogue));

/**
 * A bought finish as mass fractions: declared contents by their shares; those without one share what is left in equal parts, with what is
 * not declared where not all is.
 */
export function sharesOfBought(
  bought: Pick<Bought, 'declared' | 'shares' | 'isAllDeclared'>,
  catalogue: Catalogue,
): Record<string, number> {
  const known = declaredOf(bought, catalogue);
  const given = known.filter((id) => (bought.shares[id] ?? 0) > 0);
  const open = known.filter((id) => !given.includes(id));
  if (!bought.isAllDeclared || known.length === 0) open.push(UNDECLARED);
  const sum = given.reduce((all, id) => all + (bought.shares[id] ?? 0), 0);
  const left = Math.max(0, 1 - sum);
  const whole = open.length > 0 ? Math.max(1, sum) : sum;
  return Object.fromEntries([
    ...given.map((id) => [id, (bought.shares[id] ?? 0) / whole] as const),
    ...(left > 0 ? open.map((id) => [id, left / open.length] as const) : []),
  ]);
}

/** g/ml taken for what is not declared: between a thinned oil and a resin. Working estimate. */
const UNDECLARED_DENSITY = 0.92;

/** The density of a bought finish by its contents, g/ml, until a sheet says otherwise. */
export const densityOfBought = (bought: Pick<Bought, 'declared' | 'shares' | 'isAllDeclared'>, catalogue: Catalogue): number =>
  1 /
  Object.entries(sharesOfBought(bought, catalogue)).reduce(
    (sum, [id, w]) => sum + w / (findIngredient(id, catalogue)?.densityGPerMl ?? UNDECLARED_DENSITY),
    0,
  );

/** Whether a bought finish builds a film: what was said of it, else its contents where all are declared; nobody knows otherwise. */
export function filmOfBought(
  bought: Pick<Bought, 'declared' | 'isAllDeclared' | 'buildsFilm'>,
  catalogue: Catalogue,
): boolean | 'unknown' {
  const known = declaredOf(bought, catalogue);
  if (bought.buildsFilm || known.some((id) => findIngredient(id, catalogue)?.filmForming)) return true;
  if (bought.buildsFilm === false || (bought.isAllDeclared && known.length > 0)) return false;
  return 'unknown';
}

/** Whether a label contradicts itself: it dries, all its contents are declared, and none of them does. */
export const driesByNothing = (bought: Pick<Bought, 'declared' | 'isAllDeclared' | 'drying'>, catalogue: Catalogue): boolean =>
  bought.drying === 'drying' &&
  bought.isAllDeclared &&
  declaredOf(bought, catalogue).every((id) => {
    const one = findIngredient(id, catalogue);
    return one?.family === 'wax' || one?.dries === 'never' || (one?.volatileFraction ?? 0) >= 1;
  });

/** What is known of a composition by itself; null where nothing in it is an ingredient. */
function natureOfKnown(composition: Readonly<Record<string, number>>, catalogue: Catalogue): Blend | null {
  const lines = Object.entries(composition)
    .filter(([id]) => id !== UNDECLARED)
    .map(([ingredient, parts]) => ({ ingredient, parts }));
  const made = lines.length > 0 ? natureOf({ lines, make: { massG: 100 } }, catalogue) : null;
  return made?.ok ? made.value : null;
}

/** A shape to write on where nothing is known; every figure of it that says something is replaced. */
function blank(catalogue: Catalogue): Blend {
  const made = blend({ lines: [{ ingredient: 'mineral-oil', parts: 1 }], make: { massG: 100 } }, catalogue);
  if (!made.ok) throw new Error('no blank blend');
  return { ...made.value, lines: [], driedLines: [], bestBeforeMonths: KEEPS_UNKNOWN_MONTHS, flashC: null, holdMaxC: null };
}

/** The id under which a bought finish is a line of a formula. */
export const boughtLineId = (readyMadeId: number): string => `${BOUGHT_LINE}${readyMadeId}`;
const BOUGHT_LINE = 'bought:';
/** The bought finish that a line of a formula is; null where it is an ingredient. */
export const boughtOfLine = (id: string): number | null =>
  id.startsWith(BOUGHT_LINE) ? Number(id.slice(BOUGHT_LINE.length)) : null;
/** What is taken of the flash point and molar mass of a bought finish: nobody declares them. Working estimates, on the safe side. */
const BOUGHT_UNSAID = { flashC: 21, molarMassGPerMol: 600 } as const;

/** A bought finish as a line of a formula: its declared shares by what they do, the rest on the safe side. It is never heated. */
export function boughtLine(bought: Bought & { readonly id: number; readonly name: string }, catalogue: Catalogue): Ingredient {
  const nature = natureOfBought(bought, catalogue);
  const declared = declaredOf(bought, catalogue).flatMap((id) => findIngredient(id, catalogue) ?? []);
  const isUnknown = !bought.isAllDeclared || declared.length === 0;
  const { flooded, thin } = nature.maxDwellMin;
  return {
    id: boughtLineId(bought.id),
    name: bought.name,
    family: bought.drying === 'drying' ? 'drying-oil' : 'never-dry-oil',
    densityGPerMl: bought.densityGPerMl,
    molarMassGPerMol: BOUGHT_UNSAID.molarMassGPerMol,
    meltC: null,
    fusionJPerG: null,
    hardening: nature.waxEquivalent,
    iodineValue: Math.max(0, ...declared.map((one) => one.iodineValue)),
    volatileFraction: 1 - nature.driedFraction,
    maxC: null,
    flashC: nature.flammable ? (nature.flashC ?? BOUGHT_UNSAID.flashC) : null,
    neverHeat: true,
    filmForming: nature.film !== false,
    metallicDrier: isUnknown || declared.some((one) => one.metallicDrier),
    contact: nature.contact,
    allergens: isUnknown ? [...nature.allergens, ALLERGENS_NOT_DECLARED] : [...nature.allergens],
    shelfMonths: nature.bestBeforeMonths,
    selfHeating: nature.ragHazard === 'self-heating',
    dries: bought.drying,
    mixes: declared[0]?.mixes ?? 'oil',
    moltenGPerMl: null,
    dwellMin: flooded === null || thin === null ? null : { flooded, thin },
    alsoCalled: [],
    note: isUnknown ? 'Its contents are not all declared.' : '',
  };
}

/**
 * What is known of a bought finish as it comes: its label where it speaks, the safe side where it does not. It is never heated. What is not
 * declared is called no oil, and nobody knows whether it builds a film; its cloths are taken to heat and its vapour to burn.
 */
export function natureOfBought(bought: Bought, catalogue: Catalogue): Blend {
  const base = natureOfKnown(sharesOfBought(bought, catalogue), catalogue) ?? blank(catalogue);
  const declared = declaredOf(bought, catalogue).flatMap((id) => findIngredient(id, catalogue) ?? []);
  const isUnknown = !bought.isAllDeclared || declared.length === 0;
  const usual = bought.drying === 'drying' ? THINNED.dwellMin : { flooded: null, thin: null };
  const label = bought.labelDwellMaxMin ?? bought.labelDwellMin;
  const most = (own: number | null): number | null =>
    label === null || own === null ? own : bought.labelDwellMaxMin === null ? Math.max(own, label) : label;
  const film = filmOfBought(bought, catalogue);
  return {
    ...base,
    // What dries heats its cloths, whatever of it is declared.
    ragHazard: isUnknown || bought.drying === 'drying' || declared.some(heatsRags) ? 'self-heating' : base.ragHazard,
    flammable: isUnknown || base.flammable,
    film,
    knifeSurface: film === false,
    densityGPerMl: bought.densityGPerMl,
    volumeMl: base.totalG / bought.densityGPerMl,
    waxEquivalent: bought.isPaste ? FEEL.paste : FEEL.liquid,
    consistency: bought.isPaste ? 'soft-paste' : 'liquid',
    drying: bought.drying,
    maxDwellMin: { flooded: most(usual.flooded), thin: most(usual.thin) },
    contact: worstOf([bought.contact, ...declared.map((one) => one.contact)]),
    allergens: [...new Set(declared.flatMap((one) => one.allergens))].sort(),
    heat: 'none',
    heatConflict: false,
  };
}

/** What a blend is into which a finish went whose contents are not all declared: the rest is unknown. */
export const withUndeclared = (
  composition: Readonly<Record<string, number>>,
  inside: readonly Bought[],
  catalogue: Catalogue,
): Blend | null => {
  const [only] = inside;
  if (!only) return natureOfKnown(composition, catalogue);
  const known = natureOfKnown(composition, catalogue) ?? natureOfBought(only, catalogue);
  const each = inside.map((one) => natureOfBought(one, catalogue));
  const film = anyFilm([known.film, ...each.map((one) => one.film)]);
  const isUnknown = inside.some((one) => !one.isAllDeclared || declaredOf(one, catalogue).length === 0);
  return {
    ...known,
    contact: worstOf([known.contact, ...each.map((one) => one.contact)]),
    film,
    knifeSurface: film === false,
    ...(isUnknown ? { ragHazard: 'self-heating' as const, flammable: true } : {}),
  };
};
