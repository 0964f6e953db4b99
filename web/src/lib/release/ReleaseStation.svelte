<!-- From a design to what the table, the supplier and the receiver get. -->
<script lang="ts">
  import type { Bench } from '../bench/bench.svelte';
  import PaperList from './PaperList.svelte';
  import QuotePanel from './QuotePanel.svelte';
  import Releases from './Releases.svelte';
  import ReturnsPanel from './ReturnsPanel.svelte';
  import StepEditor from './StepEditor.svelte';

  let { bench }: { bench: Bench } = $props();

  const VIEWS = ['Release', 'Steps', 'Parts and trips', 'Quote'] as const;
  let view = $state<(typeof VIEWS)[number]>('Release');
</script>

<section class="station" aria-label="Release">
  <div role="group" aria-label="What to look at" class="views">
    {#each VIEWS as each (each)}
      <button type="button" class="plain-button" aria-pressed={view === each} onclick={() => (view = each)}
        >{each}</button
      >
    {/each}
  </div>
  {#if view === 'Release'}
    <Releases {bench} />
    <PaperList {bench} />
  {:else if view === 'Steps'}
    <StepEditor {bench} />
  {:else if view === 'Parts and trips'}
    <ReturnsPanel {bench} />
  {:else}
    <QuotePanel {bench} />
  {/if}
</section>

<style>
  .views {
    display: flex;
    flex-wrap: wrap;
    border-bottom: 1px solid var(--color-base-300);
  }
  [aria-pressed='true'] {
    border-bottom: 2px solid var(--color-accent);
    font-weight: 650;
  }
</style>
