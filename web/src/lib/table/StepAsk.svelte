<!-- What a step asks: a tick, a count, a mass, a length, whether anything moves, a picture. -->
<script lang="ts">
  import { Camera, Minus, Plus, Scale } from '@lucide/svelte';
  import { api, call, type PackStep, words } from '../api/client';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, mass } from '../units';

  let {
    step,
    value = $bindable(),
    pictures,
    onpicture
  }: {
    step: PackStep;
    value: number | undefined;
    /** How many were taken at this step. */
    pictures: number;
    onpicture: (picture: Blob) => void;
  } = $props();

  let said = $state('');
  let simulated = $state(false);
  let reading = $state(false);

  async function weigh() {
    reading = true;
    const { data, problem } = await call(api.GET('/api/scale'));
    reading = false;
    if (data) {
      simulated = data.simulated;
      said = data.settled ? '' : 'The scale has not settled yet: read it again in a moment.';
      value = data.settled ? data.kg : value;
    } else {
      said = words(problem);
    }
  }

  async function load() {
    const { problem } = await call(api.POST('/api/packings/scale', { body: { kg: step.ask.expected ?? 0 } }));
    said = problem ? words(problem) : 'The pack stands on the simulated scale. Read it.';
  }

  function taken(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    event.currentTarget.value = '';
    if (file) {
      onpicture(file);
    }
  }
</script>

<div class="ask">
  {#if step.ask.kind === 'count' || step.ask.kind === 'tally'}
    <div class="row" role="group" aria-label="How many there are">
      <button type="button" aria-label="One less" onclick={() => (value = Math.max(0, (value ?? 0) - 1))}
        ><Minus aria-hidden="true" /></button
      >
      <output>{value ?? 0}</output>
      <button type="button" aria-label="One more" onclick={() => (value = (value ?? 0) + 1)}
        ><Plus aria-hidden="true" /></button
      >
      {#if step.ask.expected !== null}
        <button type="button" class="wide" onclick={() => (value = step.ask.expected ?? undefined)}
          >all {step.ask.expected}</button
        >
      {/if}
    </div>
  {:else if step.ask.kind === 'mass'}
    <div class="row">
      <QuantityField kind="mass" label="What it weighs" {value} decimals={3} optional onset={(kg) => (value = kg)} />
      <button type="button" class="wide" disabled={reading} onclick={weigh}
        ><Scale size={22} aria-hidden="true" /> Read the scale</button
      >
      {#if simulated}
        <button type="button" class="wide" onclick={load}>Put it on the simulated scale</button>
      {/if}
    </div>
    <p>Predicted {mass(step.ask.expected ?? 0)}, give or take {mass(step.ask.tolerance ?? 0)}.</p>
  {:else if step.ask.kind === 'length'}
    <div class="row">
      <QuantityField kind="length" label="What it measures" {value} optional onset={(mm) => (value = mm)} />
    </div>
    <p>Expected {length(step.ask.expected ?? 0)}, give or take {length(step.ask.tolerance ?? 0)}.</p>
  {:else if step.ask.kind === 'still'}
    <div class="row" role="group" aria-label="Does anything move">
      <button type="button" class="wide" aria-pressed={value === 1} onclick={() => (value = 1)}>nothing moves</button>
      <button type="button" class="wide" aria-pressed={value === 0} onclick={() => (value = 0)}>something moves</button>
    </div>
  {/if}
  <div class="row">
    <label class="camera">
      <Camera size={22} aria-hidden="true" />
      {step.ask.kind === 'photograph' ? 'Photograph it' : 'Add a picture'}
      <input type="file" accept="image/jpeg,image/png" capture="environment" class="sr-only" onchange={taken} />
    </label>
    {#if pictures > 0}<span>{pictures === 1 ? '1 picture' : `${pictures} pictures`}</span>{/if}
  </div>
  <p role="status">{said}</p>
</div>

<style>
  .ask {
    display: grid;
    gap: 0.625rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.625rem;
  }
  .row button,
  .camera {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 0.5rem;
    min-width: 3.5rem;
    min-height: 3.5rem;
    padding: 0 0.875rem;
    border: 2px solid var(--color-base-content);
    cursor: pointer;
  }
  .row button:hover:not(:disabled),
  .camera:hover {
    background: var(--color-base-200);
  }
  .camera:focus-within {
    outline: 2px solid var(--color-primary);
    outline-offset: 2px;
  }
  [aria-pressed='true'] {
    background: var(--color-neutral);
    color: var(--color-neutral-content);
  }
  output {
    min-width: 3.5rem;
    font-size: 2rem;
    font-weight: 700;
    text-align: center;
  }
  .row :global(.in-sentence) {
    height: 3.5rem;
    min-width: 7rem;
    font-size: 1.75rem;
  }
  p {
    font-size: 1.0625rem;
  }
  p:empty {
    display: none;
  }
</style>
