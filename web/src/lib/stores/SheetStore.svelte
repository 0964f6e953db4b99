<!-- Sheets of foam that lie in the store: the arrow keys of a thickness field step by the thinnest. -->
<script lang="ts">
  import { X } from '@lucide/svelte';
  import { api, call, type Problem } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import StoreHistory from './StoreHistory.svelte';
  import { session } from '../session.svelte';
  import { length } from '../units';

  let problem = $state.raw<Problem | null>(null);
  let foam = $state('pe-28');
  let thicknessMm = $state<number | undefined>(50);
  let source = $state('');

  let foams = $derived(materials.all.foams.map((f) => ({ value: f.id, text: f.name })));
  let groups = $derived(
    materials.all.foams
      .map((f) => ({ foam: f, sheets: materials.stock.sheets.filter((s) => s.foam === f.id) }))
      .filter((g) => g.sheets.length > 0)
  );

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const answer = await call(
      api.POST('/api/stores/sheets', { body: { foam, thicknessMm: thicknessMm ?? 0, source } })
    );
    problem = answer.problem ?? null;
    await materials.loadStock();
  }

  async function remove(from: string, mm: number) {
    const answer = await call(api.DELETE('/api/stores/sheets', { params: { query: { foam: from, thicknessMm: mm } } }));
    problem = answer.problem ?? null;
    await materials.loadStock();
  }
</script>

<h2 class="text-lg font-semibold">Sheets</h2>
<p class="quiet">In which thicknesses each foam lies here. On the bench the arrow keys step by the thinnest of them.</p>
<Trouble {problem} />
{#if groups.length === 0}<p>No sheet lies in the store yet.</p>{/if}
<ul>
  {#each groups as group (group.foam.id)}
    <li class="group">
      <b>{group.foam.name}</b>
      {#each group.sheets as sheet (sheet.thicknessMm)}
        <span class="sheet" title={sheet.source}
          >{length(sheet.thicknessMm)}
          {#if !session.readOnly}<button
              type="button"
              class="plain-button"
              aria-label="Remove {group.foam.name} {length(sheet.thicknessMm)}"
              title="Remove"
              onclick={() => remove(sheet.foam, sheet.thicknessMm)}><X size={14} aria-hidden="true" /></button
            >{/if}</span
        >
      {/each}
      <span class="quiet">{[...new Set(group.sheets.map((s) => s.source))].filter(Boolean).join('; ')}</span>
    </li>
  {/each}
</ul>
{#if !session.readOnly}
  <form class="new" onsubmit={add} aria-label="New sheet">
    <ChoiceField label="Foam of the new sheet" value={foam} options={foams} onset={(v) => (foam = v)} />
    <QuantityField
      kind="length"
      label="Thickness of the new sheet"
      value={thicknessMm}
      least={1}
      onset={(v) => (thicknessMm = v)}
    />
    <label
      >Source <input
        class="text"
        maxlength="200"
        placeholder="supplier's list, measured …"
        bind:value={source}
      /></label
    >
    <button class="btn btn-neutral btn-sm">Add sheet</button>
  </form>
{/if}

<StoreHistory about="sheet" title="History of the sheets" changed={materials.stock} />

<style>
  .group {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.25rem 0.75rem;
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--color-base-300);
  }
  .sheet {
    display: inline-flex;
    align-items: center;
  }
  .new {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.75rem;
    margin-top: 1rem;
  }
  .new label {
    display: flex;
    align-items: baseline;
    gap: 0.375rem;
  }
</style>
