import type { BedCut, Drop } from '../api/client';
import type { Place } from './bed';

/** A vertical cut through the bed: along the length at some place of the width, or the other way round. */
export type SectionLine = { along: 'length' | 'width'; atMm: number };

/** Where a line is inside closed outlines, from to along it: outlines within outlines are holes. */
export function spans(outlines: number[][][], line: SectionLine): [number, number][] {
  const [on, across] = line.along === 'length' ? [0, 1] : [1, 0];
  const crossings: number[] = [];
  for (const outline of outlines) {
    outline.forEach((p, i) => {
      const q = outline[(i + 1) % outline.length]!;
      if (p[across]! > line.atMm !== q[across]! > line.atMm) {
        const share = (line.atMm - p[across]!) / (q[across]! - p[across]!);
        crossings.push(p[on]! + share * (q[on]! - p[on]!));
      }
    });
  }
  crossings.sort((a, b) => a - b);
  return Array.from({ length: crossings.length / 2 }, (_, i) => [crossings[2 * i]!, crossings[2 * i + 1]!]);
}

/** Foam of one level along the line: what of the block is not open. */
export function foam(level: BedCut['levels'][number], line: SectionLine, from: number, to: number): [number, number][] {
  const solid: [number, number][] = [];
  let at = from;
  for (const [open, close] of spans([...level.openings, ...level.islands], line)) {
    if (open > at) {
      solid.push([at, Math.min(open, to)]);
    }
    at = Math.max(at, close);
  }
  if (at < to) {
    solid.push([at, to]);
  }
  return solid;
}

/** How far the item has gone at the peak of a blow: right, back and up, mm. */
export function gone(blow: Drop | undefined, layer: number): [number, number, number] {
  const squeeze = blow?.layers.find((l) => l.layer === layer)?.squeezeMm;
  return squeeze
    ? [
        (squeeze.right ?? 0) - (squeeze.left ?? 0),
        (squeeze.back ?? 0) - (squeeze.front ?? 0),
        (squeeze.top ?? 0) - (squeeze.bottom ?? 0)
      ]
    : [0, 0, 0];
}

export function shifted(outline: Place[], by: [number, number, number]): Place[] {
  return outline.map(([x, y]) => [x + by[0], y + by[1]]);
}
