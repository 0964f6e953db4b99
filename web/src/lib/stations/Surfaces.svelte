<!-- What the packing lies against, so that foam, wrap and tape can be judged by it. -->
<script lang="ts">
  import type { PackFile } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import { lists } from '../lists.svelte';

  let { bench }: { bench: Bench } = $props();

  type Surface = NonNullable<PackFile['item']['surfaces']>[number];
  let surfaces = $derived(lists.options<Surface>((l) => l.surfaces));
  let chosen = $derived(bench.pack.item.surfaces ?? []);

  function toggle(surface: Surface) {
    const next = chosen.includes(surface) ? chosen.filter((s) => s !== surface) : [...chosen, surface];
    bench.put('/item/surfaces', next.length > 0 ? next : undefined);
  }
</script>

<details>
  <summary
    >Its surface: {chosen.length > 0
      ? surfaces
          .filter((s) => chosen.includes(s.value))
          .map((s) => s.text)
          .join(', ')
      : 'not said, so foam, wrap and tape are not judged by it'}</summary
  >
  <fieldset disabled={bench.readOnly}>
    <legend class="sr-only">Surfaces of the item</legend>
    {#each surfaces as surface (surface.value)}
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
