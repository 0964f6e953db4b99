const KEPT = 'rampart-single-keys';

/** A key of the bench and what it does. Single keys can be switched off; none fires inside a field. */
export interface Key {
  keys: string;
  does: string;
}

export const SINGLE_KEYS: Key[] = [
  { keys: '1', does: 'Item station' },
  { keys: '2', does: 'Journey station' },
  { keys: '3', does: 'Cushion station' },
  { keys: '4', does: 'Insert station' },
  { keys: '5', does: 'Carton station' },
  { keys: '6', does: 'Walls station: walls proposed' },
  { keys: '7', does: 'Release station: papers, steps, parts' },
  { keys: 'v', does: 'The next view of the section' },
  { keys: 'b', does: 'The next blow, weakest first' },
  { keys: 'm', does: 'What would mend the weakest check' }
];

export const OTHER_KEYS: Key[] = [
  { keys: 'Ctrl + Z', does: 'Undo, where nothing is being typed' },
  { keys: 'Ctrl + Shift + Z', does: 'Redo, where nothing is being typed' },
  { keys: 'Arrow up, arrow down', does: 'In a number: a step more or less; a thickness steps by the sheets in store' },
  { keys: 'Enter', does: 'In a number: shows it as it was understood' },
  { keys: 'Tab, Shift + Tab', does: 'To the next or previous thing that can be used' },
  { keys: 'Escape', does: 'Closes a window over the page' }
];

class KeyChoice {
  single = $state(localStorage.getItem(KEPT) !== 'off');

  set(on: boolean) {
    this.single = on;
    localStorage.setItem(KEPT, on ? 'on' : 'off');
  }
}

export const keyChoice = new KeyChoice();
