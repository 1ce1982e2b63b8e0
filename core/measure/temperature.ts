/**
 * Temperature in degrees Celsius as degrees Fahrenheit.
 *
 * @example celsiusToFahrenheit(24) // = 75.2
 */
export const celsiusToFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

/** Temperature in degrees Fahrenheit as degrees Celsius. */
export const fahrenheitToCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;
