import { inchesToCm } from './lengths';
import type { ShopUnits } from './shop-units';
import { fahrenheitToCelsius } from './temperature';
import { ouncesToGrams } from './weights';

/** What a figure is of: its unit follows from it and from how the shop reads its figures. */
export type QuantityKind = 'mass' | 'temperature' | 'length' | 'thickness';

/** The unit that a plain number stands for in a shop, and the one that the core counts in. */
export function unitOf(
  kind: QuantityKind,
  units: Pick<ShopUnits, 'massUnit' | 'tempUnit' | 'lengthUnit'>,
): 'g' | 'oz' | '°C' | '°F' | 'cm' | 'mm' | 'in' {
  switch (kind) {
    case 'mass':
      return units.massUnit;
    case 'temperature':
      return units.tempUnit === 'F' ? '°F' : '°C';
    case 'length':
      return units.lengthUnit;
    case 'thickness':
      return units.lengthUnit === 'in' ? 'in' : 'mm';
  }
}

type Unit = ReturnType<typeof unitOf> | 'kg' | 'lb';

/** Units as people type them. */
const SPELLINGS: Readonly<Record<QuantityKind, Readonly<Record<string, Unit>>>> = {
  mass: { g: 'g', gr: 'g', gram: 'g', grams: 'g', kg: 'kg', oz: 'oz', lb: 'lb', lbs: 'lb' },
  temperature: { '°': '°C', c: '°C', '°c': '°C', f: '°F', '°f': '°F' },
  length: { cm: 'cm', mm: 'mm', in: 'in', '"': 'in', '″': 'in' },
  thickness: { cm: 'cm', mm: 'mm', in: 'in', '"': 'in', '″': 'in' },
};

const toMetric: Readonly<Record<Unit, (value: number) => number>> = {
  g: (value) => value,
  kg: (value) => value * 1000,
  oz: ouncesToGrams,
  lb: (value) => ouncesToGrams(value * 16),
  '°C': (value) => value,
  '°F': fahrenheitToCelsius,
  cm: (value) => value,
  mm: (value) => value / 10,
  in: inchesToCm,
};

const PART = /^([-−]?(?:\d+(?:[.,]\d*)?|[.,]\d+))\s*([a-z°"″]*)\s*/;

/**
 * A figure as somebody typed it, with its unit or with the shop’s: “250”, “8.5 oz”, “1 lb 2 oz”, “70 f”, “12"”.
 * @returns g, °C, cm, or mm for a thickness; null where it is not such a figure
 */
export function readQuantity(
  text: string,
  kind: QuantityKind,
  units: Pick<ShopUnits, 'massUnit' | 'tempUnit' | 'lengthUnit'>,
): number | null {
  const parts = partsOf(text.trim().toLowerCase(), kind, units);
  // Only a weight is said in two parts, “1 lb 2 oz”, each with its unit.
  const many = parts.length > 1;
  if (parts.length === 0 || (many && (kind !== 'mass' || parts.some((one) => one.bare)))) {
    return null;
  }
  const sum = parts.reduce((all, one) => all + one.metric, 0);
  if (!Number.isFinite(sum)) return null;
  return kind === 'thickness' ? sum * 10 : sum;
}

interface Part {
  readonly metric: number;
  /** Without a unit of its own. */
  readonly bare: boolean;
}

/** Each number with its unit; none where anything else stands between them. */
function partsOf(text: string, kind: QuantityKind, units: Parameters<typeof unitOf>[1]): Part[] {
  const parts: Part[] = [];
  let rest = text;
  while (rest !== '') {
    const [all = '', digits = '', word = ''] = PART.exec(rest) ?? [];
    const bare = word === '' || word === '°';
    const unit = bare ? unitOf(kind, units) : SPELLINGS[kind][word];
    if (digits === '' || unit === undefined) return [];
    parts.push({
      metric: toMetric[unit](Number(digits.replace(',', '.').replace('−', '-'))),
      bare,
    });
    rest = rest.slice(all.length);
  }
  return parts;
}
