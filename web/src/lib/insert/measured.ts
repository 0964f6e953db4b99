import type { MeasuredShape } from '../api/client';

export type ShapeKind = MeasuredShape['kind'];

export const KINDS: { value: ShapeKind; text: string }[] = [
  { value: 'rectangle', text: 'a rectangle' },
  { value: 'circle', text: 'a circle' },
  { value: 'ellipse', text: 'an ellipse' },
  { value: 'slot', text: 'a slot' },
  { value: 'polygon', text: 'corners, one by one' },
  { value: 'stations', text: 'stations along an axis' }
];

/** What a row of figures of a shape is called. */
export const COLUMNS: Partial<Record<ShapeKind, string[]>> = {
  polygon: ['right', 'back'],
  stations: ['along', 'behind the axis', 'in front of it']
};

/** A shape to begin with, of this size. */
export function shapeOf(kind: ShapeKind, lengthMm: number, widthMm: number): MeasuredShape {
  const placed = { kind, rightMm: 0, backMm: 0, turnDegrees: 0, use: 'added', twin: 'none' } as const;
  const x = lengthMm / 2;
  const y = widthMm / 2;
  switch (kind) {
    case 'circle':
      return { ...placed, lengthMm: Math.min(lengthMm, widthMm) };
    case 'polygon':
      return {
        ...placed,
        placesMm: [
          [-x, -y],
          [x, -y],
          [x, y],
          [-x, y]
        ]
      };
    case 'stations':
      return {
        ...placed,
        placesMm: [
          [0, y / 2, y / 2],
          [x, y, y],
          [lengthMm, y / 2, y / 2]
        ]
      };
    case 'slot':
      return { ...placed, lengthMm: Math.max(lengthMm, widthMm), widthMm: Math.min(lengthMm, widthMm) };
    default:
      return { ...placed, lengthMm, widthMm };
  }
}

/** Another row after this one: half way to the next, or as far on again. */
export function withRowAfter(rows: number[][], index: number): number[][] {
  const here = rows[index]!;
  const next = rows[index + 1];
  const before = rows[index - 1] ?? here;
  const fresh = here.map((v, c) => (next ? (v + next[c]!) / 2 : c === 0 ? 2 * v - before[c]! : v));
  return rows.toSpliced(index + 1, 0, fresh);
}
