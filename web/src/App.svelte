<script lang="ts">
  import { Router } from 'sv-router';
  import './lib/router';
  import { materials } from './lib/catalogue.svelte';
  import { say } from './lib/messages';
  import Hatches from './lib/parts/Hatches.svelte';
  import Toast from './lib/parts/Toast.svelte';
  import { house } from './lib/house.svelte';
  import { session } from './lib/session.svelte';
  import SignIn from './pages/SignIn.svelte';

  void session.refresh();

  $effect(() => {
    if (session.person) {
      void materials.load();
      void house.load();
    }
  });
</script>

<Hatches />
<div class="app">
  {#if session.person}
    <Router />
  {:else if session.info}
    <SignIn />
  {:else if session.unreachable}
    <main class="p-6">
      <p>{say('noAnswer')}</p>
      <button type="button" class="btn mt-2 btn-sm" onclick={() => session.refresh()}>Try again</button>
    </main>
  {/if}
  <Toast />
</div>

<style>
  .app {
    display: flex;
    flex-direction: column;
    min-height: 100dvh;
  }
  @media (min-width: 1024px) {
    .app {
      height: 100dvh;
      overflow-y: auto;
    }
  }
</style>
