/** Reading numbers as people write them, and writing them back in the ways of the house. Stored: mm and kg. */

import { house } from './house.svelte';
import { fieldReason } from './messages';

export type Reading = { value: number } | { reason: string };

const LENGTH: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  ft: 304.8,
  "'": 304.8
};
/** Hours in a year of 365.25 days. */
export const HOURS_A_YEAR = 24 * 365.25;
export const KG_PER_LB = 0.45359237;
export const MM_PER_IN = 25.4;
const MASS: Record<string, number> = { kg: 1, g: 0.001, lb: KG_PER_LB, lbs: KG_PER_LB, oz: KG_PER_LB / 16 };

export const pounds = (kg: number): number => kg / KG_PER_LB;

/** 1,500 may be one and a half or fifteen hundred: where the house writes a point, it is asked for. */
const THOUSANDS = /\d,\d{3}(?!\d)/;

const NUMBER = String.raw`[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?`;
const FRACTION = String.raw`\d+\s*\/\s*\d+`;
const PART = new RegExp(String.raw`^\s*(?:(${NUMBER})[\s-]+)?(${FRACTION}|${NUMBER})\s*([a-z"'”″′]*)`, 'i');

function plain(text: string): number {
  return Number(text.replace(',', '.'));
}

function amount(whole: string | undefined, last: string): number {
  const [top, bottom] = last.split('/');
  const part = bottom === undefined ? plain(last) : plain(top!) / plain(bottom);
  return (whole === undefined ? 0 : plain(whole)) + part;
}

function unclear(text: string): Reading | null {
  return house.ways.numbers === 'point' && THOUSANDS.test(text)
    ? { reason: fieldReason('twoWays', text.trim()) }
    : null;
}

/** A number without a unit is in the unit of the house. */
function read(text: string, units: Record<string, number>, bare: string, what: string, example: string): Reading {
  let rest = text.trim();
  if (rest === '') {
    return { reason: fieldReason('empty', what, example) };
  }
  const twoWays = unclear(rest);
  if (twoWays) {
    return twoWays;
  }
  let sum = 0;
  let parts = 0;
  while (rest !== '') {
    const match = PART.exec(rest);
    const whole = match?.[1];
    const last = match?.[2];
    // "9 7" is no number: a whole part is followed by a fraction only.
    if (!match || last === undefined || (whole !== undefined && !last.includes('/'))) {
      return { reason: fieldReason('unreadable', text.trim(), what, example) };
    }
    const unit = match[3]!.toLowerCase().replace(/[”″]/, '"').replace('′', "'");
    const factor =
      unit === '' ? (parts === 0 && rest.length === match[0].length ? units[bare] : undefined) : units[unit];
    if (factor === undefined) {
      return {
        reason: unit ? fieldReason('unknownUnit', unit, what, example) : fieldReason('lacksUnit', text.trim(), example)
      };
    }
    sum += amount(whole, last) * factor;
    parts += 1;
    rest = rest.slice(match[0].length).trim();
  }
  return Number.isFinite(sum) ? { value: sum } : { reason: fieldReason('unreadable', text.trim(), what, example) };
}

export const readLength = (text: string): Reading =>
  read(text, LENGTH, house.ways.lengthUnit, 'a length', '38 mm, 3.8 cm or 1 1/2 in');
export const readMass = (text: string): Reading =>
  read(text, MASS, house.ways.massUnit, 'a mass', '4.8 kg or 9 lb 7 oz');

/** Edge crush is stored as boards are sold by, in lb/in; one kN/m in it. */
export const LB_PER_IN_PER_KN_PER_M = 5.710147162769201;

/**
 * What else is measured: the unit of metric houses and that of houses of inches or pounds, and what one of each unit is in what is stored,
 * which is kPa, cm², 1/kPa, kg/m³, N, lb/in, g/m², m², m, N m, l, m/s and cm³/kg; limits of a board's grade are kept as they are printed on it, in
 * lb and in. One that is {@code weighed} goes by the unit of masses, all others by that of lengths.
 */
