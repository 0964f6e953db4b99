/** Reading numbers as people write them, and writing them back. Lengths in mm, masses in kg. */

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
const KG_PER_LB = 0.45359237;
const MASS: Record<string, number> = { kg: 1, g: 0.001, lb: KG_PER_LB, lbs: KG_PER_LB, oz: KG_PER_LB / 16 };

export const pounds = (kg: number): number => kg / KG_PER_LB;

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

function read(text: string, units: Record<string, number>, what: string, example: string): Reading {
  let rest = text.trim();
  if (rest === '') {
    return { reason: `give ${what}, such as ${example}` };
  }
  let sum = 0;
  let parts = 0;
  while (rest !== '') {
    const match = PART.exec(rest);
    const whole = match?.[1];
    const last = match?.[2];
    // "9 7" is no number: a whole part is followed by a fraction only.
    if (!match || last === undefined || (whole !== undefined && !last.includes('/'))) {
      return { reason: `"${text.trim()}" is not ${what}; write it like ${example}` };
    }
    const unit = match[3]!.toLowerCase().replace(/[”″]/, '"').replace('′', "'");
    const factor = unit === '' ? (parts === 0 && rest.length === match[0].length ? 1 : undefined) : units[unit];
    if (factor === undefined) {
      return {
        reason: unit ? `"${unit}" is not a unit of ${what}; write it like ${example}` : `"${text.trim()}" lacks a unit`
      };
    }
    sum += amount(whole, last) * factor;
    parts += 1;
    rest = rest.slice(match[0].length).trim();
  }
  return Number.isFinite(sum) ? { value: sum } : { reason: `"${text.trim()}" is not ${what}` };
}

export const readLength = (text: string): Reading => read(text, LENGTH, 'a length', '38, 3.8 cm or 1 1/2 in');
export const readMass = (text: string): Reading => read(text, MASS, 'a mass', '4.8 or 9 lb 7 oz');

/** A number with its own unit or none. */
export function readNumber(text: string, unit: string): Reading {
  const bare = text.trim();
  const stripped = unit && bare.toLowerCase().endsWith(unit.toLowerCase()) ? bare.slice(0, -unit.length) : bare;
  if (!new RegExp(`^${NUMBER}$`, 'i').test(stripped.trim())) {
    return { reason: bare === '' ? 'give a number' : `"${bare}" is not a number` };
  }
  return { value: plain(stripped.trim()) };
}

/** At most so many decimals, no trailing zeros. */
export function shown(value: number, decimals = 2): string {
  const text = value.toFixed(decimals);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}

/** A figure of a check with as many places as tell it from its limit. */
export function figure(value: number): string {
  const size = Math.abs(value);
  return shown(value, size >= 20 ? 0 : size >= 2 ? 1 : 2);
}

/** Demand of limit with their unit, a fraction as percent. */
export function demandOfLimit(demand: number, limit: number | null, unit: string): string {
  const scale = unit === '' ? 100 : 1;
  const word = unit === '' ? '%' : unit === 'cm2' ? 'cm²' : unit;
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
