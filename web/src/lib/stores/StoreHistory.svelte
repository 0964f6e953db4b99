<!-- What was done to cartons or sheets of the stores, newest first. -->
<script lang="ts">
  import { api, call, type HouseEvent } from '../api/client';
  import { dayAndClock } from '../units';

  let {
    about,
    title,
    changed
  }: {
    about: 'carton' | 'sheet';
    title: string;
    /** Anything that is another one after each change. */ changed: unknown;
  } = $props();

  let open = $state(false);
  let events = $state.raw<HouseEvent[]>([]);

  $effect(() => {
    void changed;
    if (open) {
      void call(api.GET('/api/events', { params: { query: { about, size: 100 } } })).then(({ data }) => {
        events = data ?? events;
      });
    }
  });
</script>

<details class="mt-4" bind:open>
  <summary>{title}</summary>
  {#if events.length === 0}<p class="quiet">Nothing since the stores were filled.</p>{/if}
  <ol>
    {#each events as event (event.id)}
      <li>{dayAndClock(event.happenedAt)}, {event.who}: {event.subject} {event.detail}</li>
    {/each}
  </ol>
</details>
