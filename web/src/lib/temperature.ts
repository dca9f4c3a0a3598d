/** Degrees as a cook writes them; the kitchen keeps °C. */
export const toFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

export const toCelsius = (fahrenheit: number): number =>
  Math.round((fahrenheit - 32) / 0.018) / 100;

/** So many °C on the chosen scale. */
export const inDegrees = (celsius: number, scale: "C" | "F"): number =>
  scale === "F" ? toFahrenheit(celsius) : celsius;
