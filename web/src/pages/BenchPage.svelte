<!-- One pack on the bench. -->
<script lang="ts">
  import { Download, History, Printer, Redo2, Undo2 } from '@lucide/svelte';
  import { onDestroy, tick, untrack } from 'svelte';
  import type { Check } from '../lib/api/client';
  import { Bench, type Station } from '../lib/bench/bench.svelte';
  import Broken from '../lib/bench/Broken.svelte';
  import BlowMap from '../lib/bench/BlowMap.svelte';
  import Conflict from '../lib/bench/Conflict.svelte';
  import DropPlayer from '../lib/bench/DropPlayer.svelte';
  import Figures from '../lib/bench/Figures.svelte';
  import LayerEditor from '../lib/bench/LayerEditor.svelte';
  import LayerRow from '../lib/bench/LayerRow.svelte';
  import Margins from '../lib/bench/Margins.svelte';
  import NextSteps from '../lib/bench/NextSteps.svelte';
  import Matters from '../lib/bench/Matters.svelte';
  import Path from '../lib/bench/Path.svelte';
  import Revisions from '../lib/bench/Revisions.svelte';
  import Section from '../lib/bench/Section.svelte';
  import StoreChanges from '../lib/bench/StoreChanges.svelte';
  import Sentence from '../lib/bench/Sentence.svelte';
  import { lineOf } from '../lib/bench/words';
  import { messages, say } from '../lib/messages';
  import { capital, VIEWS } from '../lib/faces';
  import { keyChoice } from '../lib/keys.svelte';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import { remember } from '../lib/present';
  import { route, searchParams } from '../lib/router';
  import { session } from '../lib/session.svelte';
  import InsertStation from '../lib/insert/InsertStation.svelte';
  import CartonStation from '../lib/carton/CartonStation.svelte';
  import ItemStation from '../lib/stations/ItemStation.svelte';
  import SheetPlans from '../lib/stations/SheetPlans.svelte';
  import StationHelp from '../lib/stations/StationHelp.svelte';
  import JourneyStation from '../lib/stations/JourneyStation.svelte';
  import ReleaseStation from '../lib/release/ReleaseStation.svelte';
  import Walls from '../lib/walls/Walls.svelte';
  import { clock } from '../lib/units';

  const STATIONS: Station[] = ['Item', 'Journey', 'Cushion', 'Insert', 'Carton', 'Walls', 'Release'];
  /** Stations that draw something else than the section. */
  const OWN_DRAWINGS = ['Walls', 'Insert', 'Carton', 'Release'];

  const TIMED = {
    working: 'The boxes between the cushions are heavy: this is the quick verdict, the falls are being worked in time.',
    there: 'The boxes between the cushions are heavy: the falls were worked in time, and the higher G counts.',
    failed:
      'The boxes between the cushions are heavy, and the falls could not be worked in time: this is the quick verdict.'
  };
  const REMEMBER = 'Opens as it was left; nothing typed is lost while this page is open.';

  let bench = $state.raw<Bench | null>(null);
  let trouble = $state('');
  let showRevisions = $state(false);
  let playing = $state(false);

  let id = $derived(String((route.params as { id?: string }).id));
  /** The station in the address, so that Back goes to the one before and a link opens it. */
  let addressed = $derived(STATIONS.find((s) => s.toLowerCase() === searchParams.get('at')) ?? 'Cushion');

  $effect(() => {
    const to = addressed;
    untrack(() => bench && (bench.station = to));
  });
  $effect(() => {
    const at = bench?.station;
    if (at && at !== untrack(() => addressed)) {
      untrack(() => searchParams.set('at', at.toLowerCase()));
    }
  });

  $effect(() => {
    const opened = new Bench(id, session.readOnly);
    opened.station = untrack(() => addressed);
    bench = null;
    void opened.open().then((problem) => {
      trouble = problem ?? '';
      if (!problem) {
        bench = opened;
      }
    });
    return () => void opened.save();
  });

  $effect(() => {
    if (bench?.evaluation) {
      remember(bench.id, bench.pack, bench.evaluation);
    }
  });

  let weakest = $derived(bench?.evaluation?.checks.find((c) => c.id === bench?.evaluation?.weakest));
  let saving = $derived.by(() => {
    switch (bench?.saving.kind) {
      case 'saved':
        return `saved ${clock(bench.saving.at)}`;
      case 'failed':
        return bench.saving.signedOut ? messages.signedOut.what : `Not saved: ${bench.saving.reason} Trying again.`;
      case 'refused':
        return say('refused');
      default:
        return 'saving';
    }
  });

  /** Opens the margin with its remedies and goes there. */
  async function mend(on: Bench, check: Check) {
    on.openMargin = lineOf(check);
    await tick();
    const row = document.querySelector<HTMLElement>(`[data-line="${lineOf(check)}"]`);
    row?.focus({ preventScroll: true });
    // Where the reasons stand beside the work they scroll by themselves; else the page does.
    const reasons = row?.closest('aside');
    if (row && reasons && reasons.scrollHeight > reasons.clientHeight) {
      reasons.scrollTop += row.getBoundingClientRect().top - reasons.getBoundingClientRect().top;
    } else {
      row?.scrollIntoView({ block: 'start' });
    }
  }

  function firstSentence(text: string): string {
    return text.split(/(?<=[.]) (?=[A-Z])/)[0]!;
  }

  function keydown(event: KeyboardEvent) {
    const inField = event.target instanceof HTMLElement && event.target.closest('input, select, textarea, dialog');
    // A number that has been taken is undone with the rest of the pack.
    const taken = event.target instanceof HTMLElement && event.target.dataset.taken === 'true';
    if ((inField && !(taken && (event.ctrlKey || event.metaKey))) || document.querySelector('dialog[open]')) {
      return;
    }
    if (!(event.ctrlKey || event.metaKey)) {
      if (keyChoice.single && !event.altKey && bench?.evaluation) {
        single(bench, event.key);
      }
      return;
    }
    if (event.key.toLowerCase() !== 'z') {
      return;
    }
    event.preventDefault();
    if (event.shiftKey) {
      bench?.redo();
    } else {
      bench?.undo();
    }
  }

  /** Single keys, as lib/keys lists them. */
  function single(on: Bench, key: string) {
    const station = STATIONS[Number(key) - 1];
    if (station) {
      on.station = station;
    } else if (key === 'v') {
      on.view = VIEWS[(VIEWS.indexOf(on.view) + 1) % VIEWS.length]!;
    } else if (key === 'b') {
      on.nextBlow();
    } else if (key === 'm' && weakest && !on.readOnly) {
      void mend(on, weakest);
    }
  }

  function leaving(event: BeforeUnloadEvent) {
    if (bench && bench.saving.kind !== 'saved' && !bench.readOnly) {
      void bench.save();
      event.preventDefault();
    }
  }

  onDestroy(() => (document.title = 'Rampart'));
  $effect(() => {
    document.title = bench ? `${bench.pack.name}, Rampart` : 'Rampart';
  });
