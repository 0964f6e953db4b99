<!-- Bands across the item, through the bed. -->
<script lang="ts">
  import { Trash2 } from '@lucide/svelte';
  import { api, call, words } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import type { Bed } from './bed';

  let { bench, bed, at }: { bench: Bench; bed: Bed; at: string } = $props();

  type Tie = NonNullable<Bed['ties']>[number];

  let ties = $derived(bed.ties ?? []);

  let told = $state('');

  async function propose() {
    const { data, problem } = await call(api.POST('/api/beds/ties', { body: bench.pack }));
    told = problem ? words(problem) : '';
    if (data?.length === 0) {
      told = 'No line across it rests on strong parts alone with foam under them, on both sides of its balance.';
    } else if (data) {
      write(data as Tie[]);
    }
  }

  function write(next: Tie[]) {
    bench.put(`${at}/ties`, next.length > 0 ? next : undefined);
  }
</script>

<ul>
  {#each ties as tie, i (i)}
    <li class="sentence">
      A tie along the
      <ChoiceField
        label="Direction of tie {i + 1}"
        value={tie.axis}
        disabled={bench.readOnly}
        options={[
          { value: 'length' as const, text: 'length' },
          { value: 'width' as const, text: 'width' }
        ]}
        onset={(axis) => write(ties.with(i, { ...tie, axis }))}
      />
      at
      <QuantityField
        kind="length"
        label="Where tie {i + 1} lies"
        value={tie.atMm}
        least={-10000}
        disabled={bench.readOnly}
        onset={(v) => v !== undefined && write(ties.with(i, { ...tie, atMm: v }))}
      />, pulling with
      <QuantityField
        kind="force"
        step={5}
        label="Tension of tie {i + 1}"
        value={tie.tensionN}
        disabled={bench.readOnly}
        onset={(v) => v !== undefined && write(ties.with(i, { ...tie, tensionN: v }))}
      />.
      {#if !bench.readOnly}
        <button
          type="button"
          class="away"
          aria-label="Take tie {i + 1} away"
          onclick={() => write(ties.toSpliced(i, 1))}><Trash2 size={14} aria-hidden="true" /></button
        >
      {/if}
    </li>
  {/each}
</ul>
{#if !bench.readOnly}
  <div class="row">
    {#if ties.length < 12}
      <button
        type="button"
        class="btn btn-xs"
        onclick={() => write([...ties, { axis: 'width', atMm: 0, widthMm: 20, tensionN: 20 }])}>A tie across it</button
      >
    {/if}
    <button type="button" class="btn btn-xs" onclick={propose}>Tie it down for me</button>
    {#if told}<p class="quiet" role="status">{told}</p>{/if}
  </div>
{/if}

<style>
  .sentence {
    line-height: 2;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
  }
  .away {
    padding: 0.25rem;
    cursor: pointer;
  }
</style>
