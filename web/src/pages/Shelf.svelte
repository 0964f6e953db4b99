<!-- Every pack as a card with its own small section. -->
<script lang="ts">
  import { Copy, Download, Trash2 } from '@lucide/svelte';
  import { api, call, type Card, type PackFile, type Problem } from '../lib/api/client';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import SmallSection from '../lib/parts/SmallSection.svelte';
  import { session } from '../lib/session.svelte';
  import { toasts } from '../lib/toasts.svelte';
  import { dayAndClock, shown } from '../lib/units';

  const PAGE = 24;

  let search = $state('');
  let page = $state(0);
  let cards = $state.raw<Card[]>([]);
  let total = $state(0);
  let loaded = $state(false);
  let problem = $state.raw<Problem | null>(null);
  let chooser = $state<HTMLInputElement>();
  let turn = 0;

  $effect(() => {
    void load(search, page);
  });

  async function load(text: string, at: number) {
    const mine = ++turn;
    const answer = await call(api.GET('/api/packs', { params: { query: { search: text, page: at, size: PAGE } } }));
    if (mine === turn) {
      loaded = true;
      problem = answer.problem ?? null;
      cards = answer.data?.items ?? cards;
      total = answer.data?.total ?? total;
    }
  }

  async function add(pack: PackFile): Promise<string | null> {
    const answer = await call(api.POST('/api/packs', { body: pack }));
    problem = answer.problem ?? null;
    return answer.data?.id ?? null;
  }

  async function importFiles(files: FileList | null) {
    let taken = 0;
    for (const file of files ?? []) {
      // The bytes go as they are: the server says what is wrong with them.
      const response = await fetch('/api/packs', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() },
        body: file
      }).catch(() => null);
      if (response?.ok) {
        taken += 1;
      } else {
        const told = (await response?.json().catch(() => null)) as Problem | null;
        problem = {
          status: told?.status ?? 0,
          detail: `${file.name}: ${told?.detail ?? 'Rampart does not answer just now. Nothing was changed.'}`,
          errors: told?.errors
        };
      }
    }
    if (chooser) {
      chooser.value = '';
    }
    if (taken > 0) {
      toasts.show({ text: taken === 1 ? 'One pack imported.' : `${taken} packs imported.` });
      await load(search, page);
    }
  }

  function token(): string {
    return decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');
  }

  async function duplicate(card: Card) {
    const { data } = await call(api.GET('/api/packs/{id}', { params: { path: { id: card.id } } }));
    if (data && (await add({ ...data.pack, name: `${data.pack.name.slice(0, 190)}, copy` }))) {
      toasts.show({ text: `${card.name} duplicated.` });
      await load(search, page);
    }
  }

  async function remove(card: Card) {
    const answer = await call(api.DELETE('/api/packs/{id}', { params: { path: { id: card.id } } }));
    problem = answer.problem ?? null;
    if (!answer.problem) {
      toasts.show({ text: `${card.name} deleted.`, action: { label: 'Undo', run: () => void restore(card) } });
      await load(search, page);
    }
  }

  async function restore(card: Card) {
    const answer = await call(api.POST('/api/packs/{id}/restoration', { params: { path: { id: card.id } } }));
    problem = answer.problem ?? null;
    await load(search, page);
  }

  async function rename(card: Card, name: string) {
    if (name.trim() && name !== card.name) {
      const answer = await call(api.PATCH('/api/packs/{id}', { params: { path: { id: card.id } }, body: { name } }));
      problem = answer.problem ?? null;
      await load(search, page);
    }
  }
</script>

<Head>
  <span class="grow"></span>
  <label class="search">
    <span class="sr-only">Search packs by name</span>
    <input
      class="text"
      type="search"
      placeholder="Search by name"
      maxlength="200"
      bind:value={search}
      oninput={() => (page = 0)}
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

<main class="shelf">
  <h1 class="text-xl font-semibold">
    The shelf <span class="quiet text-sm font-normal">{loaded ? `${total} ${total === 1 ? 'pack' : 'packs'}` : ''}</span
    >
  </h1>
  <div role="alert">
    {#if problem}
      <div class="trouble">
        <b>{problem.detail}</b>
        {#if problem.errors}
          <ul>
            {#each problem.errors.slice(0, 12) as error (error.path + error.message)}<li>
                <code>{error.path}</code>
                {error.message}
              </li>{/each}
          </ul>
        {/if}
      </div>
    {/if}
  </div>
  {#if loaded && total === 0}
    <p class="mt-6 text-base">
      {search ? `No pack has "${search}" in its name.` : 'The shelf is empty. Make a new pack or import one to begin.'}
    </p>
  {/if}
  <ul class="cards">
    {#each cards as card (card.id)}
      <li class="card-of-pack" data-pack={card.id}>
        <a href="/packs/{card.id}" aria-label="Open {card.name}" class="drawing">
          <SmallSection solids={card.solids} materials={card.materials} />
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
          <p>
            {shown(card.outsideMm.length, 0)} × {shown(card.outsideMm.width, 0)} × {shown(card.outsideMm.height, 0)} mm, {shown(
              card.grossMassKg
            )} kg
          </p>
          <p class="quiet text-xs">
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
              onclick={() => duplicate(card)}><Copy size={15} aria-hidden="true" /></button
            >
            <button
              type="button"
              class="plain-button"
              title="Delete"
              aria-label="Delete {card.name}"
              onclick={() => remove(card)}><Trash2 size={15} aria-hidden="true" /></button
            >
          {/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if total > PAGE}
    <nav class="mt-4 flex items-center gap-3" aria-label="Pages of the shelf">
      <button type="button" class="btn btn-sm" disabled={page === 0} onclick={() => (page -= 1)}>Earlier</button>
      <span>page {page + 1} of {Math.ceil(total / PAGE)}</span>
      <button type="button" class="btn btn-sm" disabled={(page + 1) * PAGE >= total} onclick={() => (page += 1)}
        >Later</button
      >
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
    margin: 0.75rem 0;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--color-error);
    background: var(--color-base-200);
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
  .tools {
    position: absolute;
    right: 0;
    bottom: 0.25rem;
    display: flex;
  }
</style>
