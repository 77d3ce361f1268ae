import { unitIn } from './logger-csv';

test.each([
  ['Fridge °C', 'C'],
  ['Fridge (F)', 'F'],
  ['Freezer temp', null],
  ['temperature', null],
  ['Temp_F', 'F'],
  ['Temp_C', 'C'],
  ['Fahrenheit', 'F'],
  ['Celsius(front)', 'C'],
  ['Probe deg F', 'F'],
  ['T °F', 'F'],
  ['Shelf F', 'F'],
  ['Front', null],
])('a column “%s” says %p', (column, unit) => expect(unitIn(column)).toBe(unit));
