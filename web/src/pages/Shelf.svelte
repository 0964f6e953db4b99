<!-- Every pack as a card with its own small section. -->
<script lang="ts">
  import { Copy, Download, Trash2 } from '@lucide/svelte';
  import { api, call, type Card, type PackFile, type Problem, send } from '../lib/api/client';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import ChoiceField from '../lib/parts/ChoiceField.svelte';
  import SmallSection from '../lib/parts/SmallSection.svelte';
  import Tour from '../lib/parts/Tour.svelte';
  import Trouble from '../lib/parts/Trouble.svelte';
  import { Pages } from '../lib/pages.svelte';
  import { session } from '../lib/session.svelte';
  import { toasts } from '../lib/toasts.svelte';
  import { dayAndClock, mass, sizeText } from '../lib/units';

  const PAGE = 24;

  type Verdict = Card['verdict'] | 'any';
  type Kind = NonNullable<Card['kind']> | 'any';
  type Order = 'saved' | 'name' | 'weakest' | 'size' | 'mass';
  const VERDICTS: { value: Verdict; text: string }[] = [
    { value: 'any', text: 'any verdict' },
    { value: 'holds', text: 'those that hold' },
    { value: 'thin', text: 'thin ones' },
    { value: 'breaks', text: 'those that break' },
    { value: 'unknown', text: 'unknown ones' }
  ];
  const KINDS: { value: Kind; text: string }[] = [
    { value: 'any', text: 'all packs' },
    { value: 'single', text: 'packs of one box' },
    { value: 'box_in_box', text: 'packs box in box' },
    { value: 'more_boxes', text: 'packs of three boxes or more' }
  ];
  const ORDERS: { value: Order; text: string }[] = [
    { value: 'saved', text: 'last saved first' },
    { value: 'name', text: 'by name' },
    { value: 'weakest', text: 'weakest first' },
    { value: 'size', text: 'largest first' },
    { value: 'mass', text: 'heaviest first' }
  ];
  const TOUR_LEFT = 'rampart-tour';

  let search = $state('');
  let verdict = $state<Verdict>('any');
  let kind = $state<Kind>('any');
  let sort = $state<Order>('saved');
  let tour = $state(localStorage.getItem(TOUR_LEFT) !== 'left');
  let filtered = $derived(search !== '' || verdict !== 'any' || kind !== 'any');
  const pages = new Pages();
  let cards = $state.raw<Card[]>([]);
  let total = $state(0);
  let waiting = $state(0);
  let loaded = $state(false);
  let problem = $state.raw<Problem | null>(null);
  let chooser = $state<HTMLInputElement>();
  let turn = 0;

  $effect(() => {
    void load();
  });

  async function load() {
    const mine = ++turn;
    const query = {
      search,
      after: pages.after,
      sort,
      size: PAGE,
      ...(verdict === 'any' ? {} : { verdict }),
      ...(kind === 'any' ? {} : { kind })
    };
    const answer = await call(api.GET('/api/packs', { params: { query } }));
    if (mine === turn) {
      loaded = true;
      problem = answer.problem ?? null;
      cards = answer.data?.items ?? cards;
      total = answer.data?.total ?? total;
      pages.read(answer.data?.next ?? null);
      waiting = answer.data?.waiting ?? 0;
    }
  }

  function clear() {
    search = '';
    verdict = 'any';
    kind = 'any';
    pages.first();
  }

  function leaveTour() {
    tour = false;
    localStorage.setItem(TOUR_LEFT, 'left');
  }

  async function add(pack: PackFile, key: string): Promise<string | null> {
    const answer = await call(api.POST('/api/packs', { params: { header: { 'Idempotency-Key': key } }, body: pack }));
    problem = answer.problem ?? null;
    return answer.data?.id ?? null;
  }

  async function importFiles(files: FileList | null) {
    let taken = 0;
    for (const file of files ?? []) {
      const told = await send('/api/packs', 'application/json', file);
      if (told) {
        problem = { ...told, detail: `${file.name}: ${told.detail}` };
      } else {
        taken += 1;
      }
    }
    if (chooser) {
      chooser.value = '';
    }
    if (taken > 0) {
      toasts.show({ text: taken === 1 ? 'One pack imported.' : `${taken} packs imported.` });
      await load();
    }
  }

  /** Packs that are being copied or deleted: their buttons wait. */
  let busy = $state.raw<string[]>([]);

  async function alone(card: Card, work: () => Promise<void>) {
    if (!busy.includes(card.id)) {
      busy = [...busy, card.id];
      await work();
      busy = busy.filter((id) => id !== card.id);
    }
  }

  async function duplicate(card: Card) {
    const key = crypto.randomUUID();
    const { data } = await call(api.GET('/api/packs/{id}', { params: { path: { id: card.id } } }));
    if (data && (await add({ ...data.pack, name: `${data.pack.name.slice(0, 190)}, copy` }, key))) {
      toasts.show({ text: `${card.name} duplicated.` });
      await load();
    }
  }

  async function remove(card: Card) {
    const answer = await call(api.DELETE('/api/packs/{id}', { params: { path: { id: card.id } } }));
    problem = answer.problem ?? null;
    if (!answer.problem) {
      toasts.show({ text: `${card.name} deleted.`, action: { label: 'Undo', run: () => void restore(card) } });
      await load();
    }
  }

  async function restore(card: Card) {
    const answer = await call(api.POST('/api/packs/{id}/restoration', { params: { path: { id: card.id } } }));
    problem = answer.problem ?? null;
    await load();
  }

  async function rename(card: Card, name: string) {
    if (name.trim() && name !== card.name) {
      const answer = await call(api.PATCH('/api/packs/{id}', { params: { path: { id: card.id } }, body: { name } }));
      problem = answer.problem ?? null;
      await load();
    }
  }
