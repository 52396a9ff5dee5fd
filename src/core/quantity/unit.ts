declare const unit: unique symbol;

/** A number that remembers its unit while types are checked; at run time it is a plain number. */
export type Quantity<U extends string> = number & { readonly [unit]: U };

/** Adds two quantities of one unit; grams and millilitres together do not compile. @public */
export const plus = <Q extends Quantity<string>>(a: Q, b: NoInfer<Q>): Q => (a + b) as Q;

/** Takes one quantity from another of the same unit. @public */
export const minus = <Q extends Quantity<string>>(a: Q, b: NoInfer<Q>): Q => (a - b) as Q;

/** One row of a unit table: what people write, and how much of the base unit it is. */
export type UnitRow = { readonly names: readonly string[]; readonly perUnit: number };

/** Looks a written unit up in a table, ignoring case, dots and a plural s. Undefined when it is not there. */
export function lookUpUnit<R extends UnitRow>(table: readonly R[], written: string): R | undefined {
  const plain = written.toLowerCase().replace(/\./g, '').replace(/\s+/g, ' ').trim();
  return table.find((row) => row.names.includes(plain) || row.names.includes(plain.replace(/s$/, '')));
}

/** Base units in one of a unit that is known to be in a table. Throws on one that is not: a fault of the caller. */
export function perUnitOf(table: readonly UnitRow[], unit: string): number {
  const row = lookUpUnit(table, unit);
  if (!row) throw new Error(`no unit ${unit}`);
  return row.perUnit;
}
