import { describe, expect, it } from 'vitest';
import { demandOfLimit, figure, readLength, readMass, readNumber, shown, sixteenths } from './units';

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

  it('writes fractions as percent and squares with their sign', () => {
    expect(demandOfLimit(0.764, 0.9, '')).toBe('76 of 90 %');
    expect(demandOfLimit(35.8, 75, 'cm2')).toBe('36 of 75 cm²');
    expect(demandOfLimit(50, null, 'G')).toBe('50 G, limit not known');
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
    [1.5875, '1/16']
  ])('%s mm', (mm, text) => {
    expect(sixteenths(mm)).toBe(text);
  });
});
