import { gramsPer } from '@/core/quantity';

/**
 * The plain line protocol of the house's devices: one reading a line, `name=number;unit=…;rest=0|1`, or the word `over`.
 * `mass=123.4;unit=g;rest=1` · `temp=65.2;unit=C;rest=1` · `over`. A device takes the word `tare`.
 */
export type Line =
  | { readonly kind: 'reading'; readonly value: number; readonly stable: boolean }
  | { readonly kind: 'overload' }
  | { readonly kind: 'garbage' };

/** Units a scale may speak in. */
const SCALE_UNITS: readonly string[] = ['g', 'kg', 'oz', 'lb'];

const convert = (name: string, value: number, unit: string): number | null => {
  if (name === 'mass' && SCALE_UNITS.includes(unit)) return value * gramsPer(unit);
  if (name === 'temp' && unit === 'C') return value;
  return name === 'temp' && unit === 'F' ? ((value - 32) * 5) / 9 : null;
};

/** One line as it came over the wire: grams or °C, an overload, or nothing that can be read. */
export function readLine(text: string, wants: 'mass' | 'temp'): Line {
  if (text.trim() === 'over') return { kind: 'overload' };
  const match = /^(mass|temp)=([+-]?\d+(?:\.\d+)?);unit=([A-Za-z]+);rest=([01])$/.exec(text.trim());
  const [, name = '', number = '', unit = '', rest = ''] = match ?? [];
  const value = convert(name, Number(number), unit);
  if (!match || name !== wants || value === null) return { kind: 'garbage' };
  return { kind: 'reading', value, stable: rest === '1' };
}

/** What a device says to whoever follows it. */
export type DeviceEvent =
  | { readonly kind: 'reading'; readonly value: number; readonly stable: boolean; readonly atMs: number }
  | { readonly kind: 'overload' | 'garbage' | 'lost' | 'back'; readonly atMs: number };

/** A device as a screen uses it. `follow` reports until the function it gives back is called. */
export type DevicePort = {
  readonly name: string;
  readonly follow: (onEvent: (event: DeviceEvent) => void) => () => void;
  readonly tare: () => void;
};

/** Numbers that look random and are the same for the same seed. */
export function noise(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** What stands behind a line: something that is stepped in time and may say a line, or nothing while its cable is out. */
export type Sim = { readonly step: (ms: number) => string | null; readonly tare: () => void };

/** Lost when nothing was said for this long, ms. */
const SILENCE_MS = 700;

/** A port over something that speaks lines; `every` starts a beat and gives back how to stop it, `now` is the clock. */
export function linePort(
  name: string,
  wants: 'mass' | 'temp',
  sim: Sim,
  {
    every,
    now,
    beatMs,
  }: { readonly every: (run: () => void, ms: number) => () => void; readonly now: () => number; readonly beatMs: number },
): DevicePort {
  return {
    name,
    tare: sim.tare,
    follow: (onEvent) => {
      let silent = 0;
      let isLost = false;
      return every(() => {
        const text = sim.step(beatMs);
        const atMs = now();
        if (text === null) {
          silent += beatMs;
          if (silent >= SILENCE_MS && !isLost) {
            isLost = true;
            onEvent({ kind: 'lost', atMs });
          }
          return;
        }
        silent = 0;
        if (isLost) {
          isLost = false;
          onEvent({ kind: 'back', atMs });
        }
        const line = readLine(text, wants);
        onEvent(line.kind === 'reading' ? { ...line, atMs } : { kind: line.kind, atMs });
      }, beatMs);
    },
  };
}
