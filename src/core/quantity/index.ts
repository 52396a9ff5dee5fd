export { type OunceMeaning, parseAmount, parseMeasured } from './amount';
export { MINUTES_PER_DAY, MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE, parseDuration } from './duration';
export { groupBy } from './group';
export { atPath, fail, type Issue, type IssueCode, ok, type Result } from './issue';
export { parseLength, parseSizes, typedLength } from './length';
export { type Grams, gramsPer, parseMass, parseMassOrNone } from './mass';
export { parseMoment, type TimeLean } from './moment';
export { CURRENCIES, formatMoney, type Minor, parseMoney, toMajor } from './money';
export { parseNonNegative, parseNumber, parsePositive } from './number';
export { BASE_READS, READS, type Reads } from './reads';
export { figure, figureDown, say, sayMark, sayMinutes, sayOther, saySizes, signOf, typedAs, type Written } from './say';
export { parseArea } from './surface';
export { type Celsius, GAS_CONSTANT, parseHumidity, parseTemperature, toCelsius, toKelvin } from './temperature';
export { typedText, withoutEnd } from './typed';
export { millilitresPer, parseVolume } from './volume';
export {
  addDays,
  addMonths,
  dateOf,
  dayOfWeek,
  daysBetween,
  formatInstant,
  instantOf,
  isZone,
  shownAgain,
  wallClock,
} from './zoned';
