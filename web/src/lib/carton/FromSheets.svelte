<!-- Where a piece of board comes from: sheets of a size, with its joints, or cartons in store laid flat. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type BlankPiece, call, type CartonCut, type Joined, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import { house } from '../house.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, sizeText } from '../units';

  let { bench, blank, joints = $bindable() }: { bench: Bench; blank: BlankPiece; joints: Joined | null } = $props();

  let across = $state(2000);
  let along = $state(1200);
  let open = $state(false);
  let cartons = $state.raw<CartonCut[] | null>(null);
  let trouble = $state('');
  const latest = new Latest();

  $effect(() => {
    const body = bench.evaluation && open ? untrack(() => bench.pack) : null;
    const units = house.ways.lengthUnit;
    const piece = blank.file;
    const sheet = { acrossMm: across, alongMm: along };
    if (body) {
      const signal = latest.next();
      const joined = api.POST('/api/board-sheets', { params: { query: { piece, ...sheet, units } }, body, signal });
      const stock = api.POST('/api/board-cartons', { params: { query: { piece, units } }, body, signal });
      void Promise.all([call(joined), call(stock)]).then(([one, other]) => {
        if (!signal.aborted) {
          joints = one.data ?? null;
          cartons = other.data ?? cartons;
          const problem = one.problem ?? other.problem;
          trouble = problem ? words(problem) : '';
        }
      });
    }
    return () => {
      latest.end();
      joints = null;
    };
  });
</script>

<section aria-label="Where it is cut from">
  <p>
    <button type="button" class="plain-button underline" aria-expanded={open} onclick={() => (open = !open)}
      >{open ? 'Close' : 'Cut it from sheets, or from another carton'}</button
    >
  </p>
  {#if open}
    <p class="line">
      From sheets of
      <QuantityField
        kind="length"
        label="Sheet across its flutes"
        value={across}
        step={10}
        onset={(v) => v !== undefined && (across = v)}
      />
      across the flutes and
      <QuantityField
        kind="length"
        label="Sheet along its flutes"
        value={along}
        step={10}
        onset={(v) => v !== undefined && (along = v)}
      />
      along them{#if joints}: <span class:status-breaks={!joints.sound} role="status">{joints.said}</span>
        {#each joints.acrossMm as mm (mm)}<span class="joint">joint {length(mm, 0)} from the left</span>{/each}
        {#each joints.alongMm as mm (mm)}<span class="joint">joint {length(mm, 0)} from below</span>{/each}
      {/if}
    </p>
    {#if trouble}<p class="status-breaks" role="alert">{trouble}</p>{/if}
    {#if cartons?.length === 0}
      <p>It comes whole out of none of the cartons in store.</p>
    {:else if cartons}
      <ul aria-label="Cartons in store that it comes out of whole">
        {#each cartons as carton, i (i)}
          <li>
            <b>{carton.name}</b> ({sizeText(carton.insideMm)} inside), slit at its seam and laid flat: out of {carton.from},
            {length(carton.xMm, 0)} from the left and {length(carton.yMm, 0)} from below. {carton.said}
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
</section>

<style>
  .line {
    line-height: 2;
  }
  .joint {
    display: inline-block;
    margin-right: 0.75rem;
    font-weight: 600;
  }
  li {
    max-width: 60rem;
  }
</style>
