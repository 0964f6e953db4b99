import { describe, expect, it } from 'vitest';
import type { Drop } from '../api/client';
import { foam, gone, spans } from './section';

const square = (half: number): number[][] => [
  [-half, -half],
  [half, -half],
  [half, half],
  [-half, half]
];

describe('a section', () => {
  it('is inside an outline between its crossings, and outside in its holes', () => {
    expect(spans([square(40)], { along: 'length', atMm: 0 })).toEqual([[-40, 40]]);
    expect(spans([square(40), square(10)], { along: 'width', atMm: 5 })).toEqual([
      [-40, -10],
      [10, 40]
    ]);
    expect(spans([square(40)], { along: 'length', atMm: 41 })).toEqual([]);
  });

  it('leaves foam where nothing is open', () => {
    const level = { half: 'base', bottomMm: 0, topMm: 10, openings: [square(40)], islands: [square(10)], openCm2: 1 };
    expect(foam(level, { along: 'length', atMm: 0 }, -60, 60)).toEqual([
      [-60, -40],
      [-10, 10],
      [40, 60]
    ]);
    expect(foam({ ...level, openings: [square(70)], islands: [] }, { along: 'length', atMm: 0 }, -60, 60)).toEqual([]);
  });
});

describe('the item at the peak', () => {
  it('has gone toward the faces that were struck', () => {
    const blow = { layers: [{ layer: 1, squeezeMm: { bottom: 12, left: 3 } }] } as unknown as Drop;
    expect(gone(blow, 1)).toEqual([-3, 0, -12]);
    expect(gone(blow, 2)).toEqual([0, 0, 0]);
    expect(gone(undefined, 1)).toEqual([0, 0, 0]);
  });
});
