/** Temperature in degrees Celsius as degrees Fahrenheit. */
export const celsiusToFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

/** Temperature in degrees Fahrenheit as degrees Celsius. */
export const fahrenheitToCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;
