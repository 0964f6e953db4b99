import { describe, expect, it } from 'vitest';
import {
  bedLayer,
  bedOf,
  circle,
  middle,
  movedBy,
  pathOf,
  rectangle,
  withoutPlace,
  withPlaceAfter,
  withPlaceAt
} from './bed';
import type { PackFile } from '../api/client';

function pack(...layers: unknown[]): PackFile {
  return { layers } as unknown as PackFile;
}

describe('the bed of a pack', () => {
  const bed = { parts: [] };
  const cushion = { kind: 'cushion', form: 'bed', bed };
  it('lies next to the item, wraps between', () => {
    expect(bedLayer(pack({ kind: 'wrap' }, cushion, { kind: 'box' }))).toBe(1);
    expect(bedOf(pack({ kind: 'wrap' }, cushion))).toBe(bed);
  });
  it('is not where a box comes first, or the cushion has another form', () => {
    expect(bedLayer(pack({ kind: 'box' }, cushion))).toBeNull();
    expect(bedOf(pack({ kind: 'cushion', form: 'full' }))).toBeNull();
  });
});

describe('an outline', () => {
  const square = rectangle(20, 10, [5, 5]);
  it('is moved as a whole and keeps tenths', () => {
    expect(middle(movedBy(square, 1.04, -2))).toEqual([6, 3]);
  });
  it('gets a place between two, also between the last and the first', () => {
    expect(withPlaceAfter(square, 0)[1]).toEqual([5, 0]);
    expect(withPlaceAfter(square, 3)[4]).toEqual([-5, 5]);
  });
  it('keeps three places', () => {
    const three = withoutPlace(square, 0);
    expect(three).toHaveLength(3);
    expect(withoutPlace(three, 0)).toBe(three);
  });
  it('of a circle is nearly as large as it', () => {
    const round = circle(100);
    const area = round.reduce((sum, [x, y], i) => {
      const [u, v] = round[(i + 1) % round.length]!;
      return sum + (x * v - u * y) / 2;
    }, 0);
    expect(area / (Math.PI * 50 * 50)).toBeGreaterThan(0.998);
  });
  it('is drawn closed', () => {
    expect(
      pathOf(
        square,
        (x) => x,
        (y) => -y
      )
    ).toBe('M-5.00 0.00L15.00 0.00L15.00 -10.00L-5.00 -10.00Z');
  });
});

describe('a place more where an edge is pressed', () => {
  const square = rectangle(40, 40);
  it('lies between the two whose edge is nearest', () => {
    expect(withPlaceAt(square, [0, -19])).toEqual([
      [-20, -20],
      [0, -19],
      [20, -20],
      [20, 20],
      [-20, 20]
    ]);
    expect(withPlaceAt(square, [21, 3])).toEqual([
      [-20, -20],
      [20, -20],
      [21, 3],
      [20, 20],
      [-20, 20]
    ]);
  });
  it('closes the outline too: the edge from the last to the first', () => {
    expect(withPlaceAt(square, [-20, 7])[4]).toEqual([-20, 7]);
  });
  it('is written to a tenth, and two places on each other are no edge to divide by', () => {
    expect(
      withPlaceAt(
        [
          [0, 0],
          [0, 0],
          [10, 0],
          [10, 10]
        ],
        [4.04, 0.06]
      )[2]
    ).toEqual([4, 0.1]);
  });
});
