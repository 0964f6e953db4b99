<!-- Smaller cartons in store that a slightly thinner cushion would reach. -->
<script lang="ts">
  import { api, call, type PackFile, type Reached, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import { length, money, sizeText } from '../units';

  let { bench, layer }: { bench: Bench; layer: number } = $props();

  const SHOWN = 4;
  /** As far as the search looks. */
  const MOST_MM = 30;
  const EDGES = ['length', 'width', 'height'] as const;

  let all = $state.raw<Reached[] | null>(null);
  let trouble = $state('');
  const latest = new Latest();

  /** Asked for, not with every change: it is a search. */
  function ask() {
    const signal = latest.next();
    const asked = api.POST('/api/thinner-cushions', { params: { query: { layer } }, body: bench.pack, signal });
    void call(asked).then(({ data, problem }) => {
      if (!signal.aborted) {
        all = data ?? all;
        trouble = problem ? words(problem) : '';
      }
    });
  }

  $effect(() => () => latest.end());

  const off = (reached: Reached) =>
    EDGES.filter((edge) => reached.offMm[edge] > 0)
      .map((edge) => `${length(reached.offMm[edge], 1)} less in ${edge}`)
      .join(', ');
</script>

<button type="button" class="plain-button underline" onclick={ask}>Would a little less foam reach a smaller one?</button
>
<div aria-live="polite">
  {#if trouble}<p class="status-breaks">{trouble}</p>{/if}
  {#if all?.length === 0}
    <p>No smaller carton in store is within {length(MOST_MM, 0)} of what it needs.</p>
  {:else if all}
    <ul aria-label="Smaller cartons that a thinner cushion reaches">
      {#each all.slice(0, SHOWN) as reached, i (i)}
        <li>
          <Glyph status={reached.verdict} />
          <span>
            <b>{reached.name}</b>, {sizeText(reached.insideMm)} inside, with {off(reached)}: {reached.verdict}{reached.verdict !==
              'holds' && reached.weakest
              ? `, ${reached.weakest.replace(/^Falls/, 'falls')}`
              : ''}; pack {sizeText(reached.outsideMm)}{reached.price === null ? '' : `, from ${money(reached.price)}`}
            <button
              type="button"
              class="plain-button underline"
              disabled={bench.readOnly}
              aria-label="Take {reached.name} with less foam"
              onclick={() => bench.change(reached.pack as PackFile, `thinner ${reached.name}`)}>take it</button
            >
          </span>
        </li>
      {/each}
    </ul>
  {/if}
</div>

<style>
  li {
    display: flex;
    gap: 0.5rem;
    align-items: baseline;
  }
</style>
