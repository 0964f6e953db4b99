<!-- The papers of a pack, one at a time: as they are printed. -->
<script lang="ts">
  import { FileText, Printer } from '@lucide/svelte';
  import type { paths } from '../lib/api/schema';
  import { api, call, type PaperView } from '../lib/api/client';
  import Head from '../lib/parts/Head.svelte';
  import ChoiceField from '../lib/parts/ChoiceField.svelte';
  import PaperBlock from '../lib/paper/PaperBlock.svelte';
  import { lists } from '../lib/lists.svelte';
  import { route, searchParams } from '../lib/router';
  import { house } from '../lib/house.svelte';

  type PaperKind = NonNullable<NonNullable<paths['/api/packs/{id}/page']['get']['parameters']['query']>['kind']>;

  const UNIT_KEPT = 'rampart.paper-unit';

  let id = String((route.params as { id?: string }).id);
  /** The revision that is shown as it was evaluated when it was made; null for the draft. */
  let asked = Number(searchParams.get('revision'));
  let revision = Number.isInteger(asked) && asked > 0 ? asked : null;
  let kind = $state<PaperKind>((searchParams.get('kind') ?? 'page') as PaperKind);
  let packs = $state(Math.max(1, Math.min(100, Number(searchParams.get('packs')) || 1)));
  let paper = $state.raw<PaperView | null>(null);
  let trouble = $state('');
  let unit = $state<'mm' | 'in'>((localStorage.getItem(UNIT_KEPT) ?? house.ways.lengthUnit) === 'in' ? 'in' : 'mm');

  void open();

  async function open() {
    const query = {
      units: unit,
      decimal: house.ways.numbers,
      kind,
      packs,
      ...(revision === null ? {} : { revision })
    };
    const answer = await call(api.GET('/api/packs/{id}/page', { params: { path: { id }, query } }));
    trouble = answer.problem?.detail ?? '';
    paper = answer.data ?? null;
  }

  function show(next: PaperKind) {
    kind = next;
    searchParams.set('kind', next);
    void open();
  }

  let query = $derived(
    `units=${unit}&decimal=${house.ways.numbers}&kind=${kind}&packs=${packs}${revision === null ? '' : `&revision=${revision}`}`
  );

  function choose(next: 'mm' | 'in') {
    unit = next;
    localStorage.setItem(UNIT_KEPT, next);
    void open();
  }
</script>

<svelte:head><title>{paper ? `${paper.title}, paper` : 'Rampart'}</title></svelte:head>

<div class="on-screen">
  <Head compact>
    <h1 class="sr-only">{paper?.title ?? 'Paper'}</h1>
    <ChoiceField
      label="Which paper"
      value={kind}
      options={(lists.all?.papers ?? []).map((each) => ({ value: each.kind as PaperKind, text: each.title }))}
      onset={show}
    />
    {#if kind === 'materials' || kind === 'cutting'}
      <span>for</span>
      <input
        class="in-sentence"
        type="number"
        min="1"
        max="100"
        aria-label="For how many packs"
        value={packs}
        onchange={(event) => {
          packs = Math.max(1, Math.min(100, Math.round(Number(event.currentTarget.value)) || 1));
          void open();
        }}
      />
      <span>{packs === 1 ? 'pack' : 'packs'}</span>
    {/if}
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
      <a class="plain-button" href="/api/packs/{id}/page.pdf?{query}&paper={each.paper}" download
        ><FileText size={15} aria-hidden="true" /> PDF, {each.name}</a
      >
    {/each}
    {#if kind === 'specification'}
      <a class="plain-button" href="/api/packs/{id}/page.txt?{query}" download>Text</a>
    {:else if kind === 'labels'}
      <a class="plain-button" href="/api/packs/{id}/labels.pdf?{query}" download>Single labels</a>
    {/if}
    <button type="button" class="btn btn-neutral btn-sm" onclick={() => window.print()}
      ><Printer size={15} aria-hidden="true" /> Print</button
    >
  </Head>
</div>

{#if trouble}
  <main id="main" class="p-6"><p class="text-base">{trouble}</p></main>
{:else if paper}
  <main id="main" class="paper" data-theme="paper" data-unit={unit}>
    {#each paper.blocks as block, index (index)}<PaperBlock {block} />{/each}
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
