import { afterEach, describe, expect, it } from 'vitest';
import { house } from './house.svelte';
import {
  area,
  stress,
  demandOfLimit,
  figure,
  length,
  lengthIn,
  mass,
  readLength,
  readMass,
  readNumber,
  shown,
  money,
  onATape,
  readMeasure,
  per,
  perKg,
  perMass,
  perStored,
  said,
  sizeText
} from './units';

// Exact by definition: 1 in = 25.4 mm, 1 lb = 0.45359237 kg, 16 oz to the pound.
describe('lengths as people write them', () => {
  it.each([
    ['38', 38],
    ['38 mm', 38],
    [' 38mm ', 38],
    ['3.8 cm', 38],
    ['3,8 cm', 38],
    ['0.038 m', 38],
    ['1 1/2 in', 38.1],
    ['1-1/2"', 38.1],
    ['1.5"', 38.1],
    ['1.5″', 38.1],
    ['3/4 in', 19.05],
    ['2 ft 3 in', 685.8],
    ['2\' 3"', 685.8],
    ['.5', 0.5],
    ['-20', -20],
    ['1e2', 100]
  ])('reads %s as %d mm', (text, mm) => {
    const got = readLength(text);
    expect('value' in got && got.value).toBeCloseTo(mm, 9);
  });

  it.each(['', 'thick', '38 kg', '38 mm mm', '9 7', '1/0 in', '12 3/4 5', '--3', '3 ft 4'])(
    'refuses "%s" with a reason',
    (text) => {
      const got = readLength(text);
      expect('reason' in got && got.reason.length).toBeGreaterThan(10);
    }
  );
});

describe('masses as people write them', () => {
  it.each([
    ['4.8', 4.8],
    ['4800 g', 4.8],
    ['9 lb 7 oz', 9 * 0.45359237 + (7 * 0.45359237) / 16],
    ['1/2 lb', 0.226796185]
  ])('reads %s as %d kg', (text, kg) => {
    const got = readMass(text);
    expect('value' in got && got.value).toBeCloseTo(kg, 12);
  });

  it('refuses a length', () => {
    expect(readMass('12 mm')).toHaveProperty('reason');
  });
});

describe('plain numbers', () => {
  it('takes its own unit or none', () => {
    expect(readNumber('55 G', 'G')).toEqual({ value: 55 });
    expect(readNumber('55', 'G')).toEqual({ value: 55 });
    expect(readNumber('5,5', '')).toEqual({ value: 5.5 });
    expect(readNumber('55 kg', 'G')).toHaveProperty('reason');
  });
});

describe('figures on screen', () => {
  it('tells a figure with as many places as it needs', () => {
    expect(figure(62.4)).toBe('62');
    expect(figure(4.24)).toBe('4.2');
    expect(figure(0.375)).toBe('0.38');
    expect(shown(25.4)).toBe('25.4');
    expect(shown(200)).toBe('200');
  });

  it('says demand of limit as the server words them', () => {
    expect(demandOfLimit({ demand: '76', limit: '90', unit: '%' })).toBe('76 of 90 %');
    expect(demandOfLimit({ demand: '50', limit: null, unit: 'G' })).toBe('50 G, limit not known');
  });
});

describe('inches as a tape shows them', () => {
  it.each([
    [25.4, '1'],
    [0, '0'],
    [38.1, '1 1/2'],
    [6.35, '1/4'],
    [50.8 - 0.1, '2'],
    [451, '17 3/4'],
    [1.5875, '1/16'],
    [15, '19/32']
  ])('%s mm', (mm, text) => {
    expect(onATape(mm)).toBe(text);
  });
});

describe('the ways of the house', () => {
  const { ways } = house;
  afterEach(() => (house.ways = ways));

  it('shows lengths and masses in its units and reads bare numbers in them', () => {
    house.ways = { lengthUnit: 'in', massUnit: 'lb', numbers: 'point', currency: 'EUR' };
    expect(length(38.1)).toBe('1.5 in');
    expect(length(38)).toBe('1.5 in');
    expect(mass(4.5359237)).toBe('10 lb');
    expect(sizeText({ length: 254, width: 127, height: 12.7 })).toBe('10 × 5 × 0.5 in');
    expect(readLength('1 1/2')).toEqual({ value: expect.closeTo(38.1, 9) });
    expect(readLength('38 mm')).toEqual({ value: 38 });
    expect(readMass('10')).toEqual({ value: expect.closeTo(4.5359237, 9) });
    expect(stress(6.894757293168361)).toBe('1 psi');
    expect(area(64.516)).toBe('10 in²');
  });

  it('writes and reads a decimal comma', () => {
    house.ways = { lengthUnit: 'mm', massUnit: 'kg', numbers: 'comma', currency: 'EUR' };
    expect(shown(4.25)).toBe('4,25');
    expect(lengthIn(38.1)).toBe('38,1');
    expect(readLength('38,1')).toEqual({ value: 38.1 });
    expect(stress(3.1)).toBe('3,1 kPa');
  });

  it('asks where a comma may be either sign', () => {
    expect(readLength('1,500')).toHaveProperty('reason');
    expect(readNumber('1,500', 'G')).toHaveProperty('reason');
    expect(readLength('1,5')).toEqual({ value: 1.5 });
    house.ways = { ...ways, numbers: 'comma', currency: 'EUR' };
    expect(readLength('1,500')).toEqual({ value: 1.5 });
  });
});

