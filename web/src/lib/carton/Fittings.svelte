<!-- What of board is put into a box and round it, and its straps. -->
<script lang="ts">
  import { api, type BoxLayer } from '../api/client';
  import { answerOf } from '../bench/answer.svelte';
  import type { Bench } from '../bench/bench.svelte';
  import { house } from '../house.svelte';
  import { lists } from '../lists.svelte';
  import { length } from '../units';

  let { bench, layer }: { bench: Bench; layer: number } = $props();

  type Fitting = NonNullable<BoxLayer['fittings']>[number];

  const answer = answerOf(
    () => bench,
    (body, signal) =>
      body.layers.some((l) => l.kind === 'box' && (l.fittings?.length ?? 0) > 0)
        ? api.POST('/api/fittings', { params: { query: { units: house.ways.lengthUnit } }, body, signal })
        : null
  );

  let box = $derived(bench.pack.layers[layer] as BoxLayer);
  let has = $derived(box.fittings ?? []);
  let said = $derived(has.length > 0 ? answer.value?.find((f) => f.layer === layer) : undefined);

  function set(fitting: Fitting, on: boolean) {
    const order = (lists.all?.fittings ?? []).map((f) => f.value as Fitting);
    const next = order.filter((f) => (f === fitting ? on : has.includes(f)));
    bench.put(`/layers/${layer}/fittings`, next.length > 0 ? next : undefined);
  }
</script>

<fieldset>
  <legend class="font-semibold">Put into it and round it</legend>
  {#each lists.options<Fitting>((l) => l.fittings) as option (option.value)}
    <label>
      <input
        type="checkbox"
        class="checkbox checkbox-xs"
        checked={has.includes(option.value)}
        disabled={bench.readOnly}
        onchange={(e) => set(option.value, e.currentTarget.checked)}
      />
      {option.text}
    </label>
  {/each}
</fieldset>
<div aria-live="polite">
  {#if answer.trouble}<p class="status-breaks">{answer.trouble}</p>{/if}
  {#if said}
    {#each said.said as words (words)}<p class:status-breaks={!said.holds}>{words}</p>{/each}
    {#if said.straps.length > 0}
      <p>
        Straps {said.straps.join(', ')}{said.doubled ? ', each twice round' : ''}: {length(said.strapMm, 0)} of strap. Strap
        under tension springs back: glasses and gloves, and cut it with a hand on it.
      </p>
    {/if}
    <p class="quiet">
      They are cut from the carton's board and stand among the pieces to cut; they count in no figure of the verdict.
    </p>
  {/if}
</div>

<style>
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1rem;
    align-items: center;
  }
  legend {
    float: left;
    margin-right: 0.5rem;
  }
  label {
    display: inline-flex;
    gap: 0.35rem;
    align-items: center;
  }
</style>
