<!-- The packing table: scan or choose a pack, or go on with one. -->
<script lang="ts">
  import { api, call, type PackingCard, type Problem, type Release } from '../lib/api/client';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import Trouble from '../lib/parts/Trouble.svelte';
  import { navigate } from '../lib/router';
  import { keepForOffline } from '../lib/table/offline';
  import { dayAndClock } from '../lib/units';

  let releases = $state.raw<Release[]>([]);
  let total = $state(0);
  let moreReleases = $state<string | null>(null);
  let search = $state('');
  let turn = 0;
  let packings = $state.raw<PackingCard[]>([]);
  let begun = $state(0);
  let morePackings = $state<string | null>(null);
  let loaded = $state(false);
  let scanned = $state('');
  let field = $state<HTMLInputElement>();
  let problem = $state.raw<Problem | null>(null);
  let open = $derived(packings.filter((each) => !each.complete && !each.cancelled));
  let done = $derived(packings.filter((each) => each.complete || each.cancelled));
  let signed = $derived(releases.filter((each) => each.verdict === 'breaks'));
  let ready = $derived(releases.filter((each) => each.verdict !== 'breaks'));

  $effect(() => {
    void load();
  });
  keepForOffline();
  // A scanner types: what it says has to land here.
  $effect(() => field?.focus());

  async function load() {
    const mine = ++turn;
    const params = { query: { search } };
    const [released, packed] = await Promise.all([
      call(api.GET('/api/releases', { params })),
      call(api.GET('/api/packings', { params }))
    ]);
    if (mine !== turn) {
      return;
    }
    releases = released.data?.items ?? releases;
    total = released.data?.total ?? total;
    moreReleases = released.data?.next ?? null;
    packings = packed.data?.items ?? packings;
    begun = packed.data?.total ?? begun;
    morePackings = packed.data?.next ?? null;
    problem = released.problem ?? packed.problem ?? null;
    loaded = true;
  }

  /** What comes after is put below; a search in between makes it too late. */
  async function readMoreReleases(after: string) {
    const mine = turn;
    const answer = await call(api.GET('/api/releases', { params: { query: { search, after } } }));
    if (mine === turn && after === moreReleases) {
      releases = [...releases, ...(answer.data?.items ?? [])];
      moreReleases = answer.data ? answer.data.next : after;
      problem = answer.problem ?? null;
    }
  }

  async function readMorePackings(after: string) {
    const mine = turn;
    const answer = await call(api.GET('/api/packings', { params: { query: { search, after } } }));
    if (mine === turn && after === morePackings) {
      packings = [...packings, ...(answer.data?.items ?? [])];
      morePackings = answer.data ? answer.data.next : after;
      problem = answer.problem ?? null;
    }
  }

  async function begin(number: string) {
    const answer = await call(api.POST('/api/packings', { body: { number } }));
    problem = answer.problem ?? null;
    if (answer.data) {
      void navigate('/table/:id', { params: { id: answer.data.id } });
    }
  }

  function scan(event: SubmitEvent) {
    event.preventDefault();
    if (scanned.trim()) {
      void begin(scanned.trim());
    }
  }
</script>

<svelte:head><title>Packing table, Rampart</title></svelte:head>

<Head here="Packing table">
  <h1 class="sr-only">Packing table</h1>
  <span class="grow"></span>
</Head>

