<!-- Boards, wraps or consumables of the house: added, changed and removed right in the row, each with its history. -->
<script lang="ts">
  import { Trash2 } from '@lucide/svelte';
  import type { OwnMaterial, Problem } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import { toasts } from '../toasts.svelte';
  import MaterialHistory from './MaterialHistory.svelte';
  import { type Kind, remove, write } from './own';
  import { type Measure } from '../units';

  export interface Column {
    field: string;
    label: string;
    kind: 'text' | 'choice' | 'number' | 'length' | Measure;
    unit?: string;
    decimals?: number;
    step?: number;
    options?: { value: string; text: string }[];
  }

  let {
    kind,
    title,
    columns,
    fresh
  }: { kind: Exclude<Kind, 'foam'>; title: string; columns: Column[]; fresh: Record<string, unknown> } = $props();

  let problem = $state.raw<Problem | null>(null);
  let name = $state('');

  let list = $derived(materials.own.filter((m) => m.kind === kind));

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const answer = await write(kind, null, { ...fresh, name }, null);
    problem = answer.problem ?? null;
    if (answer.data) {
      name = '';
      await materials.reload();
    }
  }

  async function change(material: OwnMaterial, field: string, value: unknown) {
    const answer = await write(kind, material, { ...material.document, [field]: value }, null);
    problem = answer.problem ?? null;
    await materials.reload();
  }

  async function take(material: OwnMaterial) {
    problem = await remove(material);
    await materials.reload();
    if (!problem) {
      toasts.show({
        text: `${material.name} removed from the stores.`,
        action: {
          label: 'Undo',
          run: () => void write(kind, null, material.document, null).then(() => materials.reload())
        }
      });
    }
  }
</script>

<h3 class="mt-4 font-semibold">{title}</h3>
<Trouble {problem} />
{#if list.length === 0}<p class="quiet">None yet.</p>{/if}
<ul class="rows" aria-label={title}>
  {#each list as material (material.id)}
    <li>
      <div class="row">
        {#each [{ field: 'name', label: 'Name', kind: 'text' } as Column, ...columns] as column (column.field)}
          {@const value = material.document[column.field]}
          <span class="cell">
            {#if column.kind === 'text'}
              <input
                class="in-sentence"
                class:named={column.field === 'name'}
                aria-label="{column.label} of {material.name}"
                placeholder={column.label.toLowerCase()}
                maxlength={column.field === 'note' ? 1000 : 100}
                value={String(value ?? '')}
                disabled={session.readOnly}
                onchange={(e) => change(material, column.field, e.currentTarget.value)}
              />
            {:else if column.kind === 'choice'}
              <ChoiceField
                label="{column.label} of {material.name}"
                value={String(value)}
                options={column.options ?? []}
                disabled={session.readOnly}
                onset={(v) => change(material, column.field, v)}
              />
            {:else}
              <span class="quiet">{column.label.toLowerCase()}</span>
              <QuantityField
                kind={column.kind}
                label="{column.label} of {material.name}"
                unit={column.unit}
                decimals={column.decimals ?? (column.kind === 'number' ? 1 : 2)}
                step={column.step ?? 1}
                value={value as number}
                onleave
                disabled={session.readOnly}
                onset={(v) => v !== undefined && change(material, column.field, v)}
              />
            {/if}
          </span>
        {/each}
        {#if !session.readOnly}
          <button
            type="button"
            class="plain-button"
            title="Remove"
            aria-label="Remove {material.name}"
            onclick={() => take(material)}><Trash2 size={15} aria-hidden="true" /></button
          >
        {/if}
      </div>
      <MaterialHistory id={material.id} name={material.name} version={material.version} />
    </li>
  {/each}
</ul>
{#if !session.readOnly}
  <form class="mt-2 flex flex-wrap items-end gap-2" onsubmit={add}>
    <label>
      <span class="quiet block text-xs">Name of a new one</span>
      <input class="text" maxlength="100" required bind:value={name} />
    </label>
    <button class="btn btn-sm">Add to {title.toLowerCase()}</button>
  </form>
{/if}

<style>
  .rows li {
    padding: 0.25rem 0;
    border-top: 1px solid var(--color-base-300);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.25rem 1rem;
  }
  .cell {
    display: inline-flex;
    align-items: baseline;
    gap: 0.375rem;
  }
  .named {
    font-weight: 650;
  }
</style>
