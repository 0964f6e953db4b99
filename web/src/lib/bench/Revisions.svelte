<!-- Revisions: made with a note, never changed, taken up again. -->
<script lang="ts">
  import { api, call, type Comparison, type PackFile, type RevisionInfo } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import { dayAndClock } from '../units';
  import type { Bench } from './bench.svelte';
  import Differences from './Differences.svelte';

  let { bench, open = $bindable() }: { bench: Bench; open: boolean } = $props();

  let list = $state.raw<RevisionInfo[]>([]);
  let note = $state('');
  let told = $state('');
  let busy = $state(false);
  /** What is compared: numbers of revisions, 0 for the draft as it stands on the bench. */
  let from = $state(0);
  let to = $state(0);
  let comparison = $state.raw<Comparison | null>(null);

  $effect(() => {
    if (open) {
      void load();
    }
  });

  async function load() {
    const { data, problem } = await call(api.GET('/api/packs/{id}/revisions', { params: { path: { id: bench.id } } }));
    list = data ?? [];
    told = problem ? problem.detail : '';
    from = list[0]?.number ?? 0;
    to = 0;
    await compare();
  }

  async function documentOf(number: number): Promise<PackFile | null> {
    if (number === 0) {
      return bench.pack;
    }
    const { data } = await call(
      api.GET('/api/packs/{id}/revisions/{number}', { params: { path: { id: bench.id, number } } })
    );
    return data?.pack ?? null;
  }

  async function compare() {
    comparison = null;
    const [before, after] = await Promise.all([documentOf(from), documentOf(to)]);
    if (before && after && from !== to) {
      const { data, problem } = await call(api.POST('/api/comparisons', { body: { before, after } }));
      comparison = data ?? null;
      told = problem?.detail ?? told;
    }
  }

  async function make(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    const problem = await bench.freeze(note);
    busy = false;
    told = problem ?? `Revision ${bench.revision} is made.`;
    if (!problem) {
      note = '';
      const words = told;
      await load();
      told = words;
    }
  }

  /** What the stores of today would change of a revision, which keeps the figures it was made on. */
  async function today(number: number) {
    const { data, problem } = await call(
      api.GET('/api/packs/{id}/revisions/{number}/differences', { params: { path: { id: bench.id, number } } })
    );
    const rules = data?.madeByRules
      ? ` It was made by edition ${data.madeByRules} of the rules; today's would change: ${
          data.ruleEffects.join('; ') || 'no verdict'
        }.`
      : '';
    if (!data) {
      told = problem.detail;
    } else if (data.materials.length === 0) {
      told = `Revision ${number}: the stores have the same figures today as it was made on.${rules}`;
    } else {
      const words = data.materials.map((m) => `${m.name}: ${m.gone ? 'no longer in the stores' : m.words.join('; ')}`);
      told = `Revision ${number} was made on other figures. Today ${words.join('. ')}. With them: ${
        data.effects.join('; ') || 'no verdict would change'
      }.${rules}`;
    }
  }

  async function take(number: number) {
    told =
      (await bench.takeRevision(number)) ?? `The draft is as revision ${number} was; undo brings back what it was.`;
  }
</script>

<Dialog title="Revisions" bind:open>
  {#if !bench.readOnly}
    <form class="flex flex-wrap items-end gap-2" onsubmit={make}>
      <label class="grow">
        <span class="quiet block text-xs">What this revision is for</span>
        <input class="text w-full" maxlength="2000" bind:value={note} />
      </label>
      <button class="btn btn-neutral btn-sm" disabled={busy}>Save revision</button>
    </form>
  {/if}
  <p role="status" class="my-2 min-h-5">{told}</p>
  {#if list.length === 0}
    <p class="quiet">No revision yet. The draft saves itself; a revision is a state you can come back to.</p>
  {:else}
    <ol reversed class="grid gap-1">
      {#each list as revision (revision.number)}
        <li class="flex items-baseline gap-2 border-t border-base-300 pt-1">
          <b>{revision.number}</b>
          <span class="grow">
            {revision.note || 'no note'}
            <span class="quiet block text-xs"
              >{revision.author}, {dayAndClock(revision.madeAt)}; rules {revision.rules}, catalogue {revision.catalogue.slice(
                0,
                8
              )}</span
            >
          </span>
          <button type="button" class="plain-button" onclick={() => today(revision.number)}
            >Against today's stores<span class="sr-only">, revision {revision.number}</span></button
          >
          <a class="plain-button" href="/packs/{bench.id}/page?revision={revision.number}"
            >Page<span class="sr-only"> of revision {revision.number}</span></a
          >
          <a class="plain-button" href="/api/packs/{bench.id}/file?revision={revision.number}" download>Export</a>
          {#if !bench.readOnly}
            <button type="button" class="plain-button" onclick={() => take(revision.number)}>Take up again</button>
          {/if}
        </li>
      {/each}
    </ol>
  {/if}
  {#if list.length > 0}
    <section class="mt-4" aria-labelledby="compare-title">
      <h3 id="compare-title" class="font-semibold">Compare</h3>
      <p>
        From
        <select class="in-sentence" aria-label="Compare from" bind:value={from} onchange={compare}>
          {@render states()}
        </select>
        to
        <select class="in-sentence" aria-label="Compare to" bind:value={to} onchange={compare}>
          {@render states()}
        </select>
      </p>
      <div aria-live="polite">
        {#if comparison}<Differences {comparison} />{:else if from === to}<p class="quiet">
            Choose two different states.
          </p>{/if}
      </div>
    </section>
  {/if}
</Dialog>

{#snippet states()}
  <option value={0}>the draft</option>
  {#each list as revision (revision.number)}
    <option value={revision.number}>revision {revision.number}</option>
  {/each}
{/snippet}
