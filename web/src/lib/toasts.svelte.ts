/** A word at the foot of the screen, with at most one thing to do. */
export interface Toast {
  text: string;
  action?: { label: string; run: () => void };
}

const STAYS_MS = 12000;

class Toasts {
  current = $state.raw<Toast | null>(null);
  private timer: ReturnType<typeof setTimeout> | undefined;

  show(toast: Toast) {
    clearTimeout(this.timer);
    this.current = toast;
    this.timer = setTimeout(() => (this.current = null), STAYS_MS);
  }

  clear() {
    clearTimeout(this.timer);
    this.current = null;
  }
}

export const toasts = new Toasts();
