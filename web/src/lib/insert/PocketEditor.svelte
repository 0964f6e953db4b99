<!-- One part or well of a bed, as a sentence with fields in it, and the places of its outline as exact numbers. -->
<script lang="ts">
  import { Plus, Trash2 } from '@lucide/svelte';
  import type { Bench } from '../bench/bench.svelte';
  import { lists } from '../lists.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length } from '../units';
  import {
    circle,
    middle,
    type Part,
    type Place,
    places,
    type Pocket,
    rectangle,
    type Well,
    withoutPlace,
    withPlaceAfter
  } from './bed';

  let {
    bench,
    at,
    pocket,
    which,
    onoutline,
    onremove
  }: {
    bench: Bench;
    /** JSON Pointer of the part or well. */
    at: string;
    pocket: Part | Well;
    which: Pocket;
    onoutline: (outline: Place[]) => void;
    onremove: () => void;
  } = $props();

  let part = $derived(which.list === 'parts' ? (pocket as Part) : null);
  let nature = $derived(part?.nature ?? 'strong');
  let name = $derived(pocket.name ?? `${which.list === 'parts' ? 'part' : 'well'} ${which.index + 1}`);
  let outline = $derived(places(pocket));

  function extent(axis: 0 | 1): number {
    const all = outline.map((p) => p[axis]);
    return Math.max(...all) - Math.min(...all);
  }

  function setPlace(index: number, axis: 0 | 1, value: number | undefined) {
    if (value !== undefined) {
      const [px, py] = outline[index]!;
      onoutline(outline.with(index, axis === 0 ? [value, py] : [px, value]));
    }
  }

  function reshape(shape: 'rectangle' | 'circle') {
    const here = middle(outline);
    onoutline(
      shape === 'circle' ? circle(Math.min(extent(0), extent(1)), here) : rectangle(extent(0), extent(1), here)
    );
  }
</script>

<div class="pocket">
  <p class="sentence">
    <input
      class="in-sentence"
      aria-label="Name"
      maxlength="100"
      value={name}
      disabled={bench.readOnly}
      onchange={(e) => e.currentTarget.value.trim() && bench.put(`${at}/name`, e.currentTarget.value.trim())}
    />
    {#if part}
      <ChoiceField
        label="What it bears"
        value={nature}
        disabled={bench.readOnly}
        options={lists.options<NonNullable<Part['nature']>>((l) => l.natures)}
        onset={(value) => {
          const changed = { ...part, nature: value };
          delete changed.clearanceMm;
          bench.put(at, changed);
        }}
      />,
    {:else}
      is left empty,
    {/if}
    from
    <QuantityField
      kind="length"
      label="Height at which it begins"
      value={pocket.bottomMm}
      least={-10000}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/bottomMm`)}
      onset={(v) => v !== undefined && bench.put(`${at}/bottomMm`, v)}
    />
    up to
    <QuantityField
      kind="length"
      label="Height at which it ends"
      value={pocket.topMm}
      least={-10000}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/topMm`)}
      onset={(v) => v !== undefined && bench.put(`${at}/topMm`, v)}
    />
    <span class="quiet">(0 is the middle of the item)</span>{#if part}, with
      <QuantityField
        kind="length"
        label="Clearance"
        value={part.clearanceMm}
        least={-2}
        step={0.5}
        optional
        disabled={bench.readOnly}
        problem={bench.problemAt(`${at}/clearanceMm`)}
        onset={(v) => bench.put(`${at}/clearanceMm`, v)}
      />
      <span class="quiet"
        >{nature === 'strong'
          ? 'clearance; 0 where left empty, below 0 it grips'
          : `kept clear; ${length(5)} where left empty`}</span
      >{/if}.
  </p>
  {#if !bench.readOnly}
    <p class="flex flex-wrap gap-2">
      <button type="button" class="btn btn-xs" onclick={() => reshape('rectangle')}>Make it a rectangle</button>
      <button type="button" class="btn btn-xs" onclick={() => reshape('circle')}>Make it round</button>
      <button type="button" class="btn btn-xs" onclick={onremove}>Take {name} away</button>
    </p>
  {/if}
  {#if bench.problemAt(`${at}/outlineMm`)}<p class="refused" role="alert">{bench.problemAt(`${at}/outlineMm`)}</p>{/if}
  <!-- Focusable, so that it can be scrolled by keyboard. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="places" role="region" aria-label="Places of the outline" tabindex="0">
    <table>
      <thead>
        <tr><th scope="col">place</th><th scope="col">right</th><th scope="col">back</th><td></td></tr>
      </thead>
      <tbody>
        {#each outline as [px, py], i (i)}
          <tr>
            <th scope="row">{i + 1}</th>
            <td>
              <QuantityField
                kind="length"
                label="Place {i + 1}, right of the middle"
                value={px}
                least={-10000}
                step={1}
                showUnit={false}
                disabled={bench.readOnly}
                problem={bench.problemAt(`${at}/outlineMm/${i}`)}
                onset={(v) => setPlace(i, 0, v)}
              />
            </td>
            <td>
              <QuantityField
                kind="length"
                label="Place {i + 1}, behind the middle"
                value={py}
                least={-10000}
                step={1}
                showUnit={false}
                disabled={bench.readOnly}
                onset={(v) => setPlace(i, 1, v)}
              />
            </td>
            <td class="acts">
              {#if !bench.readOnly}
                <button
                  type="button"
                  title="A place after this one"
                  aria-label="A place after place {i + 1}"
                  onclick={() => onoutline(withPlaceAfter(outline, i))}><Plus size={14} aria-hidden="true" /></button
                >
                <button
                  type="button"
                  title="Take this place away"
                  aria-label="Take place {i + 1} away"
                  disabled={outline.length <= 3}
                  onclick={() => onoutline(withoutPlace(outline, i))}><Trash2 size={14} aria-hidden="true" /></button
                >
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
</div>

<style>
  .pocket {
    display: grid;
    gap: 0.5rem;
    align-content: start;
  }
  .sentence {
    line-height: 2;
  }
  .places {
    max-height: 12rem;
    overflow-y: auto;
  }
  table {
    font-size: 0.8125rem;
  }
  th {
    padding-right: 0.75rem;
    font-weight: 500;
    text-align: left;
  }
  td {
    padding-right: 0.5rem;
  }
  .acts button {
    padding: 0.25rem;
    cursor: pointer;
  }
  .acts button:disabled {
    opacity: 0.3;
  }
  .refused {
    color: var(--color-error);
  }
</style>
