<!-- What is sent. -->
<script lang="ts">
  import type { Bench } from '../bench/bench.svelte';
  import { put } from '../bench/edit';
  import { AROUND, capital } from '../faces';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import { lists } from '../lists.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import Features from './Features.svelte';
  import Memory from './Memory.svelte';
  import Pieces from './Pieces.svelte';
  import Orientations from './Orientations.svelte';
  import Surfaces from './Surfaces.svelte';

  let { bench }: { bench: Bench } = $props();

  let item = $derived(bench.pack.item);
  let centre = $derived(item.centreOfMassMm ?? { x: 0, y: 0, z: 0 });

  const AXES = [
    { axis: 'x', words: 'to the right' },
    { axis: 'y', words: 'to the back' },
    { axis: 'z', words: 'up' }
  ] as const;

  function setCentre(axis: 'x' | 'y' | 'z', value: number | undefined) {
    if (value !== undefined) {
      bench.change(put(bench.pack, '/item/centreOfMassMm', { ...centre, [axis]: value }), `centre ${axis}`);
    }
  }

  function setByFace(face: string, value: number | undefined) {
    const all: Record<string, number> = { ...item.fragility.criticalAccelerationByFaceG };
    if (value === undefined) {
      delete all[face];
    } else {
      all[face] = value;
    }
    const some = Object.keys(all).length > 0 ? all : undefined;
    bench.change(put(bench.pack, '/item/fragility/criticalAccelerationByFaceG', some), `face ${face}`);
  }
</script>

<div class="station">
  <p>
    It is called
    <input
      class="text"
      aria-label="Name of the item"
      maxlength="200"
      value={item.name}
      disabled={bench.readOnly}
      oninput={(e) => e.currentTarget.value.trim() && bench.put('/item/name', e.currentTarget.value)}
    />. What it bears is known from
    <ChoiceField
      label="How the fragility is known"
      value={item.fragility.basis}
      disabled={bench.readOnly}
      options={lists.options((l) => l.fragilityBases)}
      onset={(value) => bench.put('/item/fragility/basis', value)}
    />.
  </p>
  <p>
    Its weight lies
    {#each AXES as { axis, words }, i (axis)}
      <QuantityField
        kind="length"
        label="Centre of mass {words}"
        value={centre[axis]}
        step={5}
        least={-5000}
        showUnit={i === 2}
        disabled={bench.readOnly}
        problem={bench.problemAt(`/item/centreOfMassMm/${axis}`)}
        onset={(value) => setCentre(axis, value)}
      />
      {words}{i < 2 ? ', ' : ''}
    {/each}
    of its middle.
  </p>
  <p>
    Under a velocity change of
    <QuantityField
      kind="velocity"
      label="Critical velocity change"
      value={item.fragility.criticalVelocityChangeMps}
      optional
      step={0.1}
      disabled={bench.readOnly}
      problem={bench.problemAt('/item/fragility/criticalVelocityChangeMps')}
      onset={(value) => bench.put('/item/fragility/criticalVelocityChangeMps', value)}
    />
    no blow harms it. A part on it swings by itself at
    <QuantityField
      kind="number"
      unit="Hz"
      label="Frequency of the part"
      value={item.fragility.componentFrequencyHz}
      optional
      disabled={bench.readOnly}
      problem={bench.problemAt('/item/fragility/componentFrequencyHz')}
      onset={(value) => bench.put('/item/fragility/componentFrequencyHz', value)}
    />{#if item.fragility.componentFrequencyHz}&nbsp;and itself bears
      <QuantityField
        kind="number"
        unit="G"
        label="What the part bears"
        value={item.fragility.componentCriticalG}
        optional
        step={5}
        disabled={bench.readOnly}
        problem={bench.problemAt('/item/fragility/componentCriticalG')}
        onset={(value) => bench.put('/item/fragility/componentCriticalG', value)}
      />{/if}. Pressed for long it bears
    <QuantityField
      kind="stress"
      label="Lasting pressure that the item bears"
      value={item.bearsKpa}
      optional
      disabled={bench.readOnly}
      problem={bench.problemAt('/item/bearsKpa')}
      onset={(value) => bench.put('/item/bearsKpa', value)}
    />.
  </p>
  <p>
    Struck on one face it bears less:
    {#each AROUND as face (face)}
      <span class="whitespace-nowrap">
        {capital(face)}
        <QuantityField
          kind="number"
          unit="G"
          label="Bears on the {face}"
          value={item.fragility.criticalAccelerationByFaceG?.[face]}
          optional
          step={5}
          disabled={bench.readOnly}
          problem={bench.problemAt(`/item/fragility/criticalAccelerationByFaceG/${face}`)}
          onset={(value) => setByFace(face, value)}
        />
      </span>
      &nbsp;
    {/each}
  </p>
  <p class="quiet">
    By class, from memory of MIL-HDBK-304: extremely fragile 15 to 25 G, very delicate 25 to 40, delicate 40 to 60,
    moderately delicate 60 to 85, moderately rugged 85 to 115, rugged above. Take the lower end unless a test says more.
  </p>
  <Pieces {bench} />
  <Memory {bench} />
  <Surfaces {bench} />
  <Features {bench} />
  <Orientations {bench} />
</div>
