export { type OunceMeaning, parseAmount } from './amount';
export { formatDuration, MINUTES_PER_DAY, type Minutes, minutes, MS_PER_HOUR, MS_PER_MINUTE, parseDuration } from './duration';
export { groupBy } from './group';
export { atPath, fail, type Issue, type IssueCode, ok, type Result } from './issue';
export { type Millimetres, millimetres, parseLength, parseSizes } from './length';
export { formatMass, type Grams, grams, gramsPer, parseMass, parseMassOrNone } from './mass';
export { formatMoney, type Minor, parseMoney, toMajor } from './money';
export { checkPositive, parseNumber, parsePositive } from './number';
export {
  type Celsius,
  celsius,
  formatTemperature,
  GAS_CONSTANT,
  parseHumidity,
  parseTemperature,
  toCelsius,
  toKelvin,
} from './temperature';
export { minus, plus, type Quantity } from './unit';
export {
  formatVolume,
  type GramsPerMl,
  massOf,
  type Millilitres,
  millilitres,
  millilitresPer,
  parseVolume,
  volumeOf,
} from './volume';
export {
  MS_PER_DAY,
  addDays,
  addMonths,
  dateOf,
  dayOfWeek,
  daysBetween,
  formatInstant,
  instantOf,
  isZone,
  wallClock,
} from './zoned';
