import { UNITS } from './units';

/** The units the core works in, for what people state of parts. */
export type Unit = 'mm' | 'kPa' | 'N m' | 'Wh' | 'kg' | 'ml' | 'links' | '%' | 'meter';

/** How many of the core's unit one of each written unit is. */
const WRITTEN: Record<Unit, Readonly<Record<string, number>>> = {
  mm: { '': 1, mm: 1, cm: 10, in: 25.4, '"': 25.4 },
  kPa: { '': 1, kpa: 1, bar: 100, psi: UNITS.psi[1] },
  'N m': {
    '': 1,
    nm: 1,
    'n m': 1,
    'n·m': 1,
    'in lbf': UNITS['in lbf'][1],
    'in lb': UNITS['in lbf'][1],
    'ft lbf': UNITS['ft lbf'][1],
    'ft lb': UNITS['ft lbf'][1],
  },
  Wh: { '': 1, wh: 1, kwh: 1000 },
  kg: { '': 1, kg: 1, lb: UNITS.lb[1], lbs: UNITS.lb[1] },
  ml: { '': 1, ml: 1, oz: 29.5735, l: 1000 },
  links: { '': 1, links: 1, link: 1 },
  '%': { '': 1, '%': 1 },
  // A spoke meter's own marks: they are no unit but on that meter.
  meter: { '': 1 },
};

/**
 * A number as people type it, decimal comma or point, spaces or apostrophes between thousands; null when
 * it is none. A comma and three digits is read as a decimal comma: nothing stated of a bike runs to thousands.
 */
export function readNumber(text: string): number | null {
  const bare = text.trim().replace(/(?<=\d)[\s'’](?=\d{3}\b)/g, '');
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(bare)) return null;
  const value = Number(bare.replace(',', '.'));
  return Number.isFinite(value) ? value : null;
}

/** A quantity typed with or without a unit ("3,5 bar", "50 psi", "1.55"), in the core's unit, to a millionth; null when it cannot be read. */
export function readQuantity(text: string, unit: Unit): number | null {
  const match = /^\s*([+-]?[\d.,'’\s]*\d[.,]?)\s*([a-z"%·\s]*)$/i.exec(text.replace(/N\.m/gi, 'N m'));
  if (!match) return null;
  const number = readNumber(match[1] ?? '');
  const factor = WRITTEN[unit][(match[2] ?? '').trim().toLowerCase().replace(/\s+/g, ' ')];
  return number === null || factor === undefined ? null : Math.round(number * factor * 1e6) / 1e6;
}
