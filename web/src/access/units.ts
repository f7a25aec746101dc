export const LENGTH_UNITS = [
  { value: 'INCH', words: 'Inches' },
  { value: 'MILLIMETRE', words: 'Millimetres' },
] as const;

export const TEMPERATURE_UNITS = [
  { value: 'FAHRENHEIT', words: 'Fahrenheit' },
  { value: 'CELSIUS', words: 'Celsius' },
] as const;
