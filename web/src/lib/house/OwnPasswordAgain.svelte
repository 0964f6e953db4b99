<!-- One's own password again, before what a page that was left open must not do. -->
<script lang="ts" module>
  import type { Problem } from '../api/client';

  /** What is to be done once the password is right. */
  export interface Asked {
    title: string;
    button: string;
    go: (ownPassword: string) => Promise<Problem | null>;
  }
</script>

<script lang="ts">
  import Dialog from '../parts/Dialog.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';

  let { asked = $bindable() }: { asked: Asked | null } = $props();

  let password = $state('');
  let problem = $state.raw<Problem | null>(null);

  function close() {
    asked = null;
    password = '';
    problem = null;
  }

  async function go(event: SubmitEvent) {
    event.preventDefault();
    const told = (await asked?.go(password)) ?? null;
    // There is one field: which one is wrong need not be said.
    problem = told && { ...told, errors: [] };
    password = '';
    if (!problem) {
      close();
    }
  }
</script>

<Dialog title={asked?.title ?? ''} bind:open={() => asked !== null, (open) => !open && close()}>
  {#if asked}
    <form onsubmit={go}>
      <input
        class="hidden"
        autocomplete="username"
        value={session.person?.name}
        readonly
        tabindex="-1"
        aria-hidden="true"
      />
      <label
        >Your own password<input
          class="text"
          type="password"
          autocomplete="current-password"
          required
          maxlength="200"
          bind:value={password}
        /></label
      >
      <Trouble {problem} />
      <div class="mt-3 flex gap-2">
        <button class="btn btn-neutral btn-sm">{asked.button}</button>
        <button type="button" class="btn btn-sm" onclick={close}>Cancel</button>
      </div>
    </form>
  {/if}
</Dialog>

<style>
  label {
    display: grid;
    max-width: 20rem;
  }
</style>
