/** What a finish costs over the years as a line: at first, and each year after. Money in one unit. */
export type CostLine = { readonly id: string; readonly first: number; readonly perYear: number };

/** What it has cost after so many years. */
export const costAfter = ({ first, perYear }: Pick<CostLine, 'first' | 'perYear'>, years: number): number =>
  first + perYear * years;

/** Where the dearer at first becomes the cheaper: after so many years both have cost the same. */
export type Crossing = { readonly dear: string; readonly cheap: string; readonly years: number; readonly at: number };

/** Lines closer than this in what they cost a year never cross in a lifetime. */
const ALIKE = 1e-9;

/**
 * Where lines cross within so many years, soonest first: `(first_dear − first_cheap)/(perYear_cheap − perYear_dear)`.
 * Lines that begin at one point do not cross: one is the cheaper from the first day.
 */
export function crossings(lines: readonly CostLine[], withinYears: number): readonly Crossing[] {
  const found: Crossing[] = [];
  for (const dear of lines)
    for (const cheap of lines) {
      if (!(dear.first > cheap.first) || cheap.perYear - dear.perYear <= ALIKE) continue;
      const years = (dear.first - cheap.first) / (cheap.perYear - dear.perYear);
      if (years <= withinYears) found.push({ dear: dear.id, cheap: cheap.id, years, at: costAfter(dear, years) });
    }
  return found.sort((a, b) => a.years - b.years);
}

/** What is saved a kilogram, and a year, by the larger of two packs, once what spoils is paid for: negative where it is dearer. */
export function largerSaves(
  perKg: { readonly small: number; readonly large: number },
  usedPerMonthG: number,
): { readonly perKg: number; readonly perYear: number } {
  const saved = perKg.small - perKg.large;
  return { perKg: saved, perYear: (saved * usedPerMonthG * 12) / 1000 };
}

/** The share of a pack that goes off before it is used. */
export const spoils = ({
  grams,
  usedPerMonthG,
  shelfMonths,
}: {
  readonly grams: number;
  readonly usedPerMonthG: number;
  readonly shelfMonths: number;
}): number => Math.max(0, 1 - (usedPerMonthG * shelfMonths) / grams);
