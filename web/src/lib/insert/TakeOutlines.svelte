<!-- Outlines somebody brought, chosen one by one and taken as parts or wells. -->
<script lang="ts">
  import type { BroughtOutline } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import { length } from '../units';
  import type { Bed, Place, Pocket } from './bed';

  let {
    bench,
    bed,
    at,
    outlines,
    taken = $bindable(),
    name,
    ondone,
    onleave
  }: {
    bench: Bench;
    bed: Bed;
    /** JSON Pointer of the bed. */
    at: string;
    /** Those that are shown, with their number among all. */
    outlines: { outline: BroughtOutline; index: number }[];
    /** Numbers of those that are chosen. */
    taken: number[];
    /** What one without a layer of its own is called. */
    name: string;
    ondone: (pocket: Pocket) => void;
    onleave: () => void;
  } = $props();

  function toggle(index: number) {
    taken = taken.includes(index) ? taken.filter((i) => i !== index) : [...taken, index];
  }

  function take(list: Pocket['list']) {
    const half = bench.pack.item.sizeMm.height / 2;
    const fresh = outlines
      .filter(({ index }) => taken.includes(index))
      .map(({ outline }) => ({
        name: (outline.layer || name).slice(0, 40),
        outlineMm: outline.placesMm as Place[],
        bottomMm: -half,
        topMm: half,
        ...(list === 'parts' ? { nature: 'strong' as const } : {})
      }));
    const first = bed[list]?.length ?? 0;
    bench.put(`${at}/${list}`, [...(bed[list] ?? []), ...fresh]);
    ondone({ list, index: first });
  }
</script>

<ul>
  {#each outlines as { outline, index } (index)}
    <li>
      <label>
        <input type="checkbox" checked={taken.includes(index)} onchange={() => toggle(index)} />
        {outline.layer || name}: {length(outline.widthMm)} by {length(outline.depthMm)}, {outline.placesMm.length}
        places{outline.gapMm > 0 ? `, a gap of ${length(outline.gapMm)} closed` : ''}
      </label>
    </li>
  {/each}
</ul>
<p class="flex flex-wrap gap-2">
  <button type="button" class="btn btn-primary btn-sm" disabled={taken.length === 0} onclick={() => take('parts')}
    >Take as parts of the item</button
  >
  <button type="button" class="btn btn-sm" disabled={taken.length === 0} onclick={() => take('wells')}
    >Take as wells</button
  >
  <button type="button" class="plain-button" onclick={onleave}>Leave it</button>
</p>

<style>
  ul {
    font-size: 0.8125rem;
    max-height: 9rem;
    overflow: auto;
  }
</style>
