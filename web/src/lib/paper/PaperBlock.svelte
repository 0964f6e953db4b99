<!-- One block of a paper. -->
<script lang="ts">
  import type { PaperView } from '../api/client';
  import Glyph from '../parts/Glyph.svelte';
  import PaperDrawing from './PaperDrawing.svelte';
  import PaperDrawings from './PaperDrawings.svelte';
  import PaperTable from './PaperTable.svelte';

  let { block }: { block: PaperView['blocks'][number] } = $props();
</script>

{#if block.title}
  <header>
    <h2>{block.title.words}</h2>
    <p>{block.title.standing}</p>
  </header>
{:else if block.text}
  <p class={block.text.weight}>
    {#if block.text.status}<Glyph status={block.text.status} size={14} />{/if}
    {block.text.words}
  </p>
{:else if block.drawings}
  <PaperDrawings drawings={block.drawings} />
{:else if block.table}
  <PaperTable table={block.table} />
{:else if block.step}
  <div class="step">
    <b>{block.step.number}</b>
    <div>
      <p class="does">{block.step.words}</p>
      {#each block.step.details as detail, index (index)}<p>{detail}</p>{/each}
    </div>
    <p class="sign">
      {#if block.step.sign}{block.step.sign}<span class="box"></span>{/if}
    </p>
    <div>
      {#if block.step.drawing}<PaperDrawing drawing={block.step.drawing} />{/if}
    </div>
  </div>
{:else if block.cutOuts}
  <div class="cut-outs">
    {#each block.cutOuts.drawings as drawing, index (index)}<PaperDrawing {drawing} />{/each}
  </div>
{:else if block.picture}
  <figure class="picture">
    <img src={block.picture.address} alt={block.picture.caption} style:height="{block.picture.heightMm}mm" />
    <figcaption>{block.picture.caption}</figcaption>
  </figure>
{/if}

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    justify-content: space-between;
    gap: 0 6mm;
    border-bottom: 2px solid currentColor;
  }
  h2 {
    font-size: 14pt;
    font-weight: 700;
  }
  .strong {
    font-weight: 650;
  }
  .small {
    font-size: 8.5pt;
  }
  .picture {
    font-size: 8.5pt;
  }
  .step {
    display: grid;
    grid-template-columns: 8mm minmax(0, 1fr) auto 36mm;
    gap: 1mm 3mm;
    padding-top: 1mm;
    border-top: 1px solid var(--color-base-300);
    break-inside: avoid;
  }
  .does {
    font-weight: 650;
  }
  .sign {
    font-size: 8.5pt;
  }
  .box {
    display: inline-block;
    width: 4.5mm;
    height: 4.5mm;
    margin-left: 2mm;
    border: 1px solid currentColor;
    vertical-align: top;
  }
  .cut-outs {
    display: flex;
    flex-wrap: wrap;
    gap: 3mm;
    padding: 2mm 0;
  }
  .cut-outs > :global(*) {
    break-inside: avoid;
  }
  @media (max-width: 640px) {
    .step {
      grid-template-columns: 8mm minmax(0, 1fr);
    }
  }
</style>