<main id="main" class="table">
  <form onsubmit={scan}>
    <label for="scanned">Scan the pack, or type its number</label>
    <div>
      <input
        bind:this={field}
        id="scanned"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        bind:value={scanned}
      />
      <button type="submit" class="large">Find it</button>
    </div>
  </form>
  <Trouble {problem} />
  {#if moreReleases || morePackings || search}
    <div>
      <label class="find"
        >Or find it by name or number
        <input type="search" maxlength="200" autocomplete="off" bind:value={search} /></label
      >
      <p role="status">
        {total === 1 ? 'One to begin' : `${total} to begin`}, {begun} begun or packed.
      </p>
    </div>
  {/if}
  {#if open.length > 0}
    <section aria-labelledby="begun">
      <h2 id="begun">Go on with</h2>
      <ul>
        {#each open as each (each.id)}
          <li>
            <a href="/table/{each.id}">
              <b>{each.name}</b>
              <span
                >{each.number}, {each.done} of {each.steps} steps, begun {dayAndClock(each.begunAt)} by {each.begunBy}</span
              >
            </a>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <section aria-labelledby="released">
    <h2 id="released">Begin</h2>
    {#if loaded && releases.length === 0 && search}
      <p>None with these words.</p>
    {:else if loaded && releases.length === 0}
      <p>Nothing is released yet. A designer releases a pack at its station Release; then it is packed here.</p>
    {/if}
    <ul>
      {#each ready as each (each.number)}
        <li>
          <button type="button" onclick={() => begin(each.number)}>
            <b>{each.name}</b>
            <span><Glyph status={each.verdict} size={16} /> {each.verdict}, {each.number}</span>
          </button>
        </li>
      {/each}
    </ul>
    {#if moreReleases}
      {@const after = moreReleases}
      <button type="button" class="more" onclick={() => readMoreReleases(after)}
        >More to begin, {total - releases.length}</button
      >
    {/if}
  </section>
  {#if signed.length > 0}
    <section aria-labelledby="signed">
      <h2 id="signed">Released although something breaks</h2>
      <ul>
        {#each signed as each (each.number)}
          <li>
            <button type="button" onclick={() => begin(each.number)}>
              <b>{each.name}</b>
              <span><Glyph status={each.verdict} size={16} /> {each.verdict}, {each.number}, signed: {each.reason}</span
              >
            </button>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if done.length > 0}
    <section aria-labelledby="packed">
      <h2 id="packed">Packed</h2>
      <ul>
        {#each done as each (each.id)}
          <li>
            <a href="/table/{each.id}"
              ><b>{each.name}</b><span
                >{each.number}, {each.cancelled ? `cancelled ${each.cancelled}` : `packed by ${each.begunBy}`}</span
              ></a
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if morePackings}
    {@const after = morePackings}
    <button type="button" class="more" onclick={() => readMorePackings(after)}
      >More begun or packed, {begun - packings.length}</button
    >
  {/if}
</main>

<style>
  .table {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
    gap: 1.25rem;
    width: 100%;
    max-width: 60rem;
    margin: 0 auto;
    padding: 1rem 1.125rem 4rem;
    font-size: 1.25rem;
  }
  .find {
    display: grid;
    gap: 0.25rem;
    margin-bottom: 0.75rem;
  }
  .find input {
    min-height: 3rem;
    padding: 0.25rem 0.75rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-200);
  }
  form div {
    display: flex;
    gap: 0.75rem;
  }
  form input {
    flex: 1;
    min-width: 0;
    min-height: 3.5rem;
    padding: 0 0.75rem;
    border: 2px solid var(--color-base-content);
    background: var(--color-base-100);
    font-size: 1.75rem;
  }
  .large {
    min-height: 3.5rem;
    padding: 0 1.25rem;
    background: var(--color-neutral);
    color: var(--color-neutral-content);
    font-weight: 650;
  }
  .more {
    justify-self: start;
    min-height: 3rem;
    margin-top: 0.75rem;
    padding: 0 1rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-200);
    font-size: 1rem;
    font-weight: 650;
  }
  .more:hover {
    background: var(--color-base-300);
  }
  h2 {
    font-size: 1.125rem;
    font-weight: 650;
  }
  ul {
    border-top: 1px solid var(--color-base-300);
  }
  li {
    border-bottom: 1px solid var(--color-base-300);
  }
  li > :is(a, button) {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    width: 100%;
    min-height: 3.5rem;
    padding: 0.5rem 0.25rem;
    text-align: left;
  }
  li > :is(a, button):hover {
    background: var(--color-base-200);
  }
  li span {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
    overflow-wrap: anywhere;
    font-size: 1rem;
  }
</style>
