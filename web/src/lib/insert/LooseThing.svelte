<!-- A well for something loose that goes along, put where the most foam is round it. -->
<script lang="ts">
  import { api, call, words } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length } from '../units';
  import type { Bed, Place, Pocket } from './bed';

  let { bench, bed, at, ondone }: { bench: Bench; bed: Bed; at: string; ondone: (pocket: Pocket) => void } = $props();

  let open = $state(false);
  let name = $state('loose part');
  let thing = $state({ lengthMm: 60, widthMm: 30, heightMm: 25 });
  let told = $state('');

  async function place() {
    const { data, problem } = await call(
      api.POST('/api/beds/wells', { params: { query: { ...thing } }, body: bench.pack })
    );
    const found = data?.[0];
    if (!found) {
      told = problem
        ? words(problem)
        : 'No place of the block has enough foam all round for it: a thicker wall beside the item would have, or a thinner thing.';
      return;
    }
    const wells = [
      ...(bed.wells ?? []),
      { name, outlineMm: found.outlineMm as Place[], bottomMm: found.bottomMm, topMm: found.topMm }
    ];
    bench.put(`${at}/wells`, wells);
    told = `${length(found.foamMm)} of foam stand between it and the item. Its mass rides on the foam, not on the item: add it to what the pack weighs.`;
    ondone({ list: 'wells', index: wells.length - 1 });
  }
</script>

{#snippet mm(key: keyof typeof thing, label: string)}
  <QuantityField
    kind="length"
    label="The loose thing, {label}"
    value={thing[key]}
    showUnit={key === 'heightMm'}
    onset={(v) => v !== undefined && (thing[key] = v)}
  />
{/snippet}

<button type="button" class="btn btn-xs" aria-expanded={open} onclick={() => (open = !open)}>A loose thing</button>
{#if open}
  <form
    class="sentence"
    onsubmit={(e) => {
      e.preventDefault();
      void place();
    }}
  >
    <input class="in-sentence" aria-label="Name of the loose thing" maxlength="40" required bind:value={name} />, {@render mm(
      'lengthMm',
      'length'
    )}
    × {@render mm('widthMm', 'width')} × {@render mm('heightMm', 'height')} as it will lie:
    <button type="submit" class="btn btn-xs">Put it where the foam is thickest</button>
    {#if told}<p role="status">{told}</p>{/if}
  </form>
{/if}

<style>
  .sentence {
    width: 100%;
    line-height: 2;
    font-size: 0.8125rem;
  }
</style>
