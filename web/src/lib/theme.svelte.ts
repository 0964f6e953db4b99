const KEY = 'rampart-theme';
type Theme = 'paper' | 'lamplight';

/** Day or night; the browser's wish until the person chooses. */
class ThemeChoice {
  current = $state<Theme>('paper');

  constructor() {
    const stored = localStorage.getItem(KEY);
    const dark = window.matchMedia?.('(prefers-color-scheme: dark)').matches;
    this.set(stored === 'paper' || stored === 'lamplight' ? stored : dark ? 'lamplight' : 'paper');
  }

  toggle() {
    this.set(this.current === 'paper' ? 'lamplight' : 'paper');
    localStorage.setItem(KEY, this.current);
  }

  private set(theme: Theme) {
    this.current = theme;
    document.documentElement.dataset.theme = theme;
  }
}

export const theme = new ThemeChoice();
