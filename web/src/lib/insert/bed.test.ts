import { describe, expect, it } from 'vitest';
import {
  asItBegan,
  type Bed,
  bedLayer,
  bedOf,
  circle,
  middle,
  movedBy,
  pathOf,
  type Place,
  places,
  rectangle,
  sizedByParts,
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

describe('a bed whose outline was brought', () => {
  const pack = {
    item: { sizeMm: { length: 100, width: 60, height: 40 } },
    layers: [{ kind: 'cushion', form: 'full', material: 'pe-28', thicknessMm: { all: 40 } }]
  } as unknown as PackFile;
  const part = (outlineMm: Place[]) => ({ name: 'p', outlineMm, bottomMm: -20, topMm: 20 });

  it('gives the item the size that its parts reach, every place within it', () => {
    const odd: Place[] = [
      [10.04, 3.37],
      [222.19, 3.37],
      [222.19, 91.11],
      [117, 99.96],
      [10.04, 91.11]
    ];
    const sized = sizedByParts(pack, 0, { parts: [part(odd)] } as unknown as Bed);
    const { length, width } = sized.item.sizeMm;
    expect(length).toBeCloseTo(212.2, 1);
    const moved = places(bedOf(sized)!.parts[0]!);
    for (const [x, y] of moved) {
      expect(Math.abs(x)).toBeLessThanOrEqual(length / 2 + 1e-9);
      expect(Math.abs(y)).toBeLessThanOrEqual(width / 2 + 1e-9);
    }
  });

  it('knows the box that it began as', () => {
    const began = { parts: [part(rectangle(100, 60))] } as unknown as Bed;
    expect(asItBegan(began, pack.item.sizeMm)).toBe(true);
    expect(asItBegan({ parts: [part(rectangle(90, 60))] } as unknown as Bed, pack.item.sizeMm)).toBe(false);
  });
});
