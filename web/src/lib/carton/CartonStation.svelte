<!-- Everything of board in the pack, from the item outward: what it is, its blank, how it folds up, the files to cut by. -->
<script lang="ts">
  import { api, type Joined } from '../api/client';
  import { answerOf } from '../bench/answer.svelte';
  import LayerEditor from '../bench/LayerEditor.svelte';
  import type { Bench } from '../bench/bench.svelte';
  import { house } from '../house.svelte';
  import { mass, money, said, sizeText } from '../units';
  import BlankFigure from './BlankFigure.svelte';
  import BoardFiles from './BoardFiles.svelte';
  import BoardStrength from './BoardStrength.svelte';
  import Clearances from './Clearances.svelte';
  import Fittings from './Fittings.svelte';
  import FoldingFigure from './FoldingFigure.svelte';
  import FromSheets from './FromSheets.svelte';
  import Prices from './Prices.svelte';
  import RigidCase from './RigidCase.svelte';
  import StockChoice from './StockChoice.svelte';
  import WholePack from './WholePack.svelte';

  let { bench }: { bench: Bench } = $props();

  /** What the station shows, in the order in which a carton is settled. */
  const PARTS = [
    { value: 'cut', text: 'Boxes and blanks' },
    { value: 'clear', text: 'Clearances' },
    { value: 'whole', text: 'Whole pack' },
    { value: 'board', text: 'Board and strength' },
    { value: 'price', text: 'What carriers charge' },
    { value: 'case', text: 'Rigid case' }
  ] as const;
  type Part = (typeof PARTS)[number]['value'];

  // What the server accepts is drawn anew; what it refuses leaves the last drawing standing.
  const answer = answerOf(
    () => bench,
    (body, signal) =>
      api.POST('/api/board-work', { params: { query: { units: house.ways.lengthUnit } }, body, signal }),
    'board work'
  );
  let works = $derived(answer.value ?? []);
  let chosen = $state<number | null>(null);
  let piece = $state(0);
  let part = $state<Part>('cut');
  let joints = $state.raw<Joined | null>(null);

  /** The outer carton, unless another was chosen. */
  let index = $derived(Math.min(chosen ?? works.findLastIndex((w) => w.style !== null), works.length - 1));
  let work = $derived(works[index]);
  let blank = $derived(work?.blanks[Math.min(piece, work.blanks.length - 1)]);
  let box = $derived(bench.evaluation?.boxes.find((b) => b.layer === work?.layer));
  let grade = $derived(bench.evaluation?.checks.find((c) => c.about === 'boardGrade'));

  function choose(i: number) {
    chosen = i;
    piece = 0;
  }
</script>

<div class="station">
  {#if answer.trouble}<p class="status-breaks" role="alert">{answer.trouble}</p>{/if}
  {#if answer.waiting && !answer.value}<p role="status">Working out boxes, blanks and how they fold.</p>{/if}
  <div class="parts" role="group" aria-label="What to look at">
    {#each PARTS as each (each.value)}
      <button type="button" aria-pressed={part === each.value} onclick={() => (part = each.value)}>{each.text}</button>
    {/each}
  </div>
  {#if part === 'cut'}
    <div class="row" role="group" aria-label="What is made of board, from the item outward">
      {#each works as each, i (i)}
        <button type="button" class="thing" aria-pressed={i === index} onclick={() => choose(i)}>{each.name}</button>
      {/each}
    </div>
    {#if work}
      {#if work.layer !== null && bench.pack.layers[work.layer]}
        <LayerEditor {bench} index={work.layer} />
      {/if}
      {#if box}
        <StockChoice {bench} layer={box.layer} />
        {#if work.style !== null}<Fittings {bench} layer={box.layer} />{/if}
        <p>
          Inside <b>{sizeText(box.insideMm, 1)}</b>, outside <b>{sizeText(box.outsideMm, 1)}</b>. {work.made}
          {#if grade && work.name === 'Outer carton'}<span class="quiet">{grade.because}</span>{/if}
        </p>
      {/if}
      {#if work.impossible}
        <p class="status-breaks" role="alert">{work.impossible}</p>
      {/if}
      {#if work.cutDown}
        <section aria-label="Cutting it down">
          <h2 class="font-semibold">Cut down to its height</h2>
          <ol class="order">
            {#each work.cutDown.steps as step (step)}<li>{step}</li>{/each}
          </ol>
        </section>
      {:else if work.bought}
        <p class="quiet">It comes from stock as it is; this is how such a carton is made.</p>
      {/if}
      {#if blank}
        <div class="pieces">
          <div class="row" role="group" aria-label="Pieces to cut">
            {#each work.blanks as each, i (each.file)}
              <button
                type="button"
                class="plain-button"
                aria-pressed={each.file === blank.file}
                onclick={() => (piece = i)}>{each.count > 1 ? `${each.count} × ` : ''}{each.name}</button
              >
            {/each}
            <span class="quiet"
              >{work.board}, {said('board', work.areaM2, 3)}{work.sheetM2 > 1.02 * work.areaM2
                ? ` out of ${said('board', work.sheetM2, 3)}`
                : ''}, {mass(work.massKg, 3)}{work.cost === null ? '' : `, ${money(work.cost)}`}</span
            >
          </div>
          <div class="drawings">
            <BlankFigure {blank} joints={joints ?? undefined} />
            {#if blank.steps.length > 0}{#key blank.file}<FoldingFigure {blank} />{/key}{/if}
          </div>
          <FromSheets {bench} {blank} bind:joints />
          <BoardFiles {bench} {blank} />
        </div>
      {/if}
    {/if}
  {:else if part === 'clear'}
    <Clearances {bench} />
  {:else if part === 'whole'}
    <WholePack {bench} />
  {:else if part === 'board'}
    <BoardStrength {bench} />
  {:else if part === 'price'}
    <Prices {bench} />
  {:else}
    <RigidCase {bench} />
  {/if}
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.25rem 0.5rem;
  }
  .thing {
    min-height: 1.75rem;
    padding: 0 0.5rem;
    border: 1px solid var(--color-base-300);
    background: var(--color-base-200);
  }
  .thing[aria-pressed='true'] {
    border-color: var(--color-base-content);
    background: var(--color-base-100);
    font-weight: 650;
  }
  .station > :global(*) {
    min-width: 0;
  }
  .parts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.25rem;
    border-bottom: 1px solid var(--color-base-300);
  }
  .parts button {
    padding: 0.3rem 0;
    border-bottom: 2px solid transparent;
  }
  .parts [aria-pressed='true'] {
    border-color: var(--color-accent);
    font-weight: 650;
  }
  .drawings {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
    gap: 0.75rem;
    align-items: start;
  }
  .pieces {
    display: grid;
    gap: 0.5rem;
  }
  .order {
    padding-left: 1.25rem;
    list-style: decimal;
    max-width: 46rem;
  }
</style>
