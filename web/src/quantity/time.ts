/** A running clock in milliseconds: '1:12:40', '6:15', '0:09'. A started second counts, so zero is really over. */
export function formatClock(milliseconds: number): string {
  const seconds = Math.max(0, Math.ceil(milliseconds / 1000));
  const [hours, minutes, rest] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (value: number) => String(value).padStart(2, "0");
  return hours > 0 ? `${hours}:${two(minutes)}:${two(rest)}` : `${minutes}:${two(rest)}`;
}

/** As {@link formatClock}, in minutes and seconds however many: '89:59'. Times at pressure are minutes to everybody, and so it stays narrow. */
export function formatMinutes(milliseconds: number): string {
  const seconds = Math.max(0, Math.ceil(milliseconds / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}

/** A span in milliseconds in words: '2 h 5 min', '7 min', 'less than a minute'. */
export function formatSpan(milliseconds: number): string {
  const minutes = Math.floor(Math.abs(milliseconds) / 60_000);
  if (minutes < 1) {
    return "less than a minute";
  }
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return hours === 0 ? `${minutes} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
