/** Pieces on a plane moved apart, so that each can be seen; each keeps to the spot where it belongs as near as it can. */

export interface Spot {
  x: number;
  y: number;
}

/** How far a ring of tries is from the one before, px. */
const STEP = 14;
const RINGS = 16;
const TRIES = 12;

/**
 * Middles of the pieces, none over another while there is room.
 *
 * @param spots where they belong
 * @param piece width and height of each
 * @param plane what they stay within
 */
export function spread(
  spots: Spot[],
  piece: { width: number; height: number },
  plane: { left: number; right: number; top: number; bottom: number }
): Spot[] {
  const placed: Spot[] = [];
  for (const spot of spots) {
    placed.push(within(spot, plane).find((at) => placed.every((other) => apart(at, other, piece))) ?? spot);
  }
  return placed;
}

function* tries(spot: Spot): Generator<Spot> {
  yield spot;
  for (let ring = 1; ring <= RINGS; ring++) {
    for (let i = 0; i < TRIES; i++) {
      const angle = (2 * Math.PI * i) / TRIES;
      yield { x: spot.x + ring * STEP * Math.cos(angle), y: spot.y + ring * STEP * Math.sin(angle) };
    }
  }
}

function within(spot: Spot, plane: { left: number; right: number; top: number; bottom: number }): Spot[] {
  return [...tries(spot)].filter(
    (at) => at === spot || (at.x >= plane.left && at.x <= plane.right && at.y >= plane.top && at.y <= plane.bottom)
  );
}

function apart(a: Spot, b: Spot, piece: { width: number; height: number }): boolean {
  return Math.abs(a.x - b.x) >= piece.width || Math.abs(a.y - b.y) >= piece.height;
}
