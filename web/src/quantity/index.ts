export { readAltitude } from "./altitude";
export {
  daysBetween,
  formatAltitude,
  formatDate,
  formatDateTime,
  formatDayTime,
  formatTime,
  formatVolume,
} from "./format";
export { countJars, JAR_SIZES, jarWord } from "./jars";
export { formatClock, formatMinutes, formatSpan } from "./time";
export { wholeNumber } from "./wholeNumber";
