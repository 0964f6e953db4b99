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

const KPA_PER_PSI = 6.894757293168361;
const CM2_PER_IN2 = 6.4516;

/** A stress with its unit, as the house reads it. */
export const stress = (kpa: number): string =>
  house.ways.lengthUnit === 'in' ? `${figure(kpa / KPA_PER_PSI)} psi` : `${figure(kpa)} kPa`;

/** An area with its unit. */
export const area = (cm2: number): string =>
  house.ways.lengthUnit === 'in' ? `${figure(cm2 / CM2_PER_IN2)} in²` : `${shown(cm2, 0)} cm²`;

/** Demand of limit with their unit, as the server says them. */
export function demandOfLimit(said: { demand: string; limit: string | null; unit: string }): string {
  return said.limit === null
    ? `${said.demand} ${said.unit}, limit not known`
    : `${said.demand} of ${said.limit} ${said.unit}`;
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
