<!-- What comes after a first wall: what to buy, what to cut, how to pack, labels. Put away for good by whoever has read it. -->
<script lang="ts">
  import { X } from '@lucide/svelte';
  import type { Bench } from './bench.svelte';
  import { FIRST_WALL } from './next';

  let { bench }: { bench: Bench } = $props();

  let closed = $state(false);
  let shown = $derived(!closed && sessionStorage.getItem(FIRST_WALL + bench.id) !== null);
  let holds = $derived(bench.evaluation?.verdict === 'holds' || bench.evaluation?.verdict === 'thin');

  function close() {
    sessionStorage.removeItem(FIRST_WALL + bench.id);
    closed = true;
  }

  const STEPS = [
    { paper: 'materials', words: 'what to buy' },
    { paper: 'cutting', words: 'what to cut' },
    { paper: 'packing', words: 'how to pack it' },
    { paper: 'labels', words: 'labels' }
  ];
</script>

{#if shown && bench.evaluation}
  <p class="next" role="note" aria-label="What comes next">
    {#if holds}
      <b>Next:</b>
      {#each STEPS as step, i (step.paper)}
        {i > 0 ? ', ' : ' '}<a href="/packs/{bench.id}/page?kind={step.paper}">{step.words}</a>{/each}. Packed by
      somebody else, or more than once:
      <button type="button" class="underline" onclick={() => (bench.station = 'Release')}>release it</button> for the packing
      table.
    {:else}
      <b>Next:</b> it does not hold yet. Open the first line of the margins: it says why and what fixes it.
    {/if}
    <button type="button" class="plain-button" aria-label="Close" onclick={close}
      ><X size={14} aria-hidden="true" /></button
    >
  </p>
{/if}

<style>
  .next {
    padding: 0.25rem 0.75rem;
    border-left: 4px solid var(--color-accent);
    background: var(--color-base-200);
  }
  .next a {
    text-decoration: underline;
  }
</style>
