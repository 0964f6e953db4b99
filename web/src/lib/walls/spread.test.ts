import { describe, expect, it } from 'vitest';
import { spread } from './spread';

const PIECE = { width: 62, height: 40 };
const PLANE = { left: 100, right: 700, top: 25, bottom: 280 };

describe('pieces on the plane', () => {
  it('stay where they belong when they do not meet', () => {
    const spots = [
      { x: 120, y: 50 },
      { x: 200, y: 50 },
      { x: 120, y: 100 }
    ];
    expect(spread(spots, PIECE, PLANE)).toEqual(spots);
  });

  it('are moved apart when they lie over one another, and stay on the plane', () => {
    const spots = Array.from({ length: 12 }, () => ({ x: 690, y: 270 }));
    const placed = spread(spots, PIECE, PLANE);
    placed.forEach((a, i) => {
      expect(a.x).toBeLessThanOrEqual(PLANE.right);
      expect(a.y).toBeLessThanOrEqual(PLANE.bottom);
      placed.slice(i + 1).forEach((b) => {
        expect(Math.abs(a.x - b.x) >= PIECE.width || Math.abs(a.y - b.y) >= PIECE.height).toBe(true);
      });
    });
    expect(placed[0]).toEqual({ x: 690, y: 270 });
  });
});
