<!-- One number with its unit. Takes what people write; what cannot be read stays in the field with its reason. -->
<script lang="ts">
  import { house } from '../house.svelte';
  import {
    KG_PER_LB,
    lengthIn,
    massIn,
    type Measure,
    measureIn,
    MM_PER_IN,
    numberOf,
    readLength,
    readMass,
    readMeasure,
    readNumber,
    type Reading,
    shown,
    unitOf
  } from '../units';

  let {
    value,
    kind,
    label,
    unit = kind === 'length'
      ? house.ways.lengthUnit
      : kind === 'mass'
        ? house.ways.massUnit
        : kind === 'number'
          ? ''
          : unitOf(kind),
    decimals = kind === 'length' ? 2 : 3,
    step = kind === 'length' ? 5 : 1,
    sheet,
    least = 0,
    optional = false,
    showUnit = true,
    disabled = false,
    onleave = false,
    problem,
    onset
  }: {
    value: number | undefined;
    kind: 'length' | 'mass' | 'number' | Measure;
    label: string;
    unit?: string;
    decimals?: number;
    /** How far the arrow keys step. */
    step?: number;
    /** Thinnest sheet that lies in the store, mm: the arrow keys step by it. */
    sheet?: number;
    least?: number;
    /** May be left empty. */
    optional?: boolean;
    showUnit?: boolean;
    disabled?: boolean;
    /** Sets when the field is left or Enter is pressed, not with each key. */
    onleave?: boolean;
    /** What the server says of this field. */
    problem?: string;
    onset: (value: number | undefined) => void;
  } = $props();

  const id = $props.id();
  let typed = $state<string | null>(null);
  let reading = $derived<Reading | null>(typed === null ? null : read(typed));
  let reason = $derived(
    reading && 'reason' in reading && !(optional && typed?.trim() === '') ? reading.reason : problem
  );
  let text = $derived(typed ?? (value === undefined ? '' : inUnit(value)));

  function inUnit(stored: number): string {
    return kind === 'length'
      ? lengthIn(stored, decimals)
      : kind === 'mass'
        ? massIn(stored, decimals)
        : kind === 'number'
          ? shown(stored, decimals)
          : measureIn(kind, stored, decimals);
  }

  /** How far an arrow key goes in what is stored: a quarter inch where lengths are in inches. */
  function stride(): number {
    if (sheet) {
      return sheet;
    }
    if (kind === 'length' && house.ways.lengthUnit === 'in') {
      return (step / 5) * (MM_PER_IN / 4);
    }
    if (kind === 'mass' && house.ways.massUnit === 'lb') {
      return step * KG_PER_LB;
    }
    return kind === 'length' || kind === 'mass' || kind === 'number' ? step : step / numberOf(kind, 1);
  }

  function read(from: string): Reading {
    switch (kind) {
      case 'length':
        return readLength(from);
      case 'mass':
        return readMass(from);
      case 'number':
        return readNumber(from, unit);
      default:
        return readMeasure(kind, from);
    }
  }

  function input(event: Event & { currentTarget: HTMLInputElement }) {
    typed = event.currentTarget.value;
    if (optional && typed.trim() === '') {
      onset(undefined);
      return;
    }
    const got = read(typed);
    if ('value' in got && !onleave) {
      onset(got.value);
    }
  }

  function leave() {
    if (onleave && reading && 'value' in reading && reading.value !== value) {
      onset(reading.value);
    }
    typed = reason ? typed : null;
  }

  function keydown(event: KeyboardEvent) {
    // What the browser would take back here is letters of a number that has been taken already: the rest of it is another number.
    if (typed === null && (event.ctrlKey || event.metaKey) && ['z', 'y'].includes(event.key.toLowerCase())) {
      event.preventDefault();
      return;
    }
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      const up = event.key === 'ArrowUp';
      const from = value ?? 0;
      // To the next whole step, so that 43 goes to 45 and not to 48.
      const by = stride();
      const next = up ? Math.floor(from / by + 1e-9) * by + by : Math.ceil(from / by - 1e-9) * by - by;
      typed = null;
      onset(Math.max(least, Math.round(next * 1e6) / 1e6));
    } else if (event.key === 'Enter') {
      leave();
    }
  }
</script>

<span class="field" class:wrong={reason}>
  <input
    {id}
    class="in-sentence"
    type="text"
    inputmode="decimal"
    autocomplete="off"
    value={text}
    size={Math.max(2, text.length)}
    aria-label="{label}{unit ? `, ${unit}` : ''}"
    aria-invalid={reason ? 'true' : undefined}
    aria-describedby={reason ? `${id}-reason` : undefined}
    placeholder={optional ? 'none' : ''}
    {disabled}
    data-taken={typed === null}
    oninput={input}
    onkeydown={keydown}
    onblur={leave}
  />
  {#if showUnit && unit}<span class="unit">{unit}</span>{/if}
  {#if reason}<span class="reason" id="{id}-reason" role="alert">{reason}</span>{/if}
</span>

<style>
  .field {
    position: relative;
    display: inline-flex;
    align-items: baseline;
    gap: 0.25em;
    white-space: nowrap;
  }
  input {
    min-width: 2.4ch;
  }
  input::placeholder {
    color: inherit;
    opacity: 0.7;
    font-weight: 400;
  }
  .wrong input {
    border-bottom-color: var(--color-error);
    color: var(--color-error);
  }
  .reason {
    position: absolute;
    z-index: 30;
    top: calc(100% + 3px);
    left: 0;
    width: max-content;
    max-width: 17rem;
    padding: 0.25rem 0.5rem;
    background: var(--color-error);
    color: var(--color-error-content);
    font-size: 0.75rem;
    font-weight: 500;
    white-space: normal;
  }
</style>
