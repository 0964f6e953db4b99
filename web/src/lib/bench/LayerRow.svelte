<!-- All layers in a row from the item outward: choose one, put one between two, move or remove it. -->
<script lang="ts">
  import { ArrowLeft, ArrowRight, Trash2 } from '@lucide/svelte';
  import type { Layer } from '../api/client';
  import { materialOf, materials } from '../catalogue.svelte';
  import { lengthIn } from '../units';
  import { lists } from '../lists.svelte';
  import type { Bench } from './bench.svelte';
  import { common, insertLayer, isOuter, mayStand, moveLayer, removeLayer } from './edit';

  let { bench }: { bench: Bench } = $props();

  let adding = $state<number | null>(null);

  function words(layer: Layer): string {
    const name = materials.name(materialOf(layer));
    if (layer.kind === 'wrap') {
      return `${name} ${lengthIn(layer.thicknessMm)}`;
    }
    if (layer.kind === 'cushion') {
      const all = common(layer.thicknessMm);
      return all === null ? name : `${name} ${lengthIn(all)}`;
    }
    return `${name.split(',')[0]} ${layer.kind === 'boards' ? 'boards' : 'box'}`;
  }

  function insert(index: number, kind: Layer['kind']) {
    adding = null;
    bench.change(insertLayer(bench.pack, index, lists.newLayer(kind)), 'layers');
    bench.chosenLayer = index;
  }

  function remove() {
    bench.change(removeLayer(bench.pack, bench.chosenLayer), 'layers');
  }

  function move(by: number) {
    const to = bench.chosenLayer + by;
    bench.change(moveLayer(bench.pack, bench.chosenLayer, to), 'layers');
    bench.chosenLayer = to;
  }

  let chosenOuter = $derived(isOuter(bench.pack, bench.chosenLayer));
</script>

<div class="row" role="group" aria-label="Layers, from the item outward">
  <span class="quiet">item</span>
  {#each bench.pack.layers as layer, index (layer.id ?? index)}
    {#if !bench.readOnly}
      <button
        type="button"
        class="add"
        aria-expanded={adding === index}
        aria-label="Add a layer inside {words(layer)}"
        title="Add a layer here"
        onclick={() => (adding = adding === index ? null : index)}>+</button
      >
    {/if}
    {#if adding === index}
      {#each (lists.all?.layers ?? []).filter((each) => mayStand(each, bench.pack, index)) as each (each.kind)}
        <button
          type="button"
          class="plain-button border border-base-300"
          onclick={() => insert(index, each.kind as Layer['kind'])}>{each.words}</button
        >
      {/each}
    {/if}
    <button
      type="button"
      class="chip"
      aria-pressed={bench.chosenLayer === index}
      onclick={() => (bench.chosenLayer = index)}>{words(layer)}</button
    >
  {/each}
  {#if !bench.readOnly}
    <span class="tools">
      <button
        type="button"
        class="plain-button"
        aria-label="Move the layer inward"
        title="Move inward"
        disabled={chosenOuter || bench.chosenLayer === 0}
        onclick={() => move(-1)}><ArrowLeft size={15} aria-hidden="true" /></button
      >
      <button
        type="button"
        class="plain-button"
        aria-label="Move the layer outward"
        title="Move outward"
        disabled={chosenOuter || isOuter(bench.pack, bench.chosenLayer + 1)}
        onclick={() => move(1)}><ArrowRight size={15} aria-hidden="true" /></button
      >
      <button
        type="button"
        class="plain-button"
        aria-label="Remove the layer"
        title={chosenOuter ? 'The outer carton stays' : 'Remove'}
        disabled={chosenOuter}
        onclick={remove}><Trash2 size={15} aria-hidden="true" /></button
      >
    </span>
  {/if}
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.125rem;
  }
  .chip {
    min-height: 1.625rem;
    padding: 0 0.375rem;
    font-stretch: 88%;
    border: 1px solid var(--color-base-300);
    background: var(--color-base-200);
  }
  .chip[aria-pressed='true'] {
    border-color: var(--color-base-content);
    background: var(--color-base-100);
    font-weight: 650;
  }
  .add {
    min-width: 1.5rem;
    min-height: 1.5rem;
    font-weight: 600;
  }
  .add:hover {
    background: var(--color-base-200);
  }
  .tools {
    display: flex;
    margin-left: auto;
  }
</style>
