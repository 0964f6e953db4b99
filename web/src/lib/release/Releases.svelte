<!-- Releases of this pack: made under a number of the house, never changed. -->
<script lang="ts">
  import { api, call, type Problem, type Release } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import { dayAndClock } from '../units';

  let { bench }: { bench: Bench } = $props();

  let list = $state.raw<Release[]>([]);
  let note = $state('');
  let reason = $state('');
  let problem = $state.raw<Problem | null>(null);
  let busy = $state(false);
  let breaks = $derived(bench.evaluation?.verdict === 'breaks');
  let newest = $derived(list[0]);
  let released = $derived(
    newest !== undefined && newest.revision === bench.revision && !bench.changedSinceRevision && !newest.stepsChanged
  );

  void load();

  async function load() {
    const { data } = await call(api.GET('/api/packs/{id}/releases', { params: { path: { id: bench.id } } }));
    list = data ?? list;
  }

  async function release(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = await bench.release(note, reason);
    busy = false;
    if (!problem) {
      note = '';
      reason = '';
    }
    await load();
  }
</script>

{#if released && newest}
  <p>
    <Glyph status={newest.verdict} size={16} /> This is <b>{newest.number}</b>, {newest.name}, released
    {dayAndClock(newest.releasedAt)} by {newest.releasedBy}. <a class="link" href="/table">To the packing table</a>
  </p>
{:else if bench.readOnly}
  <p>A designer or keeper releases packs.</p>
{:else}
  <form class="form" onsubmit={release}>
    <p>
      {#if newest}{newest.stepsChanged ? 'Its steps have' : 'The pack has'} changed since {newest.number}.{:else}This
        pack is not released yet.{/if}
      Releasing freezes it with its verdict, its materials and its prices of today; its papers then bear the number.
    </p>
    <label
      >What it is for <input
        class="in-sentence wide"
        bind:value={note}
        maxlength="2000"
        placeholder="may be left empty"
      /></label
    >
    {#if breaks}
      <p class="breaks"><Glyph status="breaks" size={16} /> A check breaks: it goes out only with a signed reason.</p>
      {#if session.keeper}
        <label
          >Reason, signed as {session.person?.name}, on every paper
          <textarea bind:value={reason} maxlength="2000" rows="2"></textarea></label
        >
      {:else}
        <p>Mend it, or ask a keeper of the house to sign.</p>
      {/if}
    {/if}
    <button
      type="submit"
      class="btn btn-neutral btn-sm"
      disabled={busy || (breaks && (!session.keeper || reason.trim() === ''))}>Release it</button
    >
    <Trouble {problem} />
  </form>
{/if}

{#if list.length > 0}
  <table>
    <caption>Releases, newest first</caption>
    <thead>
      <tr><th>number</th><th>name</th><th>verdict</th><th>released</th><th>papers</th></tr>
    </thead>
    <tbody>
      {#each list as each (each.number)}
        <tr>
          <td>{each.number}</td>
          <td
            >{each.name}{#if each.reason}<br /><span class="quiet">Signed: {each.reason}</span>{/if}</td
          >
          <td><Glyph status={each.verdict} size={14} /> {each.verdict}</td>
          <td>{dayAndClock(each.releasedAt)} by {each.releasedBy}</td>
          <td
            ><a class="link" href="/packs/{bench.id}/page?revision={each.revision}&kind=specification"
              >Papers<span class="sr-only"> of {each.number}</span></a
            ></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
<p class="quiet">Any two revisions are compared under Revisions in the head: wall, verdict, size, mass and cost.</p>

<style>
  .form {
    display: grid;
    justify-items: start;
    gap: 0.5rem;
  }
  .wide {
    min-width: 20rem;
  }
  textarea {
    display: block;
    width: min(44rem, 100%);
    padding: 0.25rem 0.5rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-100);
    line-height: 1.4;
  }
  .breaks {
    color: var(--color-error);
  }
  .link {
    text-decoration: underline;
  }
  table {
    width: 100%;
    line-height: 1.5;
  }
  caption {
    font-weight: 650;
    text-align: left;
  }
  th {
    font-weight: 400;
    text-align: left;
  }
  td,
  th {
    padding: 0.25rem 0.75rem 0.25rem 0;
    border-top: 1px solid var(--color-base-300);
    vertical-align: top;
  }
</style>
