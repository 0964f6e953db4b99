<!-- What the packing lies against, so that foam, wrap and tape can be judged by it. -->
<script lang="ts">
  import type { PackFile } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';

  let { bench }: { bench: Bench } = $props();

  type Surface = NonNullable<PackFile['item']['surfaces']>[number];
  const SURFACES: { value: Surface; text: string }[] = [
    { value: 'silver', text: 'silver' },
    { value: 'copper', text: 'copper or brass' },
    { value: 'iron', text: 'iron or steel' },
    { value: 'lead', text: 'lead' },
    { value: 'bare-metal', text: 'other bare metal' },
    { value: 'painted', text: 'paint' },
    { value: 'varnished', text: 'varnish' },
    { value: 'oil-paint', text: 'oil paint' },
    { value: 'gilded', text: 'gilding' },
    { value: 'glass', text: 'glass' },
    { value: 'ceramic', text: 'ceramic' },
    { value: 'stone', text: 'stone' },
    { value: 'paper', text: 'paper' },
    { value: 'photograph', text: 'photographs' },
    { value: 'textile', text: 'textile' },
    { value: 'leather', text: 'leather' },
    { value: 'wood', text: 'wood' },
    { value: 'plastic', text: 'plastic' },
    { value: 'rubber', text: 'rubber' },
    { value: 'electronics', text: 'electronics' }
  ];

  let chosen = $derived(bench.pack.item.surfaces ?? []);

  function toggle(surface: Surface) {
    const next = chosen.includes(surface) ? chosen.filter((s) => s !== surface) : [...chosen, surface];
    bench.put('/item/surfaces', next.length > 0 ? next : undefined);
  }
</script>

<details>
  <summary
    >Its surface: {chosen.length > 0
      ? SURFACES.filter((s) => chosen.includes(s.value))
          .map((s) => s.text)
          .join(', ')
      : 'not said, so foam, wrap and tape are not judged by it'}</summary
  >
  <fieldset disabled={bench.readOnly}>
    <legend class="sr-only">Surfaces of the item</legend>
    {#each SURFACES as surface (surface.value)}
      <label
        ><input type="checkbox" checked={chosen.includes(surface.value)} onchange={() => toggle(surface.value)} />
        {surface.text}</label
      >
    {/each}
  </fieldset>
</details>

<style>
  fieldset {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
    max-width: 50rem;
  }
</style>
