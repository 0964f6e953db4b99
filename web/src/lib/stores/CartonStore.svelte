<!-- Cartons that lie in the store: added, changed and removed right in the row. -->
<script lang="ts">
  import { Trash2 } from '@lucide/svelte';
  import { api, call, type Problem, type StockCarton } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import StoreHistory from './StoreHistory.svelte';
  import { toasts } from '../toasts.svelte';
  import { sizeText } from '../units';

  type Given = Pick<StockCarton, 'name' | 'insideMm' | 'board' | 'source'>;
  const EDGES = ['length', 'width', 'height'] as const;
  const NEW: Given = { name: '', insideMm: { length: 300, width: 200, height: 200 }, board: 'c-32', source: '' };

  let problem = $state.raw<Problem | null>(null);
  let fresh = $state.raw<Given>(NEW);

  let boards = $derived(materials.all.boards.map((b) => ({ value: b.id, text: b.name })));

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const answer = await call(api.POST('/api/stores/cartons', { body: fresh }));
    problem = answer.problem ?? null;
    if (answer.data) {
      fresh = NEW;
      await materials.loadStock();
    }
  }

  async function change(carton: StockCarton, changed: Partial<Given>) {
    const { name, insideMm, board, source } = { ...carton, ...changed };
    const answer = await call(
      api.PUT('/api/stores/cartons/{id}', {
        params: { path: { id: carton.id }, header: { 'If-Match': `"${carton.version}"` } },
        body: { name, insideMm, board, source }
      })
    );
    problem = answer.problem ?? null;
    await materials.loadStock();
  }

  async function remove(carton: StockCarton) {
    const answer = await call(api.DELETE('/api/stores/cartons/{id}', { params: { path: { id: carton.id } } }));
    problem = answer.problem ?? null;
    await materials.loadStock();
    if (!answer.problem) {
      const { name, insideMm, board, source } = carton;
      toasts.show({
        text: `${carton.name} removed from the stores.`,
        action: {
          label: 'Undo',
          run: () =>
            void call(api.POST('/api/stores/cartons', { body: { name, insideMm, board, source } })).then(() =>
              materials.loadStock()
            )
        }
      });
    }
  }
</script>

<h2 class="text-lg font-semibold">Stock cartons <span class="quiet text-sm font-normal">sizes are inside</span></h2>
<Trouble {problem} />
{#if materials.stock.cartons.length === 0}
  <p>
    No carton lies in the store. {session.readOnly
      ? ''
      : 'Add those you keep below; the Carton station then offers the ones that fit.'}
  </p>
{/if}
<ul class="rows" aria-label="Stock cartons">
  {#each materials.stock.cartons as carton (carton.id)}
    <li class:row={!session.readOnly}>
      {#if session.readOnly}
        <b>{carton.name}</b>, {sizeText(carton.insideMm)}, {materials.name(carton.board)}
        <span class="quiet">{carton.source}</span>
      {:else}
        <input
          class="in-sentence name"
          aria-label="Name of {carton.name}"
          maxlength="100"
          value={carton.name}
          onchange={(e) => change(carton, { name: e.currentTarget.value })}
        />
        {#each EDGES as edge, i (edge)}
          {#if i > 0}<span>×</span>{/if}
          <QuantityField
            kind="length"
            label="Inside {edge} of {carton.name}"
            value={carton.insideMm[edge]}
            least={1}
            showUnit={i === 2}
            onleave
            onset={(v) => v && change(carton, { insideMm: { ...carton.insideMm, [edge]: v } })}
          />
        {/each}
        <ChoiceField
          label="Board of {carton.name}"
          value={carton.board}
          options={boards}
          onset={(board) => change(carton, { board })}
        />
        <input
          class="in-sentence source quiet"
          aria-label="Where the figures of {carton.name} come from"
          placeholder="source"
          maxlength="200"
          value={carton.source}
          onchange={(e) => change(carton, { source: e.currentTarget.value })}
        />
        <button
          type="button"
          class="plain-button"
          title="Remove"
          aria-label="Remove {carton.name}"
          onclick={() => remove(carton)}><Trash2 size={15} aria-hidden="true" /></button
        >
      {/if}
    </li>
  {/each}
</ul>
{#if !session.readOnly}
  <form class="new" onsubmit={add} aria-label="New stock carton">
    <label
      >Name <input
        class="text"
        required
        maxlength="100"
        value={fresh.name}
        oninput={(e) => (fresh = { ...fresh, name: e.currentTarget.value })}
      /></label
    >
    {#each EDGES as edge, i (edge)}
      {i > 0 ? '×' : ''}
      <QuantityField
        kind="length"
        label="Inside {edge} of the new carton"
        value={fresh.insideMm[edge]}
        least={1}
        showUnit={i === 2}
        onset={(v) => v && (fresh = { ...fresh, insideMm: { ...fresh.insideMm, [edge]: v } })}
      />
    {/each}
    <ChoiceField
      label="Board of the new carton"
      value={fresh.board}
      options={boards}
      onset={(board) => (fresh = { ...fresh, board })}
    />
    <label
      >Source <input
        class="text"
        maxlength="200"
        placeholder="supplier's list, measured …"
        value={fresh.source}
        oninput={(e) => (fresh = { ...fresh, source: e.currentTarget.value })}
      /></label
    >
    <button class="btn btn-neutral btn-sm">Add carton</button>
  </form>
{/if}

<StoreHistory about="carton" title="History of the cartons" changed={materials.stock} />

<style>
  .rows li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.25rem 0.5rem;
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--color-base-300);
  }
  /* Sizes under sizes, boards under boards, where there is room for it. */
  @media (min-width: 800px) {
    .rows {
      display: grid;
      grid-template-columns: max-content repeat(6, max-content) 1fr max-content;
    }
    .rows li.row {
      display: grid;
      grid-template-columns: subgrid;
      grid-column: 1 / -1;
    }
    .rows li:not(.row) {
      grid-column: 1 / -1;
    }
  }
  .name {
    max-width: 16rem;
  }
  .source {
    min-width: 8rem;
    font-weight: 400;
  }
  .new {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    margin-top: 1rem;
  }
  .new label {
    display: flex;
    align-items: baseline;
    gap: 0.375rem;
  }
</style>
