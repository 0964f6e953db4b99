<!-- What the house has to build walls of, and where every figure comes from. -->
<script lang="ts">
  import { materials } from '../lib/catalogue.svelte';
  import Head from '../lib/parts/Head.svelte';
  import BoardStore from '../lib/stores/BoardStore.svelte';
  import ConsumableStore from '../lib/stores/ConsumableStore.svelte';
  import BestSizes from '../lib/stores/BestSizes.svelte';
  import CartonStore from '../lib/stores/CartonStore.svelte';
  import FoamStore from '../lib/stores/FoamStore.svelte';
  import PriceStore from '../lib/stores/PriceStore.svelte';
  import SheetStore from '../lib/stores/SheetStore.svelte';

  const ROOMS = ['Foams', 'Boards and wraps', 'Stock cartons', 'Sheets', 'Consumables', 'Prices'] as const;

  let room = $state<(typeof ROOMS)[number]>('Foams');

  void materials.loadStock();
</script>

<svelte:head><title>Stores, Rampart</title></svelte:head>

<Head here="Stores">
  <h1 class="sr-only">Stores</h1>
  <nav class="rooms" aria-label="Rooms of the stores">
    {#each ROOMS as each (each)}
      <button type="button" aria-current={room === each ? 'true' : undefined} onclick={() => (room = each)}
        >{each}</button
      >
    {/each}
  </nav>
  <span class="grow"></span>
</Head>

<main id="main" class="stores">
  {#if materials.all.foams.length > 0}
    {#if room === 'Foams'}
      <FoamStore />
    {:else if room === 'Boards and wraps'}
      <BoardStore />
    {:else if room === 'Stock cartons'}
      <CartonStore />
      <BestSizes />
    {:else if room === 'Consumables'}
      <ConsumableStore />
    {:else if room === 'Prices'}
      <PriceStore />
    {:else}
      <SheetStore />
    {/if}
  {/if}
</main>

<style>
  .stores {
    width: 100%;
    max-width: 76rem;
    margin: 0 auto;
    padding: 1rem 1.125rem 4rem;
  }
  .rooms {
    display: flex;
    flex-wrap: wrap;
    gap: 0.125rem;
  }
  .rooms button {
    min-height: 2rem;
    padding: 0 0.625rem;
  }
  .rooms button[aria-current] {
    background: var(--color-neutral);
    color: var(--color-neutral-content);
  }
</style>
