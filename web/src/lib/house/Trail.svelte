<!-- What was done by whom, newest first. -->
<script lang="ts">
  import { api, call, type HouseEvent } from '../api/client';
  import { dayAndClock } from '../units';

  const PAGE = 30;

  let events = $state.raw<HouseEvent[]>([]);
  let more = $state(false);

  export async function load() {
    const { data } = await call(api.GET('/api/events', { params: { query: { size: PAGE } } }));
    take([], data ?? []);
  }

  async function earlier() {
    const before = events.at(-1)?.id ?? 1;
    const { data } = await call(api.GET('/api/events', { params: { query: { size: PAGE, before } } }));
    take(events, data ?? []);
  }

  function take(had: HouseEvent[], got: HouseEvent[]) {
    events = [...had, ...got];
    more = got.length === PAGE;
  }
</script>

<section aria-labelledby="trail-title">
  <h2 id="trail-title" class="text-lg font-semibold">What was done</h2>
  {#if events.length === 0}<p class="quiet">Nothing yet.</p>{/if}
  <ol>
    {#each events as event (event.id)}
      <li>
        <span class="quiet text-xs">{dayAndClock(event.happenedAt)}</span>
        <span
          ><b>{event.who}</b>
          {event.words}
          {#if event.subjectKind === 'pack' && event.subjectId}
            <a class="font-bold underline" href="/packs/{event.subjectId}">{event.subject}</a>
          {:else if event.subject}<b>{event.subject}</b>{/if}{event.detail ? `, ${event.detail}` : ''}</span
        >
      </li>
    {/each}
  </ol>
  {#if more}<button type="button" class="btn mt-2 btn-sm" onclick={earlier}>Earlier</button>{/if}
</section>

<style>
  li {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    gap: 0.5rem;
    padding: 0.125rem 0;
    border-bottom: 1px solid var(--color-base-300);
  }
  @media (max-width: 500px) {
    li {
      grid-template-columns: 1fr;
      gap: 0;
    }
  }
</style>
