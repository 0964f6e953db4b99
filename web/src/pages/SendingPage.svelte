<!-- What travels together: numbered boxes, what is in each, their labels. -->
<script lang="ts">
  import { FileText } from '@lucide/svelte';
  import { api, call, type Consignment, type Problem, type Release } from '../lib/api/client';
  import Head from '../lib/parts/Head.svelte';
  import Trouble from '../lib/parts/Trouble.svelte';
  import { house } from '../lib/house.svelte';
  import { Pages } from '../lib/pages.svelte';
  import { session } from '../lib/session.svelte';
  import { dayAndClock, mass } from '../lib/units';

  interface Draft {
    number: string | null;
    version: number;
    /** Boxes of it that are packed or being packed. */
    begun: number;
    confirmed: boolean;
    receiver: string;
    note: string;
    entries: { key: number; release: string; count: number; contents: string }[];
  }

  /** So many at a time: each says what its boxes weigh and how far they are packed. */
  const PAGE = 12;

  let all = $state.raw<Consignment[]>([]);
  let total = $state(0);
  const pages = new Pages();
  let search = $state('');
  let turn = 0;
  let offered = 0;
  /** Words in the releases that are offered; where there are more than are offered at once. */
  let wanted = $state('');
  let more = $state(false);
  let releases = $state.raw<Release[]>([]);
  let loaded = $state(false);
  let knowsReleases = $state(false);
  let draft = $state<Draft | null>(null);
  let problem = $state.raw<Problem | null>(null);
  let keys = 0;
  let units = $derived(`units=${house.ways.lengthUnit}&decimal=${house.ways.numbers}`);

  $effect(() => {
    void load();
  });
  $effect(() => {
    void offer();
  });

  async function load() {
    const mine = ++turn;
    const sent = await call(
      api.GET('/api/consignments', { params: { query: { search, after: pages.after, size: PAGE } } })
    );
    if (mine !== turn) {
      return;
    }
    all = sent.data?.items ?? all;
    total = sent.data?.total ?? total;
    pages.read(sent.data?.next ?? null);
    problem = sent.problem ?? null;
    loaded = true;
  }

  /** Releases to put into one; they are not asked for again at each letter of a search. */
  async function offer() {
    const mine = ++offered;
    const released = await call(
      api.GET('/api/releases', { params: { query: { size: 200, ...(wanted ? { search: wanted } : {}) } } })
    );
    if (mine !== offered) {
      return;
    }
    releases = released.data?.items ?? releases;
    more = (released.data?.total ?? 0) > releases.length;
    problem = released.problem ?? problem;
    knowsReleases = true;
  }

  const entry = (release: string, count = 1, contents = '') => ({ key: keys++, release, count, contents });

  function begin() {
    draft = {
      number: null,
      version: 0,
      begun: 0,
      confirmed: false,
      receiver: '',
      note: '',
      entries: [entry(releases[0]?.number ?? '')]
    };
  }

  function change(of: Consignment) {
    draft = {
      number: of.number,
      version: of.version,
      begun: of.boxes.filter((box) => box.packing !== null).length,
      confirmed: false,
      receiver: of.receiver.join('\n'),
      note: of.note,
      entries: of.entries.map((each) => entry(each.release, each.count, each.contents))
    };
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (!draft) {
      return;
    }
    const body = {
      receiver: draft.receiver
        .split('\n')
        .map((line) => line.trim())
        .filter((line) => line),
      note: draft.note,
      entries: draft.entries.map(({ release, count, contents }) => ({ release, count, contents }))
    };
    const answer = draft.number
      ? await call(
          api.PUT('/api/consignments/{number}', {
            params: {
              path: { number: draft.number },
              query: { confirmed: draft.confirmed },
              header: { 'If-Match': `"${draft.version}"` }
            },
            body
          })
        )
      : await call(api.POST('/api/consignments', { body }));
    problem = answer.problem ?? null;
    if (answer.data) {
      draft = null;
      await load();
    }
  }

  async function remove(of: Consignment) {
    const { problem: trouble } = await call(
      api.DELETE('/api/consignments/{number}', {
        params: { path: { number: of.number }, header: { 'If-Match': `"${of.version}"` } }
      })
    );
    problem = trouble ?? null;
    await load();
  }