// Exact by definition: 1 lbf = 4.4482216152605 N, 1 psi = 6.894757293168361 kPa, 1 ft = 0.3048 m, 1 lb = 0.45359237 kg.
describe('what else is measured, in the ways of the house', () => {
  afterEach(() => {
    house.ways = { ...house.ways, lengthUnit: 'mm', numbers: 'point' };
  });

  it.each([
    ['stress', 10, '10 kPa', '1.45 psi'],
    ['area', 100, '100 cm²', '15.5 in²'],
    ['density', 28, '28 kg/m³', '1.75 lb/ft³'],
    ['force', 100, '100 N', '22 lbf'],
    ['moment', 1, '1 N m', '8.9 lbf in'],
    ['edgeCrush', 44, '7.7 kN/m', '44 lb/in'],
    ['grammage', 730, '730 g/m²', '150 lb/1000 ft²'],
    ['board', 1, '1 m²', '10.8 ft²'],
    ['way', 3, '3 m', '9.8 ft'],
    ['perStress', 0.02, '0.02 1/kPa', '0.14 1/psi'],
    ['volume', 100, '100 l', '3.5 ft³'],
    ['velocity', 1, '1 m/s', '39 in/s'],
    // 1 in³ = 16.387064 cm³.
    ['divisor', 5000, '5000 cm³/kg', '138 in³/lb'],
    ['gradeSum', 75, '1905 mm', '75 in']
  ] as const)('%s of %d is %s, or %s', (measure, stored, metric, inch) => {
    expect(said(measure, stored)).toBe(metric);
    house.ways = { ...house.ways, lengthUnit: 'in' };
    expect(said(measure, stored)).toBe(inch);
  });

  it('counts decimals in metric units only', () => {
    expect(said('density', 28, 0)).toBe('28 kg/m³');
    expect(said('volume', 60, 0)).toBe('60 l');
    house.ways = { ...house.ways, lengthUnit: 'in' };
    expect(said('density', 28, 0)).toBe('1.75 lb/ft³');
    expect(said('density', 3, 0)).toBe('0.187 lb/ft³');
    expect(said('volume', 60, 0)).toBe('2.12 ft³');
    expect(said('volume', 0, 0)).toBe('0 ft³');
  });

  it('takes masses by the unit of masses', () => {
    house.ways = { ...house.ways, lengthUnit: 'in', massUnit: 'kg' };
    expect(said('gradeMass', 65)).toBe('29 kg');
    house.ways = { ...house.ways, lengthUnit: 'mm', massUnit: 'lb' };
    expect(said('gradeMass', 65)).toBe('65 lb');
    expect(perMass(1)).toBeCloseTo(0.45359237, 12);
    house.ways = { ...house.ways, massUnit: 'kg' };
    expect(perMass(1)).toBe(1);
  });

  // 1 ft³ = 28.316846592 l: what costs 0.16 a litre costs 4.53 a cubic foot.
  it('takes prices by the unit of the house, and gives back what is kept', () => {
    expect(per('volume', 0.16)).toBe(0.16);
    house.ways = { ...house.ways, lengthUnit: 'in' };
    expect(per('volume', 0.16)).toBeCloseTo(4.5307, 4);
    expect(perStored('volume', per('volume', 0.16))).toBeCloseTo(0.16, 12);
    expect(per('board', 0.76)).toBeCloseTo(0.0706, 4);
    house.ways = { ...house.ways, massUnit: 'lb' };
    expect(perKg(perMass(2))).toBeCloseTo(2, 12);
    house.ways = { ...house.ways, massUnit: 'kg' };
  });

  it('reads either unit in any house', () => {
    expect(readMeasure('stress', '1 psi')).toEqual({ value: 6.894757293168361 });
    expect(readMeasure('stress', '5')).toEqual({ value: 5 });
    house.ways = { ...house.ways, lengthUnit: 'in' };
    expect(readMeasure('stress', '5')).toEqual({ value: 5 * 6.894757293168361 });
    expect(readMeasure('area', '10 cm²')).toEqual({ value: 10 });
    expect('reason' in readMeasure('area', '10 acres')).toBe(true);
    expect('reason' in readMeasure('force', '')).toBe(true);
    expect(readLength('1/2 in')).toEqual({ value: 12.7 });
  });

  it('writes the decimal sign of the house in money too', () => {
    house.ways = { ...house.ways, numbers: 'comma', currency: 'EUR' };
    expect(money(3.5)).toBe('3,50 EUR');
    expect(said('stress', 1.5)).toBe('1,5 kPa');
  });
});
