<!-- What would mend a check, by one change, by two together, or by sending a part apart; under the pointer or focus it stands as an outline round the section. -->
<script lang="ts">
  import { api, call, type Check, type Remedy } from '../api/client';
  import { Latest } from '../api/latest';
  import Glyph from '../parts/Glyph.svelte';
  import { house } from '../house.svelte';
  import { massNumber, numberOf, shown, unitOf } from '../units';
  import type { Bench } from './bench.svelte';

  let { bench, check }: { bench: Bench; check: Check } = $props();

  const SHOWN_AT_FIRST = 5;
  /** While somebody types, the search waits. */
  const ASK_AFTER_MS = 250;
  const PROGRESS_AFTER_MS = 300;

  let remedies = $state.raw<Remedy[] | null>(null);
  let trouble = $state('');
  let slow = $state(false);
  let all = $state(false);
  let stopped = $state(false);
  const latest = new Latest();

  $effect(() => {
    const body = bench.pack;
    const id = check.id;
    stopped = false;
    let patience: ReturnType<typeof setTimeout>;
    const timer = setTimeout(() => {
      patience = setTimeout(() => (slow = true), PROGRESS_AFTER_MS);
      const signal = latest.next();
      const asked = api.POST('/api/remedies', { params: { query: { check: id } }, body, signal });
      void call(asked).then(({ data, problem }) => {
        clearTimeout(patience);
        if (!signal.aborted) {
          slow = false;
          remedies = data ?? null;
          trouble = problem?.detail ?? '';
        }
      });
    }, ASK_AFTER_MS);
    return () => {
      clearTimeout(timer);
      clearTimeout(patience);
      latest.end();
      bench.ghost = null;
    };
  });

  function stop() {
    latest.end();
    slow = false;
    stopped = true;
  }

  function change(now: number, then: number, unit: string, decimals: number): string {
    const difference = shown(Math.abs(then - now), decimals);
    return difference === '0' ? '' : `${difference} ${unit} ${then > now ? 'more' : 'less'}`;
  }

  function volume(size: { length: number; width: number; height: number }): number {
    return numberOf('volume', (size.length * size.width * size.height) / 1e6);
  }

  function cost(remedy: Remedy): string {
    const now = bench.evaluation!;
    const parts = [
      change(volume(now.outsideMm), volume(remedy.outsideMm), unitOf('volume'), 1),
      change(massNumber(now.grossMassKg), massNumber(remedy.grossMassKg), house.ways.massUnit, 2),
      remedy.dearer === null ? '' : change(0, remedy.dearer, house.ways.currency, 2)
    ].filter(Boolean);
    return parts.length > 0 ? parts.join(', ') : `no larger, no heavier${remedy.dearer === null ? '' : ', no dearer'}`;
  }
</script>

<div class="remedies" aria-busy={slow}>
  <h3 class="font-semibold">
    {remedies?.[0]?.together === 2 ? 'What two changes together would mend it' : 'What would mend it'}
  </h3>
  <div aria-live="polite">
    {#if trouble}
      <p>{trouble}</p>
    {:else if slow}
      <p class="quiet">Trying every change.</p>
      <progress class="progress" aria-label="Trying every change"></progress>
      <button type="button" class="plain-button" onclick={stop}>Stop</button>
    {:else if stopped}
      <p class="quiet">Stopped.</p>
    {:else if remedies?.length === 0}
      <p>
        Neither one change nor two together mend this. Give the item an easier journey, another carton or a sturdier
        build.
      </p>
    {/if}
  </div>
  {#if remedies}
    <ul>
      {#each all ? remedies : remedies.slice(0, SHOWN_AT_FIRST) as remedy (remedy.title)}
        <li>
          <button
            type="button"
            class="remedy"
            onclick={() => bench.mend(remedy)}
            onpointerenter={() => (bench.ghost = remedy)}
            onpointerleave={() => (bench.ghost = null)}
            onfocus={() => (bench.ghost = remedy)}
            onblur={() => (bench.ghost = null)}
          >
            <Glyph status={remedy.verdict} />
            <span>
              <b>{remedy.title}</b>
              <span class="quiet">
                {cost(remedy)}; the pack {remedy.verdict === 'holds'
                  ? 'holds'
                  : `then ${remedy.verdict === 'thin' ? 'is thin' : remedy.verdict === 'breaks' ? 'still breaks' : 'is unknown'}${
                      remedy.weakest ? `, weakest: ${remedy.weakest.replace(/^[A-Z]/, (c) => c.toLowerCase())}` : ''
                    }`}</span
              >
            </span>
          </button>
        </li>
      {/each}
    </ul>
    {#if remedies.length > SHOWN_AT_FIRST}
      <button type="button" class="plain-button" aria-expanded={all} onclick={() => (all = !all)}
        >{all ? 'Fewer' : `All ${remedies.length}`}</button
      >
    {/if}
  {/if}
</div>

<style>
  .remedies {
    margin-top: 0.5rem;
  }
  .remedy {
    display: grid;
    grid-template-columns: 14px minmax(0, 1fr);
    align-items: baseline;
    gap: 0.5rem;
    width: 100%;
    padding: 0.25rem 0.25rem;
    border-bottom: 1px solid var(--color-base-300);
    text-align: left;
  }
  .remedy:hover,
  .remedy:focus-visible {
    background: var(--color-base-200);
  }
  .remedy span span {
    display: block;
  }
</style>
