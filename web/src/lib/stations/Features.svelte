<!-- What whoever packs it should mind: delicate faces, loose and heavy parts, parts on an arm. -->
<script lang="ts">
  import { Trash2 } from '@lucide/svelte';
  import type { PackFile } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import { newId } from '../bench/edit';
  import { AROUND } from '../faces';
  import { lists } from '../lists.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';

  let { bench }: { bench: Bench } = $props();

  type Feature = NonNullable<PackFile['item']['features']>[number];

  let features = $derived(bench.pack.item.features ?? []);

  function write(next: Feature[]) {
    bench.put('/item/features', next.length > 0 ? next : undefined);
  }

  function set(index: number, field: keyof Feature, value: unknown) {
    const changed: Record<string, unknown> = { ...features[index] };
    if (value === undefined || value === '') {
      delete changed[field];
    } else {
      changed[field] = value;
    }
    write(features.with(index, changed as Feature));
  }

  function add() {
    write([...features, { id: newId(), name: 'a part', kind: 'fragile' }]);
  }
</script>

<details open={features.length > 0}>
  <summary>To mind{features.length === 0 ? ': nothing yet' : ''}</summary>
  <ul>
    {#each features as feature, i (feature.id ?? i)}
      <li>
        <input
          class="in-sentence"
          aria-label="Name of part {i + 1}"
          maxlength="200"
          value={feature.name}
          disabled={bench.readOnly}
          onchange={(e) => e.currentTarget.value.trim() && set(i, 'name', e.currentTarget.value)}
        />
        is
        <ChoiceField
          label="What {feature.name} is"
          value={feature.kind}
          disabled={bench.readOnly}
          options={lists.options((l) => l.features)}
          onset={(v) => set(i, 'kind', v)}
        />,
        <ChoiceField
          label="Where {feature.name} is"
          value={feature.face ?? 'nowhere'}
          disabled={bench.readOnly}
          options={[
            { value: 'nowhere', text: 'on no one face' },
            ...AROUND.map((f) => ({ value: f as string, text: `on the ${f}` }))
          ]}
          onset={(v) => set(i, 'face', v === 'nowhere' ? undefined : v)}
        />; as an arm
        <QuantityField
          kind="mass"
          label="Mass of {feature.name}"
          value={feature.massKg}
          optional
          disabled={bench.readOnly}
          problem={bench.problemAt(`/item/features/${i}/massKg`)}
          onset={(v) => set(i, 'massKg', v)}
        />
        at
        <QuantityField
          kind="length"
          label="Arm of {feature.name}"
          value={feature.armMm}
          optional
          disabled={bench.readOnly}
          problem={bench.problemAt(`/item/features/${i}/armMm`)}
          onset={(v) => set(i, 'armMm', v)}
        />
        on a joint that bears
        <QuantityField
          kind="moment"
          label="What the joint of {feature.name} bears"
          value={feature.jointBearsNm}
          optional
          disabled={bench.readOnly}
          problem={bench.problemAt(`/item/features/${i}/jointBearsNm`)}
          onset={(v) => set(i, 'jointBearsNm', v)}
        />
        {#if !bench.readOnly}
          <button
            type="button"
            class="plain-button"
            title="Remove"
            aria-label="Remove {feature.name}"
            onclick={() => write(features.filter((_, n) => n !== i))}><Trash2 size={15} aria-hidden="true" /></button
          >
        {/if}
      </li>
    {/each}
  </ul>
  {#if !bench.readOnly}<button type="button" class="btn btn-sm" onclick={add}>Something else to mind</button>{/if}
</details>
