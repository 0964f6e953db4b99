import { describe, expect, it } from 'vitest';
import type { Solid } from '../api/client';
import { type Block, blocksOf, facesSeen, farthestFirst, layersOf, quarterOf } from './solid';
import { byHand } from './turning';

/** A box of six slabs round what lies from -half to half, as the section draws it. */
function shell(layer: number, inner: number, outer: number): Solid[] {
  const slab = (face: string, minMm: number[], maxMm: number[]) =>
    ({ part: 'board', layer, face, minMm, maxMm }) as Solid;
  const [a, b, c, d] = [-outer, outer, -inner, inner];
  return [
    slab('top', [a, a, d], [b, b, b]),
    slab('bottom', [a, a, a], [b, b, c]),
    slab('right', [d, a, c], [b, b, d]),
    slab('left', [a, a, c], [c, b, d]),
    slab('front', [c, a, c], [d, c, d]),
    slab('back', [c, d, c], [d, b, d])
  ];
}

const pack: Solid[] = [
  { part: 'item', layer: null, face: null, minMm: [-10, -10, -10], maxMm: [10, 10, 10] } as unknown as Solid,
  ...shell(0, 10, 15),
  ...shell(1, 15, 16)
];

/** How far away a ray from the eye enters a block, by cutting it with the block's three pairs of planes. */
function entry(block: Block, right: number, down: number, turn: number, tilt: number): number | undefined | 'grazed' {
  const level = [-Math.sin(turn), Math.cos(turn), 0];
  const eRight = [Math.cos(turn), Math.sin(turn), 0];
  const eDown = level.map((v, i) => -(Math.sin(tilt) * v + (i === 2 ? Math.cos(tilt) : 0)));
  const eDepth = level.map((v, i) => Math.cos(tilt) * v - (i === 2 ? Math.sin(tilt) : 0));
  let from = -Infinity;
  let to = Infinity;
  for (let axis = 0; axis < 3; axis++) {
    const start = right * eRight[axis]! + down * eDown[axis]!;
    const one = (block.min[axis]! - start) / eDepth[axis]!;
    const other = (block.max[axis]! - start) / eDepth[axis]!;
    from = Math.max(from, Math.min(one, other));
    to = Math.min(to, Math.max(one, other));
  }
  return Math.abs(to - from) < 0.05 ? 'grazed' : from < to ? from : undefined;
}

/** What the ray meets first; nothing where two are as near, or an edge is grazed. */
function met(blocks: Block[], right: number, down: number, turn: number, tilt: number): number | undefined {
  const cuts = blocks.map((b) => ({ depth: entry(b, right, down, turn, tilt), index: b.index }));
  if (cuts.some((c) => c.depth === 'grazed')) {
    return undefined;
  }
  const entries = cuts
    .flatMap(({ depth, index }) => (typeof depth === 'number' ? [{ depth, index }] : []))
    .sort((a, b) => a.depth - b.depth);
  return entries.length > 1 && entries[1]!.depth - entries[0]!.depth > 0.01 ? entries[0]!.index : undefined;
}

function inside(points: string, x: number, y: number): boolean {
  const at = points.split(' ').map((p) => p.split(',').map(Number) as [number, number]);
  let odd = false;
  at.forEach(([x1, y1], i) => {
    const [x2, y2] = at[(i + 1) % at.length]!;
    if (y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1) {
      odd = !odd;
    }
  });
  return odd;
}

describe('the whole pack as a solid', () => {
  it('takes off its layers from the outside', () => {
    expect(layersOf(pack)).toEqual([0, 1]);
    expect(blocksOf(pack, 0, 0)).toHaveLength(13);
    expect(blocksOf(pack, 1, 0)).toHaveLength(7);
    expect(blocksOf(pack, 2, 0)).toHaveLength(1);
  });

  it('moves each layer out by its rank, and never the item', () => {
    const open = blocksOf(pack, 0, 20);
    expect(open[0]!.min).toEqual([-10, -10, -10]);
    expect(open.find((b) => b.index === 1)!.min[2]).toBe(10 + 20);
    expect(open.find((b) => b.index === 7)!.min[2]).toBe(15 + 40);
  });

  it.each([
    [-0.5, 0.5],
    [0.7, 0.4],
    [2.5, 0.9],
    [-2.2, 0.2]
  ])('draws last what a ray from the eye meets first (turned %f, tilted %f)', (turn, tilt) => {
    const blocks = blocksOf(pack, 0, 6);
    const order = farthestFirst(blocks, quarterOf(turn), tilt);
    let checked = 0;
    for (let right = -30; right <= 30; right += 1.7) {
      for (let up = -30; up <= 30; up += 1.7) {
        const hit = order.filter((b) => facesSeen(b, turn, tilt).some((f) => inside(f.points, right, up)));
        const near = met(blocks, right, up, turn, tilt);
        if (near !== undefined) {
          expect(hit.at(-1)!.index).toBe(near);
          checked++;
        }
      }
    }
    expect(checked).toBeGreaterThan(200);
  });

  it('orders by the quarter alone: seen from straight before it, and for so many pads that an order would take too long', () => {
    expect(quarterOf(0.3)).toBe(quarterOf(1.2));
    expect(quarterOf(0)).toBe(0);
    const many = Array.from({ length: 600 }, (_, i) => ({ index: i, min: [i, 0, 0], max: [i + 0.5, 1, 1] }));
    const order = farthestFirst(many, quarterOf(0.5), 0.5);
    expect(order).toHaveLength(600);
    expect(order[0]!.index).toBe(0);
  });

  it('turns by hand, round and round', () => {
    let degrees = 170;
    const turning = byHand(
      () => degrees,
      (to) => (degrees = to)
    );
    const at = (clientX: number) =>
      ({ clientX, pointerId: 1, currentTarget: { setPointerCapture: () => undefined } }) as unknown as PointerEvent;
    turning.onpointermove(at(50));
    expect(degrees).toBe(170);
    turning.onpointerdown(at(100));
    turning.onpointermove(at(140));
    expect(degrees).toBe(-170);
    turning.onpointerup();
    turning.onpointermove(at(400));
    expect(degrees).toBe(-170);
  });

  it('shows three faces of a block from a corner and two from straight before it', () => {
    const block = { index: 0, min: [0, 0, 0], max: [1, 1, 1] };
    expect(facesSeen(block, 0.5, 0.5)).toHaveLength(3);
    expect(facesSeen(block, 0, 0.5)).toHaveLength(2);
  });
});
