export { readAltitude } from "./altitude";
export {
  dayOf,
  daysBetween,
  forInput,
  formatAltitude,
  formatDate,
  formatDateTime,
  formatDayTime,
  formatFeet,
  formatTime,
  formatToday,
  formatVolume,
  formatWhole,
  fromInput,
} from "./format";
export { countJars, JAR_SIZES, jarWord } from "./jars";
export { formatInches, formatInchSpan, withLengths } from "./length";
export { type DateOrder, type Notation, notation, notationOf, usualPaper, writeAs } from "./notation";
export { type Bounds, readNumber } from "./readNumber";
export { formatClock, formatMinutes, formatSpan } from "./time";
export { wholeNumber } from "./wholeNumber";
export { byTheKitchensClock, deviceAhead, goByZone, instantOf } from "./zone";