const MEASURES = {
  stress: { what: 'a stress', metric: 'kPa', other: 'psi', units: { kpa: 1, psi: 6.894757293168361 } },
  area: {
    what: 'an area',
    metric: 'cm²',
    other: 'in²',
    units: { 'cm²': 1, cm2: 1, 'mm²': 0.01, mm2: 0.01, 'in²': 6.4516, in2: 6.4516 }
  },
  /** Of the law of a foam. */
  perStress: {
    what: 'a growth with energy',
    metric: '1/kPa',
    other: '1/psi',
    units: { '1/kpa': 1, '1/psi': 1 / 6.894757293168361 }
  },
  density: {
    what: 'a density',
    metric: 'kg/m³',
    other: 'lb/ft³',
    units: { 'kg/m³': 1, 'kg/m3': 1, 'lb/ft³': 16.018463373960142, 'lb/ft3': 16.018463373960142 }
  },
  force: { what: 'a force', metric: 'N', other: 'lbf', units: { n: 1, lbf: 4.4482216152605, lb: 4.4482216152605 } },
  moment: {
    what: 'a moment',
    metric: 'N m',
    other: 'lbf in',
    units: { 'n m': 1, nm: 1, 'lbf in': 0.1129848290276167, 'lb in': 0.1129848290276167 }
  },
  edgeCrush: {
    what: 'an edge crush strength',
    metric: 'kN/m',
    other: 'lb/in',
    units: { 'lb/in': 1, 'kn/m': LB_PER_IN_PER_KN_PER_M, 'n/mm': LB_PER_IN_PER_KN_PER_M }
  },
  grammage: {
    what: 'a mass by area',
    metric: 'g/m²',
    other: 'lb/1000 ft²',
    units: { 'g/m²': 1, 'g/m2': 1, 'lb/1000 ft²': 4.88242763638305, 'lb/1000 ft2': 4.88242763638305 }
  },
  board: { what: 'an area', metric: 'm²', other: 'ft²', units: { 'm²': 1, m2: 1, 'ft²': 0.09290304, ft2: 0.09290304 } },
  way: { what: 'a length', metric: 'm', other: 'ft', units: { m: 1, ft: 0.3048 } },
  volume: { what: 'a volume', metric: 'l', other: 'ft³', units: { l: 1, 'ft³': 28.316846592, ft3: 28.316846592 } },
  velocity: { what: 'a change of velocity', metric: 'm/s', other: 'in/s', units: { 'm/s': 1, 'in/s': 0.0254 } },
  /** Volume that is charged as a unit of mass. */
  divisor: {
    what: 'a volume to a mass',
    metric: 'cm³/kg',
    other: 'in³/lb',
    units: {
      'cm³/kg': 1,
      'cm3/kg': 1,
      'in³/lb': 16.387064 / KG_PER_LB,
      'in3/lb': 16.387064 / KG_PER_LB
    }
  },
  gradeMass: { what: 'a mass', metric: 'kg', other: 'lb', units: { lb: 1, kg: 1 / KG_PER_LB }, weighed: true },
  gradeSum: { what: 'a length', metric: 'mm', other: 'in', units: { in: 1, mm: 1 / MM_PER_IN, cm: 10 / MM_PER_IN } }
} as const;

export type Measure = keyof typeof MEASURES;

/** In which unit the house has it. */
export function unitOf(measure: Measure): string {
  const known = MEASURES[measure];
  const other = 'weighed' in known ? house.ways.massUnit === 'lb' : house.ways.lengthUnit === 'in';
  return other ? known.other : known.metric;
}

const factor = (measure: Measure, unit: string): number | undefined =>
  (MEASURES[measure].units as Record<string, number>)[unit.toLowerCase()];

/** A stored figure as a number in the unit of the house. */
export const numberOf = (measure: Measure, stored: number): number => stored / factor(measure, unitOf(measure))!;

/** Without its unit; so many decimals where the house is metric, as many as tell it apart where not. */
export function measureIn(measure: Measure, stored: number, decimals?: number): string {
  const value = numberOf(measure, stored);
  if (decimals === undefined) {
    return figure(value);
  }
  return unitOf(measure) === MEASURES[measure].metric ? shown(value, decimals) : distinct(value, decimals);
}

/** Three digits that count, and no fewer decimals than these. */
function distinct(value: number, decimals: number): string {
  const size = Math.abs(value);
  return shown(value, Math.max(decimals, size === 0 ? 0 : Math.max(0, 2 - Math.floor(Math.log10(size)))));
}

/** With as many places as it needs, and its unit. */
export const said = (measure: Measure, stored: number, decimals?: number): string =>
  `${measureIn(measure, stored, decimals)} ${unitOf(measure)}`;

/** A figure of one of these with its unit, or without in that of the house. */
export function readMeasure(measure: Measure, text: string): Reading {
  const match = new RegExp(`^(${NUMBER})\\s*(.*)$`, 'i').exec(text.trim());
  const { what } = MEASURES[measure];
  const example = `4.8 ${unitOf(measure)}`;
  if (!match) {
    return {
      reason:
        text.trim() === '' ? fieldReason('empty', what, example) : fieldReason('unreadable', text.trim(), what, example)
    };
  }
  const unclearly = unclear(match[1]!);
  if (unclearly) {
    return unclearly;
  }
  const unit = match[2] === '' ? unitOf(measure) : match[2]!;
  const by = factor(measure, unit);
  return by === undefined
    ? { reason: fieldReason('unknownUnit', unit, what, example) }
    : { value: plain(match[1]!) * by };
}

