<script lang="ts">
  import { Router } from 'sv-router';
  import { route } from './lib/router';
  import { disk } from './lib/disk.svelte';
  import { lists } from './lib/lists.svelte';
  import { materials } from './lib/catalogue.svelte';
  import { say } from './lib/messages';
  import Hatches from './lib/parts/Hatches.svelte';
  import { focusHeading } from './lib/parts/heading';
  import Toast from './lib/parts/Toast.svelte';
  import { house } from './lib/house.svelte';
  import { session } from './lib/session.svelte';
  import SignIn from './pages/SignIn.svelte';

  void session.refresh();

  let before = location.pathname;

  $effect(() => {
    if (route.pathname !== before) {
      before = route.pathname;
      focusHeading();
    }
  });

  /** Past the head, to what the page is for. */
  function skip(event: MouseEvent) {
    event.preventDefault();
    const main = document.querySelector('main');
    if (main) {
      main.tabIndex = -1;
      main.focus();
    }
  }

  $effect(() => {
    if (session.person) {
      void materials.load();
      void lists.load();
      void house.load();
    }
  });
</script>

<Hatches />
<a class="skip" href="#main" onclick={skip}>Skip to the work</a>
<div class="app">
  <div role="alert">
    {#if disk.full}<p class="full">{say('diskFull')}</p>{/if}
  </div>
  {#if session.person}
    <Router />
  {:else if session.info}
    <SignIn />
  {:else if session.unreachable}
    <main id="main" class="p-6">
      <p>{say('noAnswer')}</p>
      <button type="button" class="btn mt-2 btn-sm" onclick={() => session.refresh()}>Try again</button>
    </main>
  {/if}
  <Toast />
</div>

<style>
  .skip {
    position: absolute;
    left: -100rem;
    z-index: 10;
    padding: 0.5rem 0.75rem;
    background: var(--color-neutral);
    color: var(--color-neutral-content);
  }
  .skip:focus {
    left: 0;
  }
  .full {
    padding: 0.5rem 1rem;
    background: var(--color-error);
    color: var(--color-error-content);
    font-weight: 700;
  }
  .app {
    position: relative;
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
