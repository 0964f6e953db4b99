import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
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
