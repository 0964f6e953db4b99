<!-- Signing in; on the first start, making the first account. -->
<script lang="ts">
  import type { Problem } from '../lib/api/client';
  import Head from '../lib/parts/Head.svelte';
  import { session } from '../lib/session.svelte';

  let name = $state('');
  let password = $state('');
  let code = $state('');
  let problem = $state.raw<Problem | null>(null);
  let busy = $state(false);

  let first = $derived(session.info?.firstStart ?? false);
  let offered = $derived(session.info?.demoAccounts ?? []);

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = first ? await session.makeFirstAccount(code, name, password) : await session.signIn(name, password);
    busy = false;
  }

  async function enter(account: { name: string; password: string }) {
    busy = true;
    problem = await session.signIn(account.name, account.password);
    busy = false;
  }
</script>

<Head />
<main id="main" class="sign-in">
  <div>
    <h1 class="text-2xl font-semibold">{first ? 'The first account' : 'Sign in'}</h1>
    <p class="quiet mt-1">
      {first
        ? 'This house has no account yet. The terminal that started Rampart shows a code; whoever has it makes the first account.'
        : 'Rampart decides foam, thickness, boxes and carton, and shows which blow is weakest and why.'}
    </p>
    <form class="mt-5 grid gap-3" onsubmit={submit}>
      {#if first}
        <label>Code from the terminal<input class="text" autocomplete="off" required bind:value={code} /></label>
      {/if}
      <label>Name<input class="text" autocomplete="username" required maxlength="60" bind:value={name} /></label>
      <label
        >Password{first ? ' (12 characters or more)' : ''}<input
          class="text"
          type="password"
          autocomplete={first ? 'new-password' : 'current-password'}
          required
          maxlength="200"
          bind:value={password}
        /></label
      >
      <div role="alert">
        {#if problem}
          <p class="status-breaks font-semibold">{problem.detail}</p>
          {#each problem.errors ?? [] as error (error.path)}<p class="status-breaks">{error.message}</p>{/each}
        {/if}
      </div>
      <button class="btn justify-self-start btn-neutral" disabled={busy}
        >{first ? 'Make the account' : 'Sign in'}</button
      >
    </form>
    {#if offered.length > 0}
      <div class="mt-8 border-t border-base-300 pt-4">
        <p>This is the demo of Hollin Quay Instruments, an invented workshop. Come in as:</p>
        <div class="mt-2 flex gap-2">
          {#each offered as account (account.name)}
            <button type="button" class="btn btn-outline btn-sm" disabled={busy} onclick={() => enter(account)}
              >{account.name}</button
            >
          {/each}
        </div>
        <p class="quiet mt-2 text-xs">A designer makes and changes packs; a packer reads them.</p>
      </div>
    {/if}
  </div>
</main>

<style>
  .sign-in {
    display: grid;
    justify-content: center;
    padding: clamp(1.5rem, 12vh, 8rem) 1.25rem;
  }
  .sign-in > div {
    width: min(26rem, calc(100vw - 2.5rem));
  }
  label {
    display: grid;
    font-weight: 600;
  }
</style>
