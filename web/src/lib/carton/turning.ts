/** Half a degree for each pixel. */
const DEGREES_A_PIXEL = 0.5;

/** What an element needs so that whoever drags over it turns what it shows. */
export type Turning = {
  onpointerdown: (event: PointerEvent) => void;
  onpointermove: (event: PointerEvent) => void;
  onpointerup: () => void;
  onpointercancel: () => void;
};

/** Degrees from -180 up to 180. */
export function within(degrees: number): number {
  return ((((Math.round(degrees) + 180) % 360) + 360) % 360) - 180;
}

/**
 * Turns by hand.
 *
 * @param turn degrees now
 * @param set takes other degrees
 */
export function byHand(turn: () => number, set: (degrees: number) => void): Turning {
  let held: { x: number; turn: number } | null = null;
  const letGo = () => {
    held = null;
  };
  return {
    onpointerdown: (event) => {
      held = { x: event.clientX, turn: turn() };
      (event.currentTarget as Element).setPointerCapture(event.pointerId);
    },
    onpointermove: (event) => {
      if (held) {
        set(within(held.turn + DEGREES_A_PIXEL * (event.clientX - held.x)));
      }
    },
    onpointerup: letGo,
    onpointercancel: letGo
  };
}
