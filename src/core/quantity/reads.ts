/** The units a shop's scale, jug, thermometer and rule are read in, and that a bare number is typed in. */
export const READS = {
  mass: ['g', 'oz'],
  volume: ['ml', 'us', 'imperial'],
  temperature: ['C', 'F'],
  length: ['mm', 'in'],
} as const;

export type Reads = { readonly [K in keyof typeof READS]: (typeof READS)[K][number] };

/** What is kept, exchanged and reckoned with, whatever is read. */
export const BASE_READS: Reads = { mass: 'g', volume: 'ml', temperature: 'C', length: 'mm' };

// One shop, one way of reading: a browser learns it with its page, a server with its file. Nothing that is stored goes by it.
const held = globalThis as { rendleReads?: Reads };

/** The units read now. */
export const reads = (): Reads => held.rendleReads ?? BASE_READS;

/** From now on quantities are said and bare numbers understood in these units. */
export function readIn(units: Reads): void {
  held.rendleReads = units;
}

/** Says or understands something in given units, once. */
export function inUnits<T>(units: Reads, read: () => T): T {
  const before = held.rendleReads;
  held.rendleReads = units;
  try {
    return read();
  } finally {
    if (before) held.rendleReads = before;
    else delete held.rendleReads;
  }
}

/** What a file or a device says is in base units, whatever the shop reads. */
export const inBaseUnits = <T>(read: () => T): T => inUnits(BASE_READS, read);
