import { describe, expect, it } from 'vitest';
import { byHand, within } from './turning';

describe('a turn', () => {
  it('is told from -180 up to 180', () => {
    expect([0, 179, 180, 181, -180, -181, 359, 360, 725, -725].map(within)).toEqual([
      0, 179, -180, -179, -180, 179, -1, 0, 5, -5
    ]);
  });

  it('follows the hand by half a degree a pixel while it is held, and no longer', () => {
    let turn = 170;
    const hand = byHand(
      () => turn,
      (degrees) => (turn = degrees)
    );
    let captured = 0;
    const at = (clientX: number) =>
      ({ clientX, pointerId: 1, currentTarget: { setPointerCapture: () => captured++ } }) as unknown as PointerEvent;
    hand.onpointermove(at(50));
    expect(turn).toBe(170);
    hand.onpointerdown(at(100));
    hand.onpointermove(at(110));
    expect(turn).toBe(175);
    hand.onpointermove(at(140));
    expect(turn).toBe(-170);
    hand.onpointerup();
    hand.onpointermove(at(300));
    expect(turn).toBe(-170);
    expect(captured).toBe(1);
  });
});
