<!-- A pack that is used again: its parts, checked off out and back, its trips, when its foam is due. -->
<script lang="ts">
  import { api, call, type Problem, type Returns } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { dayAndClock } from '../units';

  let { bench }: { bench: Bench } = $props();

  type Grade = 'whole' | 'worn' | 'damaged';

  let returns = $state.raw<Returns | null>(null);
  let problem = $state.raw<Problem | null>(null);
  let to = $state('');
  let counts = $state<Record<string, number>>({});
  let damaged = $state<Record<string, number>>({});
  let grade = $state<Grade>('whole');
  let note = $state('');

  let params = $derived({
    path: { id: bench.id },
    header: { 'If-Match': `"${returns?.version ?? 0}"` }
  });

  void load();

  async function load() {
    await bench.save();
    take(await call(api.GET('/api/packs/{id}/returns', { params: { path: { id: bench.id } } })));
  }

  function take(answer: { data?: Returns; problem?: Problem }) {
    problem = answer.problem ?? null;
    if (answer.data) {
      returns = answer.data;
      counts = Object.fromEntries(answer.data.parts.map((part) => [part.id, part.count]));
      damaged = {};
      grade = 'whole';
      note = '';
      to = '';
    }
  }

  const out = async () => take(await call(api.POST('/api/packs/{id}/returns/out', { params, body: { to } })));

  async function back() {
    const found = (returns?.parts ?? []).map((part) => ({
      part: part.id,
      count: counts[part.id] ?? 0,
      damaged: damaged[part.id] ?? 0
    }));
    take(await call(api.POST('/api/packs/{id}/returns/back', { params, body: { found, grade, note } })));
  }

  const renewed = async () => take(await call(api.POST('/api/packs/{id}/returns/renewal', { params })));

  const whole = (event: Event & { currentTarget: HTMLInputElement }) =>
    Math.max(0, Math.min(1000, Math.round(Number(event.currentTarget.value)) || 0));
</script>

<Trouble {problem} />
{#if returns}
  {@const away = returns.away}
  <table>
    <caption>{away ? 'Count each part as it comes back' : 'Parts, from the item outward'}</caption>
    <thead>
      <tr>
        <th class="number">count</th><th>part</th><th>where, and which way round</th><th>bag</th>
        {#if away}<th class="number">back</th><th class="number">damaged</th>{/if}
      </tr>
    </thead>
    <tbody>
      {#each returns.parts as part (part.id)}
        <tr>
          <td class="number">{part.count}</td>
          <td>{part.name}</td>
          <td>{part.place}{part.round ? `; ${part.round}` : ''}</td>
          <td>{part.bag ?? ''}</td>
          {#if away}
            <td class="number"
              ><input
                class="in-sentence"
                type="number"
                min="0"
                max="1000"
                aria-label="Back: {part.name}, {part.place}"
                value={counts[part.id]}
                onchange={(event) => (counts[part.id] = whole(event))}
              /></td
            >
            <td class="number"
              ><input
                class="in-sentence"
                type="number"
                min="0"
                max="1000"
                aria-label="Damaged: {part.name}, {part.place}"
                value={damaged[part.id] ?? 0}
                onchange={(event) => (damaged[part.id] = whole(event))}
              /></td
            >
          {/if}
        </tr>
      {/each}
    </tbody>
  </table>
  {#if away}
    <p class="row">
      It came back
      <ChoiceField
        label="Grade"
        value={grade}
        options={[
          { value: 'whole', text: 'whole' },
          { value: 'worn', text: 'worn' },
          { value: 'damaged', text: 'damaged' }
        ]}
        onset={(next) => (grade = next)}
      />
      <input class="in-sentence" aria-label="Note" placeholder="note" maxlength="1000" bind:value={note} />
      <button type="button" class="btn btn-neutral btn-sm" onclick={back}>It is back</button>
    </p>
  {:else}
    <p class="row">
      It goes to <input
        class="in-sentence"
        aria-label="To whom it goes"
        placeholder="whom"
        maxlength="200"
        bind:value={to}
      />
      <button type="button" class="btn btn-neutral btn-sm" onclick={out}>All parts are there: it goes out</button>
      <a class="link" href="/packs/{bench.id}/page?kind=parts">Sheet to tick</a>
    </p>
  {/if}
  <p>
    {#each returns.foams as foam (foam.foam)}
      <span class="life" class:due={foam.due}
        >{foam.foam} lasts about {foam.trips} trips (common practice, no source); {foam.made} made{foam.due
          ? ': renew it'
          : ''}.</span
      >
    {/each}
    {#if returns.trips.length > 0 && !bench.readOnly}
      <button type="button" class="link" onclick={renewed}>The foam has been renewed</button>
    {/if}
  </p>
  {#if returns.trips.length > 0}
    <h2>Trips: {returns.trips.length}</h2>
    <ol reversed>
      {#each [...returns.trips].reverse() as trip (trip.number)}
        <li>
          <b>{trip.number}</b>
          {trip.to ? `to ${trip.to}, ` : ''}out {dayAndClock(trip.outAt)} by {trip.outBy}{#if trip.back}; back {dayAndClock(
              trip.back.at
            )}, {trip.back.grade}{trip.back.note ? `: ${trip.back.note}` : ''}{/if}
          {#if trip.missing.length > 0}<span class="due">Missing: {trip.missing.join(', ')}.</span>{/if}
        </li>
      {/each}
    </ol>
  {/if}
{/if}

<style>
  table {
    width: 100%;
    line-height: 1.5;
  }
  caption,
  h2 {
    font-weight: 650;
    text-align: left;
  }
  th {
    font-weight: 400;
    text-align: left;
  }
  td,
  th {
    padding: 0.125rem 0.75rem 0.125rem 0;
    border-top: 1px solid var(--color-base-300);
    vertical-align: top;
  }
  .number {
    text-align: right;
  }
  td input {
    width: 4rem;
    text-align: right;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  .link {
    text-decoration: underline;
  }
  .life {
    margin-right: 0.5rem;
  }
  .due {
    color: var(--color-error);
    font-weight: 650;
  }
</style>
