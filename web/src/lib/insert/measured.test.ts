import { describe, expect, it } from 'vitest';
import { shapeOf, withRowAfter } from './measured';

describe('shapes to begin with', () => {
  it('are as large as what they begin from', () => {
    expect(shapeOf('rectangle', 80, 40)).toMatchObject({ lengthMm: 80, widthMm: 40 });
    expect(shapeOf('circle', 80, 40)).toMatchObject({ lengthMm: 40 });
    expect(shapeOf('slot', 30, 90)).toMatchObject({ lengthMm: 90, widthMm: 30 });
    expect(shapeOf('stations', 80, 40).placesMm).toEqual([
      [0, 10, 10],
      [40, 20, 20],
      [80, 10, 10]
    ]);
  });
});

describe('another row', () => {
  it('lies half way to the next, and as far on again after the last', () => {
    const rows = [
      [0, 10, 10],
      [40, 20, 20]
    ];
    expect(withRowAfter(rows, 0)).toEqual([
      [0, 10, 10],
      [20, 15, 15],
      [40, 20, 20]
    ]);
    expect(withRowAfter(rows, 1)[2]).toEqual([80, 20, 20]);
  });
});
