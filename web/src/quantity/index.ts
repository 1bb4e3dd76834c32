export { readAltitude } from "./altitude";
export {
  dayOf,
  daysBetween,
  forInput,
  formatAltitude,
  formatDate,
  formatDateTime,
  formatDayTime,
  formatTime,
  formatToday,
  formatVolume,
  formatWhole,
} from "./format";
export { countJars, JAR_SIZES, jarWord } from "./jars";
export { type DateOrder, type Notation, notation, notationOf, writeAs } from "./notation";
export { type Bounds, readNumber } from "./readNumber";
export { formatClock, formatMinutes, formatSpan } from "./time";
export { wholeNumber } from "./wholeNumber";
