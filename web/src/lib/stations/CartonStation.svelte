<!-- Every box of the pack, inner first, with its sizes and its board. -->
<script lang="ts">
  import type { Bench } from '../bench/bench.svelte';
  import LayerEditor from '../bench/LayerEditor.svelte';
  import StockChoice from './StockChoice.svelte';
  import { materials } from '../catalogue.svelte';
  import { KG_PER_LB, length, mass, MM_PER_IN, shown, sizeText } from '../units';

  let { bench }: { bench: Bench } = $props();

  let boxes = $derived(bench.evaluation!.boxes);

  function board(layer: number) {
    const box = bench.pack.layers[layer];
    return box?.kind === 'box' ? materials.all.boards.find((b) => b.id === box.board) : undefined;
  }
</script>

<div class="station">
  {#each boxes as box, i (box.layer)}
    <div class="box">
      <h2 class="font-semibold">
        {i === boxes.length - 1 ? 'Outer carton' : `Inner box ${boxes.length > 2 ? i + 1 : ''}`}
      </h2>
      {#if bench.pack.layers[box.layer]?.kind === 'box'}
        <LayerEditor {bench} index={box.layer} />
        <StockChoice {bench} layer={box.layer} />
      {/if}
      <p>
        Inside <b>{sizeText(box.insideMm, 1)}</b>, outside <b>{sizeText(box.outsideMm, 1)}</b>, board {mass(
          box.massKg,
          3
        )}. Holds contents of {sizeText(box.contentsMm, 1)}.
        {#if board(box.layer)}
          {@const b = board(box.layer)!}
          <span class="quiet"
            >Caliper {length(b.caliperMm)}, edge crush {shown(b.edgeCrushKnPerM, 2)} kN/m, {shown(b.grammageGm2, 0)}
            g/m² (nominal). Its grade is meant for {mass(b.limitLb * KG_PER_LB, 1)} and {length(
              b.limitIn * MM_PER_IN,
              0
            )} of length + width + height ({b.limitsSource}).</span
          >
        {/if}
      </p>
    </div>
  {/each}
</div>

<style>
  .box {
    padding-bottom: 0.5rem;
    border-bottom: 1px solid var(--color-base-300);
  }
</style>
