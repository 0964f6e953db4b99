import { describe, expect, it } from 'vitest';
import type { Proposal } from '../api/client';
import { MEASURES, wallInWords } from './walls';

const name = (id: string) => id.toUpperCase();
const box = { kind: 'box', board: 'c-32' };
const cushion = (thicknessMm: Record<string, number>, form: string | null = null) => ({
  kind: 'cushion',
  material: 'pe-28',
  thicknessMm,
  form
});

function wall(layers: unknown[], stock: string | null = null): Proposal {
  return {
    pack: { layers },
    stock,
    cost: null,
    margin: 0.256,
    figures: {
      volumeL: 12.4,
      outsideMm: { length: 300, width: 250, height: 165 },
      longestMm: 300,
      lengthAndGirthMm: 1130,
      grossMassKg: 2.25,
      layers: 2,
      pieces: 6,
      cuts: 9,
      minutes: 14
    }
  } as unknown as Proposal;
}

describe('a wall in words', () => {
  it('goes from the item outward; only the last box is the carton', () => {
    expect(
      wallInWords(
        wall([
          { kind: 'wrap', material: 'tissue' },
          cushion({ all: 40 }),
          box,
          { kind: 'boards', board: 'e-23' },
          cushion({ all: 30, top: 50, bottom: 60 }, 'pads'),
          cushion({ left: 20 }, 'corners'),
          box
        ]),
        name,
        name
      )
    ).toEqual([
      'TISSUE',
      '40 mm of PE-28',
      'an inner box',
      'between boards of E-23',
      '30 mm to 60 mm of PE-28 in pads',
      '20 mm of PE-28 in corner blocks',
      'in a carton of C-32'
    ]);
  });

  it('names a carton of the stores', () => {
    expect(wallInWords(wall([box], 'k2'), name, (id) => `carton ${id}`)).toEqual(['in carton k2']);
  });
});

describe('measures of walls', () => {
  const of = (key: string) => MEASURES.find((measure) => measure.key === key)!;

  it('are each there once, and only of the margin more is better', () => {
    expect(new Set(MEASURES.map(({ key }) => key)).size).toBe(MEASURES.length);
    expect(MEASURES.filter(({ more }) => more).map(({ key }) => key)).toEqual(['margin']);
  });

  it('say a margin in percent, a size with its three edges, and a cost that nobody knows', () => {
    expect(of('margin').of(wall([]))).toBeCloseTo(25.6);
    expect(of('margin').text(wall([]))).toBe('26 %');
    expect(of('size').text(wall([]))).toContain('300');
    expect(of('size').text(wall([]))).toContain('12.4');
    expect(of('cost').of(wall([]))).toBeNull();
    expect(of('cost').text(wall([]))).toBe('not known');
    expect(of('minutes').text(wall([]))).toBe('14');
  });
});
