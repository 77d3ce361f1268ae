/** Degrees Celsius as Fahrenheit. */
export function celsiusToFahrenheit(tempC: number): number {
  return tempC * 1.8 + 32;
}

/** Degrees Fahrenheit as Celsius; the inverse of {@link celsiusToFahrenheit}. */
export function fahrenheitToCelsius(tempF: number): number {
  return (tempF - 32) / 1.8;
}
