import { describe, expect, it } from 'vitest';
import type { BlankPiece } from '../api/client';
import { drawn, look, scoresAlong } from './blank';

function piece(strokes: number[][][], steps: string[], outlines: number[][][] = []): BlankPiece {
  return {
    widthMm: 100,
    heightMm: 60,
    steps,
    layers: [{ name: 'score', work: 'score', outlines, strokes }]
  } as unknown as BlankPiece;
}

describe('what to measure on a blank', () => {
  it('goes from edge to score to edge, each line once', () => {
    const blank = piece(
      [
        [
          [30, 0],
          [30, 60]
        ],
        [
          [30, 10],
          [30, 50]
        ],
        [
          [0, 20],
          [100, 20]
        ]
      ],
      ['fold']
    );
    expect(scoresAlong(blank, 0)).toEqual([
      [0, 30],
      [30, 100]
    ]);
    expect(scoresAlong(blank, 1)).toEqual([
      [0, 20],
      [20, 60]
    ]);
  });

  it('goes from notch to notch where nothing is folded', () => {
    const strip = piece(
      [],
      [],
      [
        [
          [0, 0],
          [100, 0],
          [100, 60],
          [52, 60],
          [52, 29],
          [48, 29],
          [48, 60],
          [0, 60]
        ]
      ]
    );
    expect(scoresAlong(strip, 0)).toEqual([
      [0, 48],
      [48, 52],
      [52, 100]
    ]);
  });
});

describe('the look at a carton', () => {
  it('keeps what is up up, and turns right to left by half a turn', () => {
    expect(look([0, 0, 10], 0.7, 0).at[1]).toBeCloseTo(-10);
    expect(look([10, 0, 0], Math.PI, 0).at[0]).toBeCloseTo(-10);
  });

  it('draws the farthest first', () => {
    const at = (y: number) => [
      [0, y, 0],
      [1, y, 0],
      [1, y, 1]
    ];
    expect(drawn([at(0), at(50)], 0, 0.3).map((p) => p.key)).toEqual([1, 0]);
  });

  it('lights a lid most', () => {
    const lid = [
      [0, 0, 5],
      [1, 0, 5],
      [1, 1, 5]
    ];
    const wall = [
      [0, 0, 0],
      [1, 0, 0],
      [1, 0, 1]
    ];
    const [a, b] = drawn([lid, wall], 0, 0.4).sort((x, y) => x.key - y.key);
    expect(a!.lit).toBeGreaterThan(b!.lit);
    expect(a!.lit).toBeLessThanOrEqual(1);
  });
});