</script>

<svelte:window onkeydown={keydown} onbeforeunload={leaving} />

<Head compact>
  {#if bench}
    <h1 class="gives max-w-56 truncate font-semibold" title={bench.pack.name}>{bench.pack.name}</h1>
    <span class="quiet max-w-40 text-xs" role="status" title={REMEMBER} data-saving={bench.saving.kind}
      >{bench.revision === null
        ? 'draft'
        : `${bench.changedSinceRevision ? 'changed since' : 'as in'} revision ${bench.revision}`}, {saving}</span
    >
    {#if bench.saving.kind === 'failed' && bench.saving.signedOut}
      <a class="text-xs font-semibold underline" href="/" target="_blank"
        >{messages.signedOut.kept} {messages.signedOut.todo}</a
      >
    {/if}
    <nav class="stations" aria-label="Stations">
      {#each STATIONS as station (station)}
        <a
          href="/packs/{bench.id}?at={station.toLowerCase()}"
          aria-current={bench.station === station ? 'step' : undefined}>{station}</a
        >
      {/each}
    </nav>
    <span class="grow"></span>
    {#if !bench.readOnly}
      <button type="button" class="plain-button" disabled={!bench.canUndo} onclick={() => bench?.undo()} title="Undo"
        ><Undo2 size={16} aria-hidden="true" /><span class="sr-only">Undo</span></button
      >
      <button type="button" class="plain-button" disabled={!bench.canRedo} onclick={() => bench?.redo()} title="Redo"
        ><Redo2 size={16} aria-hidden="true" /><span class="sr-only">Redo</span></button
      >
    {/if}
    <button type="button" class="plain-button" title="Revisions" onclick={() => (showRevisions = true)}
      ><History size={16} aria-hidden="true" /><span class="sr-only">Revisions</span></button
    >
    <a class="plain-button" href="/packs/{bench.id}/page" title="Page"
      ><Printer size={16} aria-hidden="true" /><span class="sr-only">Page</span></a
    >
    <a class="plain-button" href="/api/packs/{bench.id}/file" download title="Export"
      ><Download size={16} aria-hidden="true" /><span class="sr-only">Export</span></a
    >
  {/if}
</Head>

{#if trouble}
  <main id="main" class="p-6">
    <p class="text-base">{trouble}</p>
    <p class="mt-2"><a class="underline" href="/">Back to the shelf</a></p>
  </main>
{:else if bench?.evaluation}
  <main id="main" class="bench">
    <div class="work">
      <Sentence {bench} />
      <p class="verdict" role="status" data-verdict={bench.evaluation.verdict}>
        <Glyph status={bench.evaluation.verdict} size={18} />
        <b class="status-{bench.evaluation.verdict}">{capital(bench.evaluation.verdict)}</b>
        {#if weakest}
          <span
            ><span class="quiet">Weakest:</span>
            {weakest.title.replace(/^Falls/, 'falls')}. {firstSentence(weakest.because)}
            {#if !bench.readOnly && bench.evaluation.verdict !== 'holds' && bench.evaluation.verdict !== 'unknown'}
              <button type="button" class="mend" onclick={() => bench && mend(bench, weakest)}
                >What would mend it</button
              >
            {/if}</span
          >
        {/if}
      </p>
      <NextSteps {bench} />
      <StoreChanges {bench} />
      {#if bench.timed !== 'enough'}
        <p class="timed quiet" role="status" data-timed={bench.timed}>{TIMED[bench.timed]}</p>
      {/if}
      {#if !OWN_DRAWINGS.includes(bench.station)}<Section {bench} />{/if}
      <div class="under">
        <StationHelp station={bench.station} />
        {#if bench.station === 'Item'}
          <ItemStation {bench} />
        {:else if bench.station === 'Journey'}
          <JourneyStation {bench} />
        {:else if bench.station === 'Insert'}
          <InsertStation {bench} />
        {:else if bench.station === 'Carton'}
          <CartonStation {bench} />
        {:else if bench.station === 'Release'}
          <ReleaseStation {bench} />
        {:else if bench.station === 'Walls'}
          <Walls {bench} />
        {:else}
          <LayerRow {bench} />
          {#if bench.blow}
            <Path {bench} drop={bench.blow} />
            <button
              type="button"
              class="mend justify-self-start"
              aria-expanded={playing}
              onclick={() => (playing = !playing)}
              >{playing ? 'Put the slow fall away' : 'Watch this fall slowly'}</button
            >
            {#if playing}<DropPlayer {bench} drop={bench.blow} />{/if}
          {/if}
          <LayerEditor {bench} index={bench.chosenLayer} />
          <SheetPlans {bench} />
        {/if}
      </div>
    </div>
    <aside class="reasons" aria-label="Blows and margins">
      <BlowMap {bench} />
      <Margins {bench} />
      <Matters {bench} />
    </aside>
  </main>
  <Figures {bench} />
  <Revisions {bench} bind:open={showRevisions} />
  <Conflict {bench} />
{:else if bench && bench.problems.length > 0}
  <Broken {bench} />
{:else}
  <main id="main" class="p-6" aria-busy="true">Opening the pack</main>
{/if}

<style>
  .stations {
    display: flex;
    flex-wrap: wrap;
    align-self: stretch;
    margin-left: 0.75rem;
  }
  .stations a {
    display: flex;
    align-items: center;
    padding: 0 0.5rem;
    min-height: 2.75rem;
    border-bottom: 3px solid transparent;
  }
  .stations a:hover {
    background: var(--color-base-200);
  }
  .stations [aria-current] {
    border-bottom-color: var(--color-accent);
    font-weight: 650;
  }
  .bench {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 430px;
    min-height: 0;
    flex: 1;
  }
  .work {
    /* What is there for screen readers alone stays in what scrolls, and does not make the page longer. */
    position: relative;
    display: flex;
    flex-direction: column;
    min-height: 0;
    padding: 0.25rem 1.125rem 0.75rem;
    overflow-y: auto;
  }
  .verdict {
    display: flex;
    align-items: flex-start;
    gap: 0.5rem;
    margin: 0.125rem 0 0.25rem;
  }
  .timed {
    margin: 0 0 0.25rem;
  }
  .mend {
    min-height: 1.5rem;
    border-bottom: 2px solid var(--color-accent);
    font-weight: 600;
  }
  .work > :global(.section) {
    flex: 1 0 23rem;
  }
  .under {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.5rem;
    padding-top: 0.5rem;
    border-top: 1px solid var(--color-base-300);
  }
  .under :global(.station) {
    display: grid;
    gap: 0.25rem;
    line-height: 2;
  }
  .reasons {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
    gap: 0.75rem;
    padding: 0.5rem 0.875rem 0.75rem;
    border-left: 1px solid var(--color-base-300);
    background: color-mix(in oklab, var(--color-base-200) 70%, var(--color-base-100));
    overflow-y: auto;
    contain: layout paint;
  }
  /* Narrower or zoomed: one column, sentence, verdict, section, path, blow map, margins. */
  @media (max-width: 1023px) {
    .bench {
      display: block;
    }
    .work > :global(.section) {
      flex: none;
    }
    .work,
    .reasons {
      overflow: visible;
    }
    .reasons {
      border-left: 0;
      contain: none;
    }
  }
</style>