/** A number with its own unit or none. */
export function readNumber(text: string, unit: string): Reading {
  const bare = text.trim();
  const stripped = unit && bare.toLowerCase().endsWith(unit.toLowerCase()) ? bare.slice(0, -unit.length) : bare;
  if (!new RegExp(`^${NUMBER}$`, 'i').test(stripped.trim())) {
    return { reason: bare === '' ? fieldReason('noNumber') : fieldReason('notANumber', bare) };
  }
  return unclear(stripped) ?? { value: plain(stripped.trim()) };
}

function localized(text: string): string {
  return house.ways.numbers === 'comma' ? text.replace('.', ',') : text;
}

/** At most so many decimals, no trailing zeros, with the decimal sign of the house. */
export function shown(value: number, decimals = 2): string {
  const text = value.toFixed(decimals);
  return localized(text.includes('.') ? text.replace(/\.?0+$/, '') : text);
}

const inches = (mm: number): number => mm / LENGTH['in']!;

/** What stands in a field or on a drawing: a stored length in the unit of the house, without the unit. */
export function lengthIn(mm: number, decimals = 2): string {
  return house.ways.lengthUnit === 'in' ? shown(inches(mm), 2) : shown(mm, decimals);
}

/** A stored mass as a number in the unit of the house. */
export const massNumber = (kg: number): number => (house.ways.massUnit === 'lb' ? pounds(kg) : kg);

export function massIn(kg: number, decimals = 2): string {
  return shown(massNumber(kg), house.ways.massUnit === 'lb' ? 2 : decimals);
}

/** A length with its unit. */
export const length = (mm: number, decimals = 1): string => `${lengthIn(mm, decimals)} ${house.ways.lengthUnit}`;

/** A mass with its unit. */
export const mass = (kg: number, decimals = 2): string => `${massIn(kg, decimals)} ${house.ways.massUnit}`;

/** Three edges with their unit. */
export function sizeText(mm: { length: number; width: number; height: number }, decimals = 0): string {
  const edges = [mm.length, mm.width, mm.height].map((edge) => lengthIn(edge, decimals));
  return `${edges.join(' × ')} ${house.ways.lengthUnit}`;
}

/** A figure of a check with as many places as tell it from its limit. */
export function figure(value: number): string {
  const size = Math.abs(value);
  return shown(value, size >= 20 ? 0 : size >= 2 ? 1 : 2);
}

/** A stress with its unit, as the house reads it. */
export const stress = (kpa: number): string => said('stress', kpa);

/** An area with its unit. */
export const area = (cm2: number): string =>
  house.ways.lengthUnit === 'in' ? said('area', cm2) : said('area', cm2, 0);

/** An amount of money with the currency of the house. */
export const money = (amount: number): string => `${localized(amount.toFixed(2))} ${house.ways.currency}`.trim();

/** A price by the kilogram, as it is by the unit of the house; and the other way round. */
export const perMass = (byKg: number): number => byKg / massNumber(1);
export const perKg = (byMass: number): number => byMass * massNumber(1);

/** A price by the stored unit, as it is by the unit of the house; and the other way round. */
export const per = (measure: Measure, price: number): number => price / numberOf(measure, 1);
export const perStored = (measure: Measure, price: number): number => price * numberOf(measure, 1);

/** Demand of limit with their unit, as the server says them. */
export function demandOfLimit(said: { demand: string; limit: string | null; unit: string }): string {
  return said.limit === null
    ? `${said.demand} ${said.unit}, limit not known`
    : `${said.demand} of ${said.limit} ${said.unit}`;
}

/** The unit of a figure of a formula, which is computed in core's units, as it is written. */
export const inFormula = (unit: string): string => unit.replace('cm2', 'cm²');

/** A figure of a formula: five digits of it, without zeros that say nothing. */
export function exact(value: number): string {
  const text = value.toPrecision(5);
  return localized(text.includes('e') ? text : String(Number(text)));
}

export function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
}

export function dayAndClock(iso: string): string {
  const date = new Date(iso);
  return `${date.toLocaleDateString([], { day: 'numeric', month: 'short', year: 'numeric' })}, ${clock(iso)}`;
}

const PARTS_OF_AN_INCH = 32;

/** Inches to the nearest 1/32, as a tape shows them. */
export function onATape(mm: number): string {
  const all = Math.round((mm / MM_PER_IN) * PARTS_OF_AN_INCH);
  const whole = Math.floor(all / PARTS_OF_AN_INCH);
  let top = all % PARTS_OF_AN_INCH;
  let bottom = PARTS_OF_AN_INCH;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const fraction = top > 0 ? `${top}/${bottom}` : '';
  return whole > 0 || !fraction ? [String(whole), fraction].filter(Boolean).join(' ') : fraction;
}
