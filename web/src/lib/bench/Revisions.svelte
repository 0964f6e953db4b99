<!-- Revisions: made with a note, never changed, taken up again. -->
<script lang="ts">
  import { api, call, type RevisionInfo } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import { dayAndClock } from '../units';
  import type { Bench } from './bench.svelte';

  let { bench, open = $bindable() }: { bench: Bench; open: boolean } = $props();

  let list = $state.raw<RevisionInfo[]>([]);
  let note = $state('');
  let told = $state('');
  let busy = $state(false);

  $effect(() => {
    if (open) {
      void load();
    }
  });

  async function load() {
    const { data, problem } = await call(api.GET('/api/packs/{id}/revisions', { params: { path: { id: bench.id } } }));
    list = data ?? [];
    told = problem ? problem.detail : '';
  }

  async function make(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    const problem = await bench.freeze(note);
    busy = false;
    told = problem ?? `Revision ${bench.revision} is made.`;
    if (!problem) {
      note = '';
      const words = told;
      await load();
      told = words;
    }
  }

  async function take(number: number) {
    told =
      (await bench.takeRevision(number)) ?? `The draft is as revision ${number} was; undo brings back what it was.`;
  }
</script>

<Dialog title="Revisions" bind:open>
  {#if !bench.readOnly}
    <form class="flex flex-wrap items-end gap-2" onsubmit={make}>
      <label class="grow">
        <span class="quiet block text-xs">What this revision is for</span>
        <input class="text w-full" maxlength="2000" bind:value={note} />
      </label>
      <button class="btn btn-neutral btn-sm" disabled={busy}>Save revision</button>
    </form>
  {/if}
  <p role="status" class="my-2 min-h-5">{told}</p>
  {#if list.length === 0}
    <p class="quiet">No revision yet. The draft saves itself; a revision is a state you can come back to.</p>
  {:else}
    <ol reversed class="grid gap-1">
      {#each list as revision (revision.number)}
        <li class="flex items-baseline gap-2 border-t border-base-300 pt-1">
          <b>{revision.number}</b>
          <span class="grow">
            {revision.note || 'no note'}
            <span class="quiet block text-xs"
              >{revision.author}, {dayAndClock(revision.madeAt)}; rules {revision.rules}, catalogue {revision.catalogue.slice(
                0,
                8
              )}</span
            >
          </span>
          <a class="plain-button" href="/api/packs/{bench.id}/file?revision={revision.number}" download>Export</a>
          {#if !bench.readOnly}
            <button type="button" class="plain-button" onclick={() => take(revision.number)}>Take up again</button>
          {/if}
        </li>
      {/each}
    </ol>
  {/if}
</Dialog>
