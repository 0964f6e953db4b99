<!-- One page to work from: section to scale, layers, what to cut and buy, verdict and what it rests on. -->
<script lang="ts">
  import { FileText, Printer } from '@lucide/svelte';
  import { api, call, type PaperView } from '../lib/api/client';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import PaperDrawings from '../lib/paper/PaperDrawings.svelte';
  import PaperTable from '../lib/paper/PaperTable.svelte';
  import { route, searchParams } from '../lib/router';
  import { house } from '../lib/house.svelte';

  const UNIT_KEPT = 'rampart.paper-unit';

  let id = String((route.params as { id?: string }).id);
  /** The revision that is shown as it was evaluated when it was made; null for the draft. */
  let asked = Number(searchParams.get('revision'));
  let revision = Number.isInteger(asked) && asked > 0 ? asked : null;
  let paper = $state.raw<PaperView | null>(null);
  let trouble = $state('');
  let unit = $state<'mm' | 'in'>((localStorage.getItem(UNIT_KEPT) ?? house.ways.lengthUnit) === 'in' ? 'in' : 'mm');

  void open();

  async function open() {
    const query = { units: unit, decimal: house.ways.numbers, ...(revision === null ? {} : { revision }) };
    const answer = await call(api.GET('/api/packs/{id}/page', { params: { path: { id }, query } }));
    trouble = answer.problem?.detail ?? '';
    paper = answer.data ?? null;
  }

  function choose(next: 'mm' | 'in') {
    unit = next;
    localStorage.setItem(UNIT_KEPT, next);
    void open();
  }
</script>

<svelte:head><title>{paper ? `${paper.title}, page` : 'Rampart'}</title></svelte:head>

<div class="on-screen">
  <Head compact>
    <h1 class="gives max-w-md truncate font-semibold">{paper?.title ?? ''}, page</h1>
    <a class="plain-button" href="/packs/{id}">Back to the bench</a>
    <span class="grow"></span>
    <span role="group" aria-label="Unit of length" class="flex">
      {#each ['mm', 'in'] as const as each (each)}
        <button type="button" class="plain-button" aria-pressed={unit === each} onclick={() => choose(each)}
          >{each === 'mm' ? 'millimetres' : 'inches'}</button
        >
      {/each}
    </span>
    {#each [{ paper: 'a4', name: 'A4' }, { paper: 'letter', name: 'Letter' }] as each (each.paper)}
      <a
        class="plain-button"
        href="/api/packs/{id}/page.pdf?units={unit}&decimal={house.ways.numbers}&paper={each.paper}{revision === null
          ? ''
          : `&revision=${revision}`}"
        download><FileText size={15} aria-hidden="true" /> PDF, {each.name}</a
      >
    {/each}
    <button type="button" class="btn btn-neutral btn-sm" onclick={() => window.print()}
      ><Printer size={15} aria-hidden="true" /> Print</button
    >
  </Head>
</div>

{#if trouble}
  <main id="main" class="p-6"><p class="text-base">{trouble}</p></main>
{:else if paper}
  <main id="main" class="paper" data-theme="paper" data-unit={unit}>
    {#each paper.blocks as { title, text, drawings, table, picture }, index (index)}
      {#if title}
        <header>
          <h2>{title.words}</h2>
          <p class="shrink-0">{title.standing}</p>
        </header>
      {:else if text}
        <p class={text.weight}>
          {#if text.status}<Glyph status={text.status} size={14} />{/if}
          {text.words}
        </p>
      {:else if drawings}
        <PaperDrawings {drawings} />
      {:else if table}
        <PaperTable {table} />
      {:else if picture}
        <figure class="picture">
          <img src={picture.address} alt={picture.caption} style:height="{picture.heightMm}mm" />
          <figcaption>{picture.caption}</figcaption>
        </figure>
      {/if}
    {/each}
  </main>
{/if}

<style>
  .paper {
    box-sizing: border-box;
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    gap: 1.5mm 6mm;
    width: 186mm;
    max-width: 100%;
    margin: 1rem auto 3rem;
    padding: 0 2mm;
    background: var(--color-base-100);
    color: var(--color-base-content);
    font-size: 9.5pt;
    line-height: 1.35;
    overflow-wrap: anywhere;
  }
  .paper > :global(*) {
    grid-column: 1 / -1;
  }
  .paper > :global(.narrow) {
    grid-column: auto;
  }
  header {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 6mm;
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
  [aria-pressed='true'] {
    border-bottom: 2px solid var(--color-accent);
    font-weight: 650;
  }
  @media (max-width: 640px) {
    .paper > :global(.narrow) {
      grid-column: 1 / -1;
    }
  }
  @page {
    margin: 12mm;
  }
  @media print {
    .on-screen {
      display: none;
    }
    .paper {
      width: auto;
      margin: 0;
      padding: 0;
      background: none;
    }
  }
</style>