</script>

<svelte:head><title>Sending, Rampart</title></svelte:head>

<Head here="Sending">
  <h1 class="sr-only">Sending</h1>
  <span class="grow"></span>
</Head>

<main id="main" class="sending">
  <Trouble {problem} />
  {#if draft}
    <form onsubmit={save}>
      <h2>{draft.number ? `Consignment ${draft.number}` : 'A new consignment'}</h2>
      <label
        >Receiver
        <textarea rows="4" bind:value={draft.receiver}></textarea></label
      >
      {#if more || wanted}
        <label
          >Releases offered
          <input class="text" type="search" maxlength="200" placeholder="name or number" bind:value={wanted} /></label
        >
      {/if}
      <ul class="entries">
        {#each draft.entries as each, index (each.key)}
          <li>
            <input
              class="in-sentence"
              type="number"
              min="1"
              max="100"
              aria-label="How many, entry {index + 1}"
              bind:value={each.count}
            />
            of
            <select class="in-sentence" aria-label="Release, entry {index + 1}" bind:value={each.release}>
              {#if each.release && !releases.some((release) => release.number === each.release)}
                <option value={each.release}>{each.release}</option>
              {/if}
              {#each releases as release (release.number)}
                <option value={release.number}>{release.number}, {release.name}</option>
              {/each}
            </select>
            with
            <input
              class="in-sentence"
              aria-label="Contents, entry {index + 1}"
              placeholder="what it is packed for"
              maxlength="200"
              bind:value={each.contents}
            />
            <button
              type="button"
              class="link"
              disabled={draft.entries.length === 1}
              onclick={() => draft?.entries.splice(index, 1)}
              >take out<span class="sr-only"> entry {index + 1}</span></button
            >
          </li>
        {/each}
      </ul>
      <button type="button" class="link" onclick={() => draft?.entries.push(entry(releases[0]?.number ?? ''))}
        >Another pack</button
      >
      <label
        >Note <input
          class="in-sentence wide"
          maxlength="1000"
          bind:value={draft.note}
          placeholder="may be left empty"
        /></label
      >
      {#if draft.number}
        <p>
          Labels and lists printed before this change are no good any more; the new ones say that they replace them.
        </p>
      {/if}
      {#if draft.begun > 0}
        <label
          ><input type="checkbox" required bind:checked={draft.confirmed} />
          {draft.begun === 1 ? 'One box is' : `${draft.begun} boxes are`} packed or being packed: I throw the old papers away
          and put new labels on.</label
        >
      {/if}
      <p class="row">
        <button type="submit" class="btn btn-neutral btn-sm">Save</button>
        <button type="button" class="btn btn-sm" onclick={() => (draft = null)}>Cancel</button>
      </p>
    </form>
  {:else if !session.readOnly && releases.length > 0}
    <button type="button" class="btn btn-neutral btn-sm" onclick={begin}>New consignment</button>
  {/if}
  {#if loaded && !draft && (total > PAGE || search)}
    <p class="row">
      <input
        class="text"
        type="search"
        maxlength="200"
        aria-label="Search consignments by number, receiver or contents"
        placeholder="Search number, receiver, contents"
        bind:value={search}
        oninput={() => pages.first()}
      />
      <span role="status">{total} {total === 1 ? 'consignment' : 'consignments'}{search ? ' found' : ''}</span>
      <button type="button" class="btn btn-sm" disabled={pages.isFirst} onclick={() => pages.back()}>Newer</button>
      <button type="button" class="btn btn-sm" disabled={pages.isLast} onclick={() => pages.forth()}>Older</button>
    </p>
  {/if}
  {#if loaded && knowsReleases && all.length === 0 && !draft && !search}
    <p>
      Nothing travels yet. {releases.length === 0
        ? 'Release a pack first, at its station Release.'
        : 'A consignment is one or more released packs that go to one receiver; their boxes are numbered and each bears its label.'}
    </p>
  {/if}
  {#each all as each (each.number)}
    <section aria-labelledby="c-{each.number}">
      <header>
        <h2 id="c-{each.number}">{each.number}</h2>
        <span>{each.receiver.length > 0 ? `to ${each.receiver.join(', ')}` : 'no receiver yet'}</span>
        <span class="quiet">{dayAndClock(each.changedAt)} by {each.changedBy}</span>
        <span class="grow"></span>
        <a class="plain-button" href="/api/consignments/{each.number}/contents.pdf?{units}" download
          ><FileText size={15} aria-hidden="true" /> Contents<span class="sr-only"> of {each.number}</span></a
        >
        <a class="plain-button" href="/api/consignments/{each.number}/labels.pdf?{units}" download
          ><FileText size={15} aria-hidden="true" /> Labels<span class="sr-only"> of {each.number}</span></a
        >
        {#if !session.readOnly}
          <button type="button" class="plain-button" onclick={() => change(each)}
            >Change<span class="sr-only"> {each.number}</span></button
          >
          <button type="button" class="plain-button" onclick={() => remove(each)}
            >Remove<span class="sr-only"> {each.number}</span></button
          >
        {/if}
      </header>
      <table>
        <caption class="sr-only">Boxes of {each.number}</caption>
        <thead>
          <tr
            ><th>box</th><th>number</th><th>contents</th><th>packed as</th><th>at the table</th><th class="number"
              >mass</th
            ></tr
          >
        </thead>
        <tbody>
          {#each each.boxes as box (box.box)}
            <tr>
              <td>{box.box} of {each.boxes.length}</td>
              <td>{box.scanned}</td>
              <td>{box.contents}</td>
              <td>{box.name}</td>
              <td>
                {#if box.packing}<a class="link" href="/table/{box.packing.id}"
                    >{box.packing.complete ? 'packed' : `${box.packing.open} steps to do`}<span class="sr-only"
                      >, {box.scanned}</span
                    ></a
                  >{:else}not begun{/if}
              </td>
              <td class="number">{mass(box.grossKg, 1)}{box.twoPeople ? ', two people' : ''}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      {#each each.remarks as remark (remark)}<p>{remark}</p>{/each}
      {#if each.note}<p class="quiet">{each.note}</p>{/if}
    </section>
  {/each}
</main>

<style>
  .sending {
    display: grid;
    align-content: start;
    justify-items: start;
    gap: 1.5rem;
    width: 100%;
    max-width: 70rem;
    margin: 0 auto;
    padding: 1rem 1.125rem 4rem;
  }
  section {
    width: 100%;
    overflow-x: auto;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
    border-bottom: 2px solid var(--color-base-content);
  }
  h2 {
    font-size: 1.125rem;
    font-weight: 650;
  }
  table {
    width: 100%;
  }
  th {
    font-weight: 400;
    text-align: left;
  }
  td,
  th {
    padding: 0.25rem 0.75rem 0.25rem 0;
    border-bottom: 1px solid var(--color-base-300);
    vertical-align: top;
  }
  .number {
    text-align: right;
    white-space: nowrap;
  }
  form {
    display: grid;
    gap: 0.75rem;
    justify-items: start;
    width: 100%;
  }
  textarea {
    display: block;
    width: min(24rem, 90vw);
    padding: 0.25rem 0.5rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-100);
  }
  .entries {
    display: grid;
    gap: 0.5rem;
    line-height: 2;
  }
  .wide {
    min-width: 16rem;
  }
  .row {
    display: flex;
    gap: 0.5rem;
  }
  .link {
    min-height: 1.5rem;
    text-decoration: underline;
  }
</style>
