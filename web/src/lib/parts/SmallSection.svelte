<!-- A pack's section from the front, small, to the scale of its own card. -->
<script lang="ts">
  import type { Solid } from '../api/client';
  import Cut from './Cut.svelte';

  let { solids, materials }: { solids: Solid[]; materials: string[] } = $props();

  const WIDTH = 280;
  const HEIGHT = 176;
  const EDGE = 14;

  let left = $derived(Math.min(...solids.map((s) => s.minMm[0]!)));
  let right = $derived(Math.max(...solids.map((s) => s.maxMm[0]!)));
  let low = $derived(Math.min(...solids.map((s) => s.minMm[2]!)));
  let high = $derived(Math.max(...solids.map((s) => s.maxMm[2]!)));
  let scale = $derived(Math.min((WIDTH - 2 * EDGE) / (right - left), (HEIGHT - 2 * EDGE) / (high - low)));
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" width="100%" height="100%" aria-hidden="true">
  <Cut
    {solids}
    {materials}
    view="front"
    {scale}
    x={WIDTH / 2 - ((left + right) / 2) * scale}
    y={HEIGHT / 2 + ((low + high) / 2) * scale}
  />
</svg>
