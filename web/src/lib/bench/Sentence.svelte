<!-- The pack in one sentence whose words are fields. -->
<script lang="ts">
  import { lists } from '../lists.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length } from '../units';
  import type { PackFile } from '../api/client';
  import type { Bench } from './bench.svelte';
  import { put } from './edit';

  let { bench }: { bench: Bench } = $props();

  let drop = $derived(bench.pack.journey.drop);

  function setBasis(basis: typeof drop.basis) {
    const height = basis === 'own' ? Math.round(bench.evaluation?.dropHeightMm ?? 760) : undefined;
    const withBasis = put(bench.pack, '/journey/drop/basis', basis);
    bench.change(put(withBasis, '/journey/drop/heightMm', height), 'basis');
  }
</script>

<p class="sentence">
  {#each ['length', 'width', 'height'] as const as edge, i (edge)}
    {i > 0 ? '× ' : ''}<QuantityField
      kind="length"
      label="{edge} of the item"
      value={bench.pack.item.sizeMm[edge]}
      showUnit={edge === 'height'}
      disabled={bench.readOnly}
      problem={bench.problemAt(`/item/sizeMm/${edge}`)}
      onset={(value) => bench.put(`/item/sizeMm/${edge}`, value)}
    />
  {/each},
  <QuantityField
    kind="mass"
    label="Mass of the item"
    value={bench.pack.item.massKg}
    step={0.5}
    disabled={bench.readOnly}
    problem={bench.problemAt('/item/massKg')}
    onset={(value) => bench.put('/item/massKg', value)}
  />, bears
  <QuantityField
    kind="number"
    unit="G"
    label="What the item bears"
    value={bench.pack.item.fragility.criticalAccelerationG}
    optional
    step={5}
    disabled={bench.readOnly}
    problem={bench.problemAt('/item/fragility/criticalAccelerationG')}
    onset={(value) => bench.put('/item/fragility/criticalAccelerationG', value)}
  />; falls
  {#if drop.basis === 'own'}
    <QuantityField
      kind="length"
      label="Drop height"
      value={drop.heightMm}
      step={50}
      disabled={bench.readOnly}
      problem={bench.problemAt('/journey/drop/heightMm')}
      onset={(value) => bench.put('/journey/drop/heightMm', value)}
    />
  {:else}
    <b>{length(bench.evaluation?.dropHeightMm ?? 0, 0)}</b>
  {/if}
  by
  <ChoiceField
    label="Drop height from"
    value={drop.basis}
    options={lists.options<PackFile['journey']['drop']['basis']>((l) => l.dropBases)}
    disabled={bench.readOnly}
    onset={setBasis}
  />.
</p>

<style>
  .sentence {
    font-size: 0.9375rem;
    line-height: 2;
  }
</style>
