<!-- Where this person is signed in. -->
<script lang="ts">
  import { api, call, type Problem, type Visit } from '../api/client';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import { dayAndClock } from '../units';

  let visits = $state.raw<Visit[]>([]);
  let problem = $state.raw<Problem | null>(null);

  void load();

  async function load() {
    const { data } = await call(api.GET('/api/visits'));
    visits = data ?? visits;
  }

  async function end(visit: Visit) {
    const answer = await call(api.DELETE('/api/visits/{handle}', { params: { path: { handle: visit.handle } } }));
    problem = answer.problem ?? null;
    await (visit.here ? session.refresh() : load());
  }

  /** Browser and system out of what the browser calls itself; that text itself where neither is known. */
  function browser(agent: string): string {
    const name = /(Firefox|Edg|OPR|Chrome|Safari)\//.exec(agent)?.[1];
    const system = /(Windows|Mac OS X|Android|iPhone|iPad|Linux)/.exec(agent)?.[1];
    return name && system ? `${{ Edg: 'Edge', OPR: 'Opera' }[name] ?? name} on ${system}` : agent || 'unknown browser';
  }
</script>

<section aria-labelledby="visits-title">
  <h2 id="visits-title" class="text-lg font-semibold">Where you are signed in</h2>
  <Trouble {problem} />
  <ul>
    {#each visits as visit (visit.handle)}
      <li>
        <span class="grow"
          ><b>{browser(visit.browser)}</b>{visit.here ? ', here' : ''}
          <span class="quiet block text-xs"
            >from {visit.address}, since {dayAndClock(visit.began)}, last used {dayAndClock(visit.lastUsed)}</span
          ></span
        >
        <button
          type="button"
          class="plain-button shrink-0"
          aria-label="End the visit of {browser(visit.browser)} since {dayAndClock(visit.began)}"
          onclick={() => end(visit)}>End</button
        >
      </li>
    {/each}
  </ul>
</section>

<style>
  li {
    display: flex;
    align-items: baseline;
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--color-base-300);
  }
</style>