</script>

<Head here="Shelf">
  <span class="grow"></span>
  <label class="search">
    <span class="sr-only">Search packs by name or note</span>
    <input
      class="text"
      type="search"
      placeholder="Search names and notes"
      maxlength="200"
      bind:value={search}
      oninput={() => pages.first()}
    />
  </label>
  {#if !session.readOnly}
    <button type="button" class="btn btn-outline btn-sm" onclick={() => chooser?.click()}>Import</button>
    <input
      class="hidden"
      type="file"
      accept=".json,application/json"
      multiple
      aria-label="Pack files to import"
      bind:this={chooser}
      onchange={(e) => importFiles(e.currentTarget.files)}
    />
    <a class="btn btn-neutral btn-sm" href="/new">New pack</a>
  {/if}
</Head>

<main id="main" class="shelf">
  <h1 class="text-xl font-semibold">
    The shelf <span class="quiet text-sm font-normal">{loaded ? `${total} ${total === 1 ? 'pack' : 'packs'}` : ''}</span
    >
  </h1>
  <Trouble {problem} />
  {#if loaded}
    <p class="filters">
      Shown are
      <ChoiceField label="Kind of pack" value={kind} options={KINDS} onset={(v) => ((kind = v), pages.first())} />
      of
      <ChoiceField label="Verdict" value={verdict} options={VERDICTS} onset={(v) => ((verdict = v), pages.first())} />,
      <ChoiceField label="Order" value={sort} options={ORDERS} onset={(v) => ((sort = v), pages.first())} />.
      {#if !filtered && total > 0}
        <span class="sr-only" role="status">{total} packs</span>
      {:else}
        <span role="status">{total} {total === 1 ? 'pack' : 'packs'} found.</span>
        <button type="button" class="plain-button underline" onclick={clear}>Show all</button>
      {/if}
      {#if waiting > 0}
        <span role="status">
          {waiting}
          {waiting === 1 ? 'pack is' : 'packs are'} still being worked out; look again in a while.
        </span>
      {/if}
    </p>
  {/if}
  {#if loaded && total === 0 && filtered}
    <p class="mt-6 text-base">No pack is like that. Search in names and notes, or show all.</p>
  {:else if loaded && total === 0}
    <p class="mt-6 text-base">The shelf is empty. Make a new pack or import one to begin.</p>
  {/if}
  {#if loaded && total === 0 && !filtered && tour}
    <Tour onleave={leaveTour} />
  {/if}
  <ul class="cards">
    {#each cards as card (card.id)}
      <li class="card-of-pack" data-pack={card.id}>
        <a href="/packs/{card.id}" aria-label="Open {card.name}" class="drawing">
          <SmallSection solids={card.solids} materials={card.materials} />
          {#if card.photograph}
            <img class="photograph" src="/api/photographs/{card.photograph}/thumbnail" alt="" />
          {/if}
        </a>
        <div class="said">
          {#if session.readOnly}
            <h2 class="name">{card.name}</h2>
          {:else}
            <h2 class="sr-only">{card.name}</h2>
            <input
              class="name"
              aria-label="Name of {card.name}"
              maxlength="200"
              value={card.name}
              onkeydown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
              onblur={(e) => rename(card, e.currentTarget.value)}
            />
          {/if}
          <p class="flex items-center gap-1.5">
            <Glyph status={card.verdict} />
            <b class="status-{card.verdict}">{card.verdict}</b>
            {#if card.verdict !== 'holds' && card.weakest}<span class="quiet truncate"
                >{card.weakest.replace(/^Falls/, 'falls')}</span
              >{/if}
          </p>
          {#if card.trouble}<p class="trouble" title={card.trouble}>{card.trouble}</p>{/if}
          {#if card.outsideMm && card.grossMassKg !== null}
            <p>{sizeText(card.outsideMm)}, {mass(card.grossMassKg)}</p>
          {/if}
          {#if card.note}<p class="note truncate" title={card.note}>{card.note}</p>{/if}
          <p class="saved quiet truncate text-xs">
            {card.revision === null ? 'draft' : `revision ${card.revision}`}, {card.savedBy}, {dayAndClock(
              card.savedAt
            )}
          </p>
        </div>
        <div class="tools">
          <a
            class="plain-button"
            href="/api/packs/{card.id}/file"
            download
            title="Export"
            aria-label="Export {card.name}"><Download size={15} aria-hidden="true" /></a
          >
          {#if !session.readOnly}
            <button
              type="button"
              class="plain-button"
              title="Duplicate"
              aria-label="Duplicate {card.name}"
              disabled={busy.includes(card.id)}
              onclick={() => alone(card, () => duplicate(card))}><Copy size={15} aria-hidden="true" /></button
            >
            <button
              type="button"
              class="plain-button"
              title="Delete"
              aria-label="Delete {card.name}"
              disabled={busy.includes(card.id)}
              onclick={() => alone(card, () => remove(card))}><Trash2 size={15} aria-hidden="true" /></button
            >
          {/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if total > PAGE}
    <nav class="mt-4 flex items-center gap-3" aria-label="Pages of the shelf">
      <button type="button" class="btn btn-sm" disabled={pages.isFirst} onclick={() => pages.back()}>Earlier</button>
      <span>page {pages.number} of {Math.ceil(total / PAGE)}</span>
      <button type="button" class="btn btn-sm" disabled={pages.isLast} onclick={() => pages.forth()}>Later</button>
    </nav>
  {/if}
</main>

<style>
  .shelf {
    width: 100%;
    max-width: 82rem;
    margin: 0 auto;
    padding: 1rem 1.125rem 4rem;
  }
  .trouble {
    display: -webkit-box;
    overflow: hidden;
    overflow-wrap: anywhere;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 3;
    line-clamp: 3;
  }
  .filters {
    line-height: 2;
  }
  .photograph {
    position: absolute;
    top: 0.375rem;
    right: 0.375rem;
    max-width: 5rem;
    max-height: 4rem;
    border: 1px solid var(--color-base-content);
  }
  .cards {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(17.5rem, 100%), 1fr));
    gap: 1.5rem 1.25rem;
    margin-top: 0.75rem;
  }
  .card-of-pack {
    position: relative;
    display: flex;
    flex-direction: column;
    border-bottom: 2px solid var(--color-base-content);
  }
  .drawing {
    position: relative;
    display: block;
    height: 11rem;
    background: var(--color-base-200);
  }
  .said {
    padding: 0.375rem 0 0.5rem;
  }
  .name {
    width: 100%;
    min-height: 1.625rem;
    background: transparent;
    font-size: 0.9375rem;
    font-weight: 650;
    text-overflow: ellipsis;
  }
  input.name:hover {
    background: var(--color-base-200);
  }
  .saved {
    /* The tools lie beside it. */
    padding-right: 6.25rem;
  }
  .tools {
    position: absolute;
    right: 0;
    bottom: 0.25rem;
    display: flex;
  }
</style>
