import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/quantity';
import { noise } from './line';

/** How a practice logger writes its file. */
export type LoggerStyle = {
  readonly delimiter: ',' | ';' | '\t';
  readonly decimal: '.' | ',';
  readonly order: 'iso' | 'day-first' | 'month-first';
  readonly unit: 'C' | 'F';
};
type Options = {
  readonly seed: number;
  readonly fromMs: number;
  readonly untilMs: number;
  readonly everyMin: number;
  readonly meanC: number;
  readonly rh: number;
  /** How much midsummer and midwinter differ from the mean of the year, °C; the mean given is that of the last day. */
  readonly seasonC?: number;
  readonly style: LoggerStyle;
  /** Hours after the start at which it was lost, and for how long. */
  readonly gap?: { readonly afterHours: number; readonly hours: number };
  /** Hours after the start at which its battery went flat. */
  readonly flatAfterHours?: number;
  /** How far its clock is ahead, minutes. */
  readonly clockAheadMin?: number;
};

/** −1 at midwinter, 1 at midsummer, north of the equator. */
const season = (ms: number): number => -Math.cos(((ms / (24 * MS_PER_HOUR) - 15) / 365.25) * 2 * Math.PI);
const pad = (value: number): string => String(value).padStart(2, '0');

/** A wall clock as a logger writes it; it knows no zone but its own, given as an offset. */
function written(ms: number, order: LoggerStyle['order']): string {
  const at = new Date(ms);
  const [y, m, d] = [at.getUTCFullYear(), pad(at.getUTCMonth() + 1), pad(at.getUTCDate())];
  const time = `${pad(at.getUTCHours())}:${pad(at.getUTCMinutes())}`;
  return order === 'iso' ? `${y}-${m}-${d} ${time}` : order === 'day-first' ? `${d}.${m}.${y} ${time}` : `${m}/${d}/${y} ${time}`;
}

/** A room logger that is not there: days and nights of a room as a file, with what loggers do wrong. Its wall clock is UTC. */
export function loggerFile({
  seed,
  fromMs,
  untilMs,
  everyMin,
  meanC,
  rh,
  seasonC = 0,
  style,
  gap,
  flatAfterHours,
  clockAheadMin = 0,
}: Options): string {
  const random = noise(seed);
  const show = (value: number, digits: number): string => value.toFixed(digits).replace('.', style.decimal);
  const lines = [['Date/Time', style.unit === 'F' ? 'Temp °F' : 'Temp °C', 'RH %'].join(style.delimiter)];
  for (let ms = fromMs; ms <= untilMs; ms += everyMin * MS_PER_MINUTE) {
    const hours = (ms - fromMs) / MS_PER_HOUR;
    if (flatAfterHours !== undefined && hours > flatAfterHours) break;
    if (gap && hours > gap.afterHours && hours < gap.afterHours + gap.hours) continue;
    const swing = Math.sin((((ms / MS_PER_HOUR) % 24) - 9) * (Math.PI / 12));
    const tempC = meanC + seasonC * (season(ms) - season(untilMs)) + 2 * swing + (random() - 0.5) * 0.4;
    const share = rh - 0.04 * swing + (random() - 0.5) * 0.01;
    const temp = style.unit === 'F' ? (tempC * 9) / 5 + 32 : tempC;
    lines.push(
      [written(ms + clockAheadMin * MS_PER_MINUTE, style.order), show(temp, 1), show(share * 100, 1)].join(style.delimiter),
    );
  }
  return `${lines.join('\r\n')}\r\n`;
}
