import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { house } from '../house.svelte';
import QuantityField from './QuantityField.svelte';

function field(extra: Record<string, unknown> = {}) {
  const onset = vi.fn();
  render(QuantityField, { value: 43, kind: 'length', label: 'Thickness', onset, ...extra });
  return { onset, input: screen.getByRole('textbox') as HTMLInputElement };
}

describe('a field for a length', () => {
  it('gives each readable value at once, in mm', async () => {
    const { onset, input } = field();
    await userEvent.clear(input);
    await userEvent.type(input, '1 1/2 in');
    expect(onset).toHaveBeenLastCalledWith(expect.closeTo(38.1, 9));
  });

  it('keeps what cannot be read, says why, and gives nothing', async () => {
    const { onset, input } = field();
    await userEvent.clear(input);
    onset.mockClear();
    await userEvent.type(input, 'thick');
    expect(onset).not.toHaveBeenCalled();
    expect(input.value).toBe('thick');
    expect(screen.getByRole('alert')).toHaveTextContent('"thick" is not a length');
    expect(input).toHaveAttribute('aria-invalid', 'true');
  });

  it('steps with the arrow keys to whole steps', async () => {
    const { onset, input } = field();
    input.focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(onset).toHaveBeenLastCalledWith(45);
    await userEvent.keyboard('{ArrowDown}');
    expect(onset).toHaveBeenLastCalledWith(40);
  });

  it('does not step under the least', async () => {
    const { onset, input } = field({ value: 2 });
    input.focus();
    await userEvent.keyboard('{ArrowDown}');
    expect(onset).toHaveBeenLastCalledWith(0);
  });

  it('may be left empty only where it is optional', async () => {
    const { onset, input } = field({ optional: true });
    await userEvent.clear(input);
    expect(onset).toHaveBeenLastCalledWith(undefined);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('shows what the server says of it', () => {
    field({ problem: '-2 is not allowed; it must be a number above 0' });
    expect(screen.getByRole('alert')).toHaveTextContent('above 0');
  });
});

describe('in the unit of the house', () => {
  const { ways } = house;
  afterEach(() => (house.ways = ways));

  it('shows inches, rounded, and leaves what is stored alone', async () => {
    house.ways = { ...ways, lengthUnit: 'in' };
    const { onset, input } = field({ value: 38 });
    expect(input.value).toBe('1.5');
    expect(input).toHaveAccessibleName('Thickness, in');
    input.focus();
    await userEvent.tab();
    expect(onset).not.toHaveBeenCalled();
    input.focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(onset).toHaveBeenLastCalledWith(expect.closeTo(1.5 * 25.4, 6));
  });

  it('steps by the sheets in store', async () => {
    const { onset, input } = field({ value: 50, sheet: 20 });
    input.focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(onset).toHaveBeenLastCalledWith(60);
  });

  it('sets only when it is left, where that is asked for', async () => {
    const { onset, input } = field({ onleave: true });
    await userEvent.clear(input);
    await userEvent.type(input, '99');
    expect(onset).not.toHaveBeenCalled();
    await userEvent.tab();
    expect(onset).toHaveBeenCalledExactlyOnceWith(99);
  });
});
