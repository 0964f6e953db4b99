<!-- The house: oneself, its ways, its people, and what was done in it. -->
<script lang="ts">
  import Carriers from '../lib/house/Carriers.svelte';
  import TariffTable from '../lib/house/TariffTable.svelte';
  import PaperWaysForm from '../lib/house/PaperWaysForm.svelte';
  import OwnPassword from '../lib/house/OwnPassword.svelte';
  import People from '../lib/house/People.svelte';
  import Trail from '../lib/house/Trail.svelte';
  import Visits from '../lib/house/Visits.svelte';
  import Ways from '../lib/house/Ways.svelte';
  import Head from '../lib/parts/Head.svelte';
  import { session } from '../lib/session.svelte';

  let trail = $state<Trail>();

  $effect(() => void trail?.load());
</script>

<svelte:head><title>House, Rampart</title></svelte:head>

<Head here="House">
  <h1 class="sr-only">House</h1>
  <span class="grow"></span>
</Head>

<main id="main" class="house">
  <div class="column">
    <Ways />
    <PaperWaysForm />
    <Carriers />
    <TariffTable />
    <OwnPassword />
    <Visits />
  </div>
  {#if session.keeper}
    <div class="column">
      <People onchange={() => trail?.load()} />
      <Trail bind:this={trail} />
    </div>
  {/if}
</main>

<style>
  .house {
    display: grid;
    gap: 2rem;
    width: 100%;
    max-width: 82rem;
    margin: 0 auto;
    padding: 1rem 1.125rem 4rem;
  }
  @media (min-width: 1000px) {
    .house {
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    }
  }
  .column {
    display: grid;
    align-content: start;
    gap: 2rem;
  }
</style>
