<!-- One's own password. -->
<script lang="ts">
  import { api, call, type Problem } from '../api/client';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';

  let old = $state('');
  let password = $state('');
  let problem = $state.raw<Problem | null>(null);
  let done = $state(false);

  async function change(event: SubmitEvent) {
    event.preventDefault();
    done = false;
    const answer = await call(api.PUT('/api/session/password', { body: { old, password } }));
    problem = answer.problem ?? null;
    if (!answer.problem) {
      old = password = '';
      done = true;
    }
  }
</script>

<section aria-labelledby="own-title">
  <h2 id="own-title" class="text-lg font-semibold">You, {session.person?.name}</h2>
  <form onsubmit={change}>
    <input
      class="hidden"
      autocomplete="username"
      value={session.person?.name}
      readonly
      tabindex="-1"
      aria-hidden="true"
    />
    <label
      >Password now<input
        class="text"
        type="password"
        autocomplete="current-password"
        required
        maxlength="200"
        bind:value={old}
      /></label
    >
    <label
      >New password, 12 characters or more<input
        class="text"
        type="password"
        autocomplete="new-password"
        required
        maxlength="200"
        bind:value={password}
      /></label
    >
    <button class="btn btn-neutral btn-sm">Change password</button>
  </form>
  <Trouble {problem} />
  <p role="status">{done ? 'Your password is changed; your other visits have ended.' : ''}</p>
</section>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.5rem 1rem;
    margin-top: 0.25rem;
  }
  label {
    display: grid;
  }
</style>
