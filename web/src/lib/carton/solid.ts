import type { Solid } from '../api/client';
import { look } from './blank';

/** A cuboid where it is drawn: at home, or moved out with its layer. */
export type Block = {
  index: number;
  min: number[];
  max: number[];
};

/** Equal to this is touching, mm. */
const TOUCH_MM = 1e-6;
const NORMALS: Record<string, [number, number]> = {
  left: [0, -1],
  right: [0, 1],
  front: [1, -1],
  back: [1, 1],
  bottom: [2, -1],
  top: [2, 1]
};

/** Layers from the item outward; the item itself is not among them. */
export function layersOf(solids: Solid[]): number[] {
  const all = new Set(solids.flatMap((s) => (s.layer === null ? [] : [s.layer])));
  return [...all].sort((a, b) => a - b);
}

/**
 * The solids that are left when so many layers are taken off, each moved out along its face.
 *
 * @param peeled layers taken off, the outermost first
 * @param openMm how far each layer stands off the one inside it
 */
export function blocksOf(solids: Solid[], peeled: number, openMm: number): Block[] {
  const layers = layersOf(solids);
  const kept = layers.slice(0, layers.length - peeled);
  return solids.flatMap((solid, index) => {
    const rank = solid.layer === null ? 0 : kept.indexOf(solid.layer) + 1;
    if (solid.layer !== null && rank === 0) {
      return [];
    }
    const min = [...solid.minMm];
    const max = [...solid.maxMm];
    const normal = solid.face === null ? undefined : NORMALS[solid.face];
    if (normal) {
      min[normal[0]]! += normal[1] * rank * openMm;
      max[normal[0]]! += normal[1] * rank * openMm;
    }
    return [{ index, min, max }];
  });
}

/** How fast what moves along each axis gets farther from the eye. */
function away(turn: number, tilt: number): [number, number, number] {
  return [-Math.sin(turn) * Math.cos(tilt), Math.cos(turn) * Math.cos(tilt), -Math.sin(tilt)];
}

/** True where the first cannot hide any of the second: some plane has it on the far side. */
function behind(a: Block, b: Block, far: number[]): boolean {
  return far.some(
    (way, axis) =>
      (way > 0 && a.min[axis]! >= b.max[axis]! - TOUCH_MM) || (way < 0 && a.max[axis]! <= b.min[axis]! + TOUCH_MM)
  );
}

/** More are drawn by the distance of their middles: pads by the hundred hide each other little, and the order would take seconds. */
const MOST_ORDERED = 500;

/**
 * The turn in the middle of all those that see the same faces: what hides what is the same for all of them.
 *
 * @param turn about the upright, radians
 */
export function quarterOf(turn: number): number {
  const sign = (v: number) => (Math.abs(v) < 1e-9 ? 0 : Math.sign(v));
  return Math.atan2(sign(Math.sin(turn)), sign(Math.cos(turn)));
}

/**
 * Cuboids that do not run into each other, the farthest first: each is drawn before all that may hide a part of it. Three that
 * hide each other in a ring, which a pack has none of, are drawn by the distance of their middles.
 */
export function farthestFirst(blocks: Block[], turn: number, tilt: number): Block[] {
  const far = away(turn, tilt);
  const depth = (b: Block) => far.reduce((sum, way, axis) => sum + (way * (b.min[axis]! + b.max[axis]!)) / 2, 0);
  const sorted = blocks.toSorted((a, b) => depth(b) - depth(a));
  if (sorted.length > MOST_ORDERED) {
    return sorted;
  }
  const over = sorted.map((a) =>
    sorted.flatMap((b, k) => (a !== b && behind(a, b, far) && !behind(b, a, far) ? [k] : []))
  );
  const waits = sorted.map(() => 0);
  over.flat().forEach((k) => waits[k]!++);
  const left = new Set(sorted.keys());
  const drawn: Block[] = [];
  while (left.size > 0) {
    const next = [...left].find((k) => waits[k] === 0) ?? [...left][0]!;
    left.delete(next);
    over[next]!.forEach((k) => waits[k]!--);
    drawn.push(sorted[next]!);
  }
  return drawn;
}

/** A face of a cuboid as it is seen. */
export type Seen = { points: string; lit: number };

const CORNERS: [number, number][] = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1]
];

/** Light on the faces square to each axis: most on what lies flat. */
const LIT = [0.35, 0.62, 1];

/** The faces of a cuboid that look at the eye, three at most. */
export function facesSeen(block: Block, turn: number, tilt: number): Seen[] {
  const far = away(turn, tilt);
  return far.flatMap((way, axis): Seen[] => {
    if (Math.abs(way) < 1e-9) {
      return [];
    }
    const [u, v] = [0, 1, 2].filter((a) => a !== axis) as [number, number];
    const points = CORNERS.map(([i, k]) => {
      const place = [0, 0, 0];
      place[axis] = way < 0 ? block.max[axis]! : block.min[axis]!;
      place[u] = i ? block.max[u]! : block.min[u]!;
      place[v] = k ? block.max[v]! : block.min[v]!;
      return look(place, turn, tilt)
        .at.map((c) => c.toFixed(2))
        .join(',');
    });
    return [{ points: points.join(' '), lit: LIT[axis]! }];
  });
}
