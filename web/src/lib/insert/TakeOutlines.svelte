<!-- Outlines somebody brought, chosen one by one and taken as parts or wells. -->
<script lang="ts">
  import type { BroughtOutline } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import { length } from '../units';
  import { asItBegan, type Bed, bedLayer, type Place, places, type Pocket, reach, sizedByParts, withBed } from './bed';

  /** Closer than this a size is the same: the file asks that parts come within half a millimetre of each side. */
  const SAME_MM = 0.5;

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

  let chosen = $derived(outlines.filter(({ index }) => taken.includes(index)));

  function pockets(list: Pocket['list']) {
    const half = bench.pack.item.sizeMm.height / 2;
    return chosen.map(({ outline }) => ({
      name: (outline.layer || name).slice(0, 40),
      outlineMm: outline.placesMm as Place[],
      bottomMm: -half,
      topMm: half,
      ...(list === 'parts' ? { nature: 'strong' as const } : {})
    }));
  }

  /** The bed with them as parts; the box that it began as makes room for them. */
  let asParts = $derived<Bed>({
    ...bed,
    parts: [
      ...(asItBegan(bed, bench.pack.item.sizeMm) ? [] : bed.parts),
      ...pockets('parts').map((each) => ({ ...each, nature: 'strong' as const }))
    ]
  });
  let reaches = $derived(chosen.length > 0 ? reach(asParts.parts.flatMap(places)) : null);
  /** The size that was typed is another than these reach: a file in which both stand is refused. */
  let differs = $derived.by(() => {
    const { length: long, width: wide } = bench.pack.item.sizeMm;
    return (
      reaches !== null &&
      (Math.abs(reaches.width - long) > SAME_MM ||
        Math.abs(reaches.depth - wide) > SAME_MM ||
        Math.abs(reaches.middle[0]) > SAME_MM / 2 ||
        Math.abs(reaches.middle[1]) > SAME_MM / 2)
    );
  });

  function takeParts(sized: boolean) {
    const layer = bedLayer(bench.pack)!;
    const first = asParts.parts.length - chosen.length;
    bench.change(
      sized ? sizedByParts(bench.pack, layer, asParts) : { ...bench.pack, layers: withBed(bench.pack, layer, asParts) },
      'outlines'
    );
    ondone({ list: 'parts', index: first });
  }

  function takeWells() {
    const first = bed.wells?.length ?? 0;
    bench.put(`${at}/wells`, [...(bed.wells ?? []), ...pockets('wells')]);
    ondone({ list: 'wells', index: first });
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
{#if differs && reaches}
  <p role="status">
    Together the parts reach {length(reaches.width)} by {length(reaches.depth)}; the item was typed as
    {length(bench.pack.item.sizeMm.length)} by {length(bench.pack.item.sizeMm.width)}.
  </p>
{/if}
<p class="flex flex-wrap gap-2">
  <button type="button" class="btn btn-primary btn-sm" disabled={taken.length === 0} onclick={() => takeParts(differs)}
    >{differs ? 'Use as parts, and the size from them' : 'Use as parts of the item'}</button
  >
  {#if differs}
    <button type="button" class="btn btn-sm" onclick={() => takeParts(false)}>Use as parts, size as typed</button>
  {/if}
  <button type="button" class="btn btn-sm" disabled={taken.length === 0} onclick={takeWells}>Use as wells</button>
  <button type="button" class="plain-button" onclick={onleave}>Cancel</button>
</p>

<style>
  ul {
    font-size: 0.8125rem;
    max-height: 9rem;
    overflow: auto;
  }
</style>
