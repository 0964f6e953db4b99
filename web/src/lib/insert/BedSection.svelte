<!-- A section through the bed along a line that is moved: foam of base and lid, the item in it, and where the item has gone
     at the peak of the chosen blow. -->
<script lang="ts">
  import type { BedCut } from '../api/client';
  import { length } from '../units';
  import { type Bed, type Place, places, type Pocket } from './bed';
  import { foam, type SectionLine, shifted, spans } from './section';

  let {
    bed,
    cut,
    line,
    chosen,
    went,
    onchoose
  }: {
    bed: Bed;
    cut: BedCut;
    line: SectionLine;
    chosen: Pocket | null;
    /** How far the item has gone at the peak: right, back, up. */
    went: [number, number, number];
    onchoose: (pocket: Pocket) => void;
  } = $props();

  const MARGIN = { side: 8, right: 40, top: 8, bottom: 8 };
  let width = $state(400);
  const height = 176;

  let on = $derived(line.along === 'length' ? 0 : 1);
  let left = $derived(cut.blockMinMm[on]!);
  let right = $derived(cut.blockMaxMm[on]!);
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
  let moved = $derived(went.some((mm) => Math.abs(mm) >= 0.5));

  /** Along the line, at the place where the item is when it has gone. */
  function goneSpans(outline: Place[]): [number, number][] {
    return spans([shifted(outline, went)], line);
  }
</script>

<div class="stage" bind:clientWidth={width}>
  <svg
    {width}
    {height}
    role="group"
    aria-label="Section along the {line.along} at {length(line.atMm)}, to scale: base and lid part at {length(
      cut.splitMm
    )}"
  >
    {#each cut.levels as level, i (i)}
      {#each foam(level, line, left, right) as [from, to], k (k)}
        <rect
          class="foam {level.half}"
          x={x(from)}
          y={z(level.topMm)}
          width={(to - from) * scale}
          height={(level.topMm - level.bottomMm) * scale}
        />
      {/each}
    {/each}
    <rect class="block" x={x(left)} y={z(high)} width={(right - left) * scale} height={(high - low) * scale} />
    {#each bed.parts as part, i (i)}
      {#each spans([places(part)], line) as [from, to], k (k)}
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
      {#if moved}
        {#each goneSpans(places(part)) as [from, to], k (k)}
          <rect
            class="gone"
            x={x(from)}
            y={z(part.topMm + went[2])}
            width={(to - from) * scale}
            height={(part.topMm - part.bottomMm) * scale}
          />
        {/each}
      {/if}
    {/each}
    <line class="split" x1={x(left)} x2={x(right)} y1={z(cut.splitMm)} y2={z(cut.splitMm)} />
    <text x={x(right) + 6} y={z(cut.splitMm) - 4}>lid</text>
    <text x={x(right) + 6} y={z(cut.splitMm) + 14}>base</text>
  </svg>
</div>

<style>
  .stage {
    min-width: 0;
  }
  rect {
    stroke: currentColor;
    stroke-width: 1.2;
  }
  .foam {
    fill: url(#hatch-dots);
    stroke: none;
    shape-rendering: crispEdges;
  }
  .block {
    fill: none;
    stroke-width: 1.5;
    pointer-events: none;
  }
  .part {
    cursor: pointer;
    fill: url(#hatch-item);
  }
  .part.fragile {
    fill: color-mix(in oklab, var(--color-error) 22%, var(--color-base-100));
    stroke-dasharray: 2 3;
  }
  .part.sensitive {
    fill: color-mix(in oklab, var(--color-warning) 22%, var(--color-base-100));
    stroke-dasharray: 7 3;
  }
  .chosen {
    stroke-width: 2.5;
  }
  .gone {
    fill: none;
    stroke: var(--color-primary);
    stroke-width: 1.5;
    stroke-dasharray: 5 3;
    pointer-events: none;
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
