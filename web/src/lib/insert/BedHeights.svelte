<!-- The bed from the front: how high each part and well reaches, and where base and lid part. -->
<script lang="ts">
  import type { BedCut } from '../api/client';
  import { length } from '../units';
  import { type Bed, type Pocket, places } from './bed';

  let {
    bed,
    cut,
    chosen,
    onchoose
  }: { bed: Bed; cut: BedCut; chosen: Pocket | null; onchoose: (pocket: Pocket) => void } = $props();

  const MARGIN = { side: 8, right: 44, top: 8, bottom: 8 };
  let width = $state(400);
  let height = $state(240);

  let left = $derived(cut.blockMinMm[0]!);
  let right = $derived(cut.blockMaxMm[0]!);
  let low = $derived(cut.blockMinMm[2]!);
  let high = $derived(cut.blockMaxMm[2]!);
  let scale = $derived(
    Math.max(
      0.01,
      Math.min(
        (width - MARGIN.side - MARGIN.right) / (right - left),
        (height - MARGIN.top - MARGIN.bottom) / (high - low)
      )
    )
  );
  const x = (mm: number) => MARGIN.side + (mm - left) * scale;
  const z = (mm: number) => MARGIN.top + (high - mm) * scale;

  function span(of: number[][]): [number, number] {
    const all = of.map((p) => p[0]!);
    return [Math.min(...all), Math.max(...all)];
  }
</script>

<div class="stage" bind:clientWidth={width} bind:clientHeight={height}>
  <svg
    {width}
    {height}
    role="img"
    aria-label="The bed from the front, to scale: base and lid part at {length(cut.splitMm)}"
  >
    <rect class="block" x={x(left)} y={z(high)} width={(right - left) * scale} height={(high - low) * scale} />
    {#each bed.wells ?? [] as well, i (i)}
      {@const [from, to] = span(places(well))}
      <rect
        class="well"
        class:chosen={chosen?.list === 'wells' && chosen.index === i}
        x={x(from)}
        y={z(well.topMm)}
        width={(to - from) * scale}
        height={(well.topMm - well.bottomMm) * scale}
        role="presentation"
        onclick={() => onchoose({ list: 'wells', index: i })}
      />
    {/each}
    {#each bed.parts as part, i (i)}
      {@const [from, to] = span(places(part))}
      <rect
        class="part {part.nature ?? 'strong'}"
        class:chosen={chosen?.list === 'parts' && chosen.index === i}
        x={x(from)}
        y={z(part.topMm)}
        width={(to - from) * scale}
        height={(part.topMm - part.bottomMm) * scale}
        role="presentation"
        onclick={() => onchoose({ list: 'parts', index: i })}
      />
    {/each}
    <line class="split" x1={x(left)} x2={x(right)} y1={z(cut.splitMm)} y2={z(cut.splitMm)} />
    <text x={x(right) + 6} y={z(cut.splitMm) - 4}>lid</text>
    <text x={x(right) + 6} y={z(cut.splitMm) + 14}>base</text>
  </svg>
</div>

<style>
  .stage {
    min-width: 0;
    height: 9rem;
  }
  rect {
    stroke: currentColor;
    stroke-width: 1.2;
  }
  .block {
    fill: var(--color-base-200);
    stroke-width: 1.5;
  }
  .part,
  .well {
    cursor: pointer;
  }
  .part {
    fill: color-mix(in oklab, var(--color-base-100) 70%, transparent);
  }
  .part.fragile {
    fill: color-mix(in oklab, var(--color-error) 22%, transparent);
    stroke-dasharray: 2 3;
  }
  .part.sensitive {
    fill: color-mix(in oklab, var(--color-warning) 22%, transparent);
    stroke-dasharray: 7 3;
  }
  .well {
    fill: var(--color-base-100);
    stroke-dasharray: 1 3;
  }
  .chosen {
    stroke-width: 2.5;
  }
  .split {
    stroke: var(--color-primary);
    stroke-width: 2;
    stroke-dasharray: 8 3;
  }
  text {
    font-size: 0.75rem;
    fill: currentColor;
  }
</style>
