/** Reading numbers as people write them, and writing them back in the ways of the house. Stored: mm and kg. */

import type { HouseWays } from './api/client';
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

const QUANTITIES = /(\d+(?:\.\d+)?(?:(?: × | x | to )\d+(?:\.\d+)?)*) (mm|kg)(?![\w²³/])/g;

/** A sentence of the server, which speaks in mm and kg, in the ways of the house or in others. */
export function inHouse(sentence: string, ways: HouseWays = house.ways): string {
  const { lengthUnit, massUnit, numbers } = ways;
  const changed = sentence.replace(QUANTITIES, (all: string, values: string, unit: string) => {
    const to = unit === 'mm' ? lengthUnit : massUnit;
    if (to === unit) {
      return all;
    }
    const scale = unit === 'mm' ? inches : pounds;
    return `${values.replace(/\d+(?:\.\d+)?/g, (n) => String(Number(scale(Number(n)).toFixed(2))))} ${to}`;
  });
  return numbers === 'comma' ? changed.replace(/(\d)\.(\d)/g, '$1,$2') : changed;
}

/** A figure of a check with as many places as tell it from its limit. */
export function figure(value: number): string {
  const size = Math.abs(value);
  return shown(value, size >= 20 ? 0 : size >= 2 ? 1 : 2);
}

/** How a figure's unit is shown, and what the figure is to be multiplied by for that. */
function scaleOf(unit: string): { word: string; scale: number } {
  const { lengthUnit, massUnit } = house.ways;
  switch (unit) {
    case '':
      return { word: '%', scale: 100 };
    case 'cm2':
      return { word: 'cm²', scale: 1 };
    case 'mm':
      return { word: lengthUnit, scale: lengthUnit === 'in' ? inches(1) : 1 };
    case 'kg':
      return { word: massUnit, scale: massUnit === 'lb' ? pounds(1) : 1 };
    default:
      return { word: unit, scale: 1 };
  }
}

/** Demand of limit with their unit, a fraction as percent. */
export function demandOfLimit(demand: number, limit: number | null, unit: string): string {
  const { word, scale } = scaleOf(unit);
  return limit === null
    ? `${figure(demand * scale)} ${word}, limit not known`
    : `${figure(demand * scale)} of ${figure(limit * scale)} ${word}`;
}

export function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
}

export function dayAndClock(iso: string): string {
  const date = new Date(iso);
  return `${date.toLocaleDateString([], { day: 'numeric', month: 'short', year: 'numeric' })}, ${clock(iso)}`;
}

/** Inches to the nearest sixteenth, as a tape shows them. */
export function sixteenths(mm: number): string {
  const all = Math.round((mm / 25.4) * 16);
  const whole = Math.floor(all / 16);
  let top = all % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const fraction = top > 0 ? `${top}/${bottom}` : '';
  return whole > 0 || !fraction ? [String(whole), fraction].filter(Boolean).join(' ') : fraction;
}
