<!-- Drawings to scale side by side, with a bar to measure with a ruler. -->
<script lang="ts">
  import type { PaperDrawings } from '../api/client';
  import PaperDrawing from './PaperDrawing.svelte';

  let { drawings }: { drawings: PaperDrawings } = $props();
</script>

<div class="drawings">
  {#each drawings.drawings as drawing (drawing.id)}
    <figure>
      <PaperDrawing {drawing} ratio={drawings.ratio} />
      <figcaption>{drawing.caption}</figcaption>
    </figure>
  {/each}
  <p class="bar">
    <span style:width="{drawings.barMm}mm"></span>
    {drawings.note}
  </p>
</div>

<style>
  .drawings {
    display: flex;
    flex-wrap: wrap;
    align-items: flex-end;
    gap: 2mm 6mm;
    padding: 2mm 0;
    border-top: 1px solid var(--color-base-300);
    border-bottom: 1px solid var(--color-base-300);
  }
  figure {
    max-width: 100%;
    overflow-x: auto;
  }
  .bar {
    flex-basis: 100%;
    display: flex;
    align-items: center;
    gap: 3mm;
    font-size: 8.5pt;
  }
  .bar span {
    height: 2mm;
    border: 1px solid currentColor;
    border-top: 0;
  }
</style>
