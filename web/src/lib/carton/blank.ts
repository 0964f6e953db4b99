import type { BlankPiece } from '../api/client';

const MOST_EDGES = 14;

/** Equal to a tenth of a millimetre is the same line. */
const SAME_MM = 0.1;

/**
 * What to measure along an axis of a blank: from edge to score to score to edge, where a score or the blank's own edge lies.
 *
 * @param axis 0 across, 1 from below upward
 */
export function scoresAlong(blank: BlankPiece, axis: 0 | 1): [number, number][] {
  const edges = [0, axis === 0 ? blank.widthMm : blank.heightMm];
  for (const layer of blank.layers) {
    for (const [from, to] of layer.strokes) {
      if (Math.abs(from![axis]! - to![axis]!) < SAME_MM) {
        edges.push(from![axis]!);
      }
    }
  }
  if (blank.steps.length === 0) {
    // What is cut and not folded is measured from notch to notch.
    edges.push(...blank.layers.flatMap((layer) => layer.outlines.flat().map((place) => place[axis]!)));
  }
  const sorted = edges.sort((a, b) => a - b).filter((e, i, all) => i === 0 || e - all[i - 1]! > SAME_MM);
  // What has more notches than can be read, as a jointed edge has, is measured as a whole.
  return sorted.length > MOST_EDGES ? [[sorted[0]!, sorted.at(-1)!]] : sorted.slice(1).map((to, i) => [sorted[i]!, to]);
}

/** A place in the carton as it is seen, right and down. */
export type Seen = [number, number];

/**
 * Turns the carton and looks at it from the front: parallel, so that equal lengths stay equal.
 *
 * @param turn about the upright, radians
 * @param tilt forward, radians
 */
export function look(place: number[], turn: number, tilt: number): { at: Seen; depth: number } {
  const [x, y, z] = place as [number, number, number];
  const right = x * Math.cos(turn) + y * Math.sin(turn);
  const away = -x * Math.sin(turn) + y * Math.cos(turn);
  return {
    at: [right, -(z * Math.cos(tilt) + away * Math.sin(tilt))],
    depth: away * Math.cos(tilt) - z * Math.sin(tilt)
  };
}

/** Panels as they are drawn, the farthest first. */
export function drawn(
  panels: number[][][],
  turn: number,
  tilt: number
): { points: string; lit: number; key: number }[] {
  return panels
    .map((corners, key) => {
      const seen = corners.map((c) => look(c, turn, tilt));
      const depth = seen.reduce((sum, s) => sum + s.depth, 0) / seen.length;
      return { points: seen.map((s) => s.at.join(',')).join(' '), lit: lit(corners), key, depth };
    })
    .sort((a, b) => b.depth - a.depth);
}

/** How much light falls on a panel, 0 to 1: most on what lies flat, least on what faces the side. */
function lit(corners: number[][]): number {
  const [a, b, c] = corners as [number[], number[], number[]];
  const u = b.map((v, i) => v - a[i]!);
  const v = c.map((w, i) => w - a[i]!);
  const n = [u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!];
  const size = Math.hypot(...n) || 1;
  return (n[2]! ** 2 + 0.55 * n[1]! ** 2 + 0.25 * n[0]! ** 2) / size ** 2;
}
