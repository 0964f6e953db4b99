<!-- How the house numbers what it releases, and who sends it. -->
<script lang="ts">
  import { api, call, type PaperWays, type Problem } from '../api/client';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';

  let ways = $state.raw<PaperWays | null>(null);
  let sender = $state('');
  let problem = $state.raw<Problem | null>(null);
  let told = $state('');

  void load();

  async function load() {
    take(await call(api.GET('/api/house/papers')));
  }

  function take(answer: { data?: PaperWays; problem?: Problem }) {
    problem = answer.problem ?? null;
    if (answer.data) {
      ways = answer.data;
      sender = answer.data.sender.join('\n');
    }
  }

  async function set(changed: Partial<PaperWays>) {
    if (ways) {
      const { numberScheme, nameScheme, consignmentScheme, sender: lines } = { ...ways, ...changed };
      take(
        await call(
          api.PUT('/api/house/papers', {
            params: { header: { 'If-Match': `"${ways.version}"` } },
            body: { numberScheme, nameScheme, consignmentScheme, sender: lines }
          })
        )
      );
      told = problem ? '' : 'Set.';
    }
  }

  const FIELDS: { key: 'numberScheme' | 'nameScheme' | 'consignmentScheme'; words: string }[] = [
    { key: 'numberScheme', words: 'Releases are numbered' },
    { key: 'nameScheme', words: 'and named' },
    { key: 'consignmentScheme', words: 'consignments are numbered' }
  ];
</script>

<section aria-labelledby="papers-title">
  <h2 id="papers-title" class="text-lg font-semibold">Papers</h2>
  {#if ways}
    <p>
      {#each FIELDS as field (field.key)}
        <span class="me-1"
          >{field.words}
          <input
            class="in-sentence"
            aria-label={field.words}
            maxlength="80"
            value={ways[field.key]}
            disabled={!session.keeper}
            onchange={(event) => set({ [field.key]: event.currentTarget.value.trim() })}
          />{field.key === 'consignmentScheme' ? '.' : ','}</span
        >
      {/each}
      The next would look like {ways.example}.
    </p>
    <label
      >Sender, as it stands on labels
      <textarea
        rows="4"
        bind:value={sender}
        disabled={!session.keeper}
        onchange={() =>
          set({
            sender: sender
              .split('\n')
              .map((line) => line.trim())
              .filter((line) => line)
          })}></textarea></label
    >
    <p class="quiet">
      Places in a scheme: {'{number}'} counts up, {'{number:4}'} with zeros before it, {'{year}'}, {'{revision}'}; in
      names {'{name}'} too.{session.keeper ? '' : ' A keeper of the house can change this.'}
    </p>
    <p role="status">{told}</p>
  {/if}
  <Trouble {problem} />
</section>

<style>
  textarea {
    display: block;
    width: min(28rem, 100%);
    padding: 0.25rem 0.5rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-100);
  }
</style>
