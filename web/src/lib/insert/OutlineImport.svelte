<!-- Outlines out of a drawing file, chosen one by one and taken as parts or wells. -->
<script lang="ts">
  import { type ReadOutlines, sendFor, words } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { type Bed, pathOf, type Pocket } from './bed';
  import TakeOutlines from './TakeOutlines.svelte';

  let { bench, bed, at, ondone }: { bench: Bench; bed: Bed; at: string; ondone: (pocket: Pocket) => void } = $props();

  const UNITS = ['as the file says', 'mm', 'cm', 'in', 'pt', 'px'];
  let chooser = $state<HTMLInputElement>();
  let file = $state.raw<File | null>(null);
  let read = $state.raw<ReadOutlines | null>(null);
  let unit = $state('as the file says');
  let gapMm = $state(0.5);
  let told = $state('');
  let busy = $state(false);
  let taken = $state.raw<number[]>([]);
  let layer = $state('every layer');

  let layers = $derived(['every layer', ...new Set(read?.outlines.map((o) => o.layer || 'no layer') ?? [])]);
  let shown = $derived(
    (read?.outlines ?? [])
      .map((outline, index) => ({ outline, index }))
      .filter(({ outline }) => layer === 'every layer' || (outline.layer || 'no layer') === layer)
  );
  let box = $derived.by(() => {
    const all = shown.flatMap(({ outline }) => outline.placesMm);
    const xs = all.map((p) => p[0]!);
    const ys = all.map((p) => p[1]!);
    return { left: Math.min(...xs), right: Math.max(...xs), front: Math.min(...ys), back: Math.max(...ys) };
  });

  async function load() {
    if (!file) {
      return;
    }
    busy = true;
    const query = new URLSearchParams({ gapMm: String(gapMm) });
    if (unit !== UNITS[0]) {
      query.set('unit', unit);
    }
    const answer = await sendFor<ReadOutlines>(`/api/outlines?${query}`, 'application/octet-stream', file);
    busy = false;
    read = answer.data;
    taken = read ? [0] : [];
    told = answer.problem ? words(answer.problem) : '';
    layer = 'every layer';
  }

  function choose(files: FileList | null) {
    file = files?.[0] ?? null;
    if (chooser) {
      chooser.value = '';
    }
    void load();
  }

  function toggle(index: number) {
    taken = taken.includes(index) ? taken.filter((i) => i !== index) : [...taken, index];
  }

  function leave() {
    read = null;
    file = null;
  }
</script>

<button type="button" class="btn btn-xs" disabled={busy} onclick={() => chooser?.click()}
  >{busy ? 'Reading' : 'a drawing file'}</button
>
<input
  class="hidden"
  type="file"
  accept=".svg,.dxf,image/svg+xml"
  aria-label="Drawing file with outlines"
  bind:this={chooser}
  onchange={(e) => choose(e.currentTarget.files)}
/>
{#if told}<p role="alert" class="w-full">{told}</p>{/if}
{#if read && file}
  <div class="import">
    <p class="sentence">
      {file.name}, in
      <ChoiceField
        label="Unit of the file"
        value={unit}
        options={UNITS.map((u) => ({ value: u, text: u }))}
        onset={(v) => {
          unit = v;
          void load();
        }}
      />{#if !read.unitStated}, <b>which does not say its unit: taken for {read.unit}</b>{/if}; gaps up to
      <QuantityField
        kind="length"
        label="Widest gap that is closed"
        value={gapMm}
        step={0.1}
        onset={(v) => {
          gapMm = Math.min(10, v ?? 0);
          void load();
        }}
      />
      are closed; shown:
      <ChoiceField
        label="Layer of the file"
        value={layer}
        options={layers.map((l) => ({ value: l, text: l }))}
        onset={(v) => (layer = v)}
      />.
    </p>
    <svg
      viewBox="{box.left - 5} {-box.back - 5} {box.right - box.left + 10} {box.back - box.front + 10}"
      role="group"
      aria-label="Outlines in the file"
    >
      {#each shown as { outline, index } (index)}
        <path
          class:taken={taken.includes(index)}
          d={pathOf(
            outline.placesMm,
            (mm) => mm,
            (mm) => -mm
          )}
          role="presentation"
          onclick={() => toggle(index)}
        />
      {/each}
    </svg>
    {#if read.remarks.length > 0}
      <ul class="quiet text-xs" aria-label="Remarks on the file">
        {#each read.remarks as remark, i (i)}<li>{remark}</li>{/each}
      </ul>
    {/if}
    <TakeOutlines
      {bench}
      {bed}
      {at}
      outlines={shown}
      bind:taken
      name={file.name}
      ondone={(pocket) => {
        leave();
        ondone(pocket);
      }}
      onleave={leave}
    />
  </div>
{/if}

<style>
  .import {
    display: grid;
    gap: 0.5rem;
    order: 1;
    width: 100%;
    padding-left: 0.75rem;
    border-left: 3px solid var(--color-primary);
  }
  .sentence {
    line-height: 2;
  }
  svg {
    width: 100%;
    max-height: 14rem;
  }
  path {
    fill: transparent;
    stroke: currentColor;
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
    cursor: pointer;
  }
  .taken {
    fill: color-mix(in oklab, var(--color-info) 35%, transparent);
    stroke-width: 2.5px;
  }
  ul {
    max-height: 9rem;
    overflow: auto;
  }
</style>
