<!-- Two people, or two tabs, saved the same pack: both versions are here, and each part is chosen from one of them. -->
<script lang="ts">
  import { api, call, type Comparison } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import { clock } from '../units';
  import type { Bench } from './bench.svelte';

  let { bench }: { bench: Bench } = $props();

  let comparison = $state.raw<Comparison | null>(null);
  let trouble = $state('');
  /** Paths of the parts that are taken from the other version. */
  let theirs = $state.raw<string[]>([]);

  let conflict = $derived(bench.conflict);

  $effect(() => {
    if (conflict) {
      void compare();
    }
  });

  async function compare() {
    comparison = null;
    const before = bench.pack;
    const after = bench.conflict!.theirs;
    const base = bench.base;
    const [between, byThem] = await Promise.all([
      call(api.POST('/api/comparisons', { body: { before, after } })),
      call(api.POST('/api/comparisons', { body: { before: base, after } }))
    ]);
    trouble = between.problem?.detail ?? '';
    comparison = between.data ?? null;
    // What only they changed is taken from them to begin with; what both changed stays mine.
    const mine = await call(api.POST('/api/comparisons', { body: { before: base, after: before } }));
    const changedByMe = new Set(mine.data?.parts.map((p) => p.path));
    theirs = (byThem.data?.parts ?? []).map((p) => p.path).filter((path) => !changedByMe.has(path));
  }

  function choose(path: string, fromThem: boolean) {
    theirs = fromThem ? [...theirs, path] : theirs.filter((p) => p !== path);
  }
</script>

<Dialog title="This pack was saved elsewhere" bind:open={() => conflict !== null, () => {}} closable={false}>
  {#if conflict}
    <p>
      {conflict.savedBy} saved it at {clock(conflict.savedAt)}, after you opened it. Both versions are kept until you
      choose; yours stays one undo away.
    </p>
    {#if trouble}<p role="alert" class="status-breaks mt-2">{trouble}</p>{/if}
    {#if comparison?.parts.length === 0}
      <p class="mt-2">Both versions say the same.</p>
    {:else if comparison}
      <!-- Focusable, so that it can be scrolled by keyboard where it is wider than the screen. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div class="scrolls" role="region" aria-label="Parts that differ" tabindex="0">
        <table class="mt-2">
          <caption class="sr-only">Parts that differ, yours to theirs</caption>
          <thead><tr><th scope="col">Part</th><th scope="col">Yours to theirs</th><th scope="col">Keep</th></tr></thead>
          <tbody>
            {#each comparison.parts as part (part.path)}
              <tr>
                <th scope="row">{part.title}</th>
                <td>{part.words}</td>
                <td class="choice">
                  <label
                    ><input
                      type="radio"
                      name={part.path}
                      aria-label="mine of {part.title}"
                      checked={!theirs.includes(part.path)}
                      onchange={() => choose(part.path, false)}
                    />
                    mine</label
                  >
                  <label
                    ><input
                      type="radio"
                      name={part.path}
                      aria-label="theirs of {part.title}"
                      checked={theirs.includes(part.path)}
                      onchange={() => choose(part.path, true)}
                    />
                    theirs</label
                  >
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      {#if comparison.effects.length > 0}
        <p class="quiet mt-2">Yours to theirs does this: {comparison.effects.join('; ')}.</p>
      {/if}
    {/if}
    <!-- Not before there is something to choose from: a key still on its way must not settle it unseen. -->
    {#if comparison || trouble}
      <div class="mt-3 flex flex-wrap gap-2">
        {#if comparison && comparison.parts.length > 0}
          <button type="button" class="btn btn-neutral btn-sm" onclick={() => bench.settle(theirs)}
            >Keep what is chosen</button
          >
        {/if}
        <button type="button" class="btn btn-sm" onclick={() => bench.settle([])}>Keep all of mine</button>
        <button type="button" class="btn btn-sm" onclick={() => bench.settle('all')}>Take all of theirs</button>
      </div>
    {/if}
  {/if}
</Dialog>

<style>
  th,
  td {
    padding: 0.25rem 0.75rem 0.25rem 0;
    border-bottom: 1px solid var(--color-base-300);
    text-align: left;
    vertical-align: top;
  }
  .choice {
    white-space: nowrap;
  }
  .choice label {
    display: inline-flex;
    align-items: center;
    gap: 0.25rem;
    min-height: 1.5rem;
    margin-right: 0.5rem;
  }
</style>
