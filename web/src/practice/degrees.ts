/** A temperature as this kitchen measures it: the rulings go by pressure, so this is for pictures only. */
export function degrees(celsius: number, metric: boolean): string {
  return metric ? `${Math.round(celsius)} °C` : `${Math.round((celsius * 9) / 5 + 32)} °F`;
}

/** A difference, such as how much cooler steam with air is. */
export function degreesLess(celsius: number, metric: boolean): string {
  const value = metric ? celsius : (celsius * 9) / 5;
  return `${value.toFixed(1)} ${metric ? "°C" : "°F"}`;
}
