<!-- One drawing of a paper, a millimetre of paper as long as it is there. -->
<script lang="ts">
  import type { PaperDrawing } from '../api/client';
  import { pathOf } from '../insert/bed';

  let {
    drawing,
    ratio = 1,
    scaled = false
  }: {
    drawing: PaperDrawing;
    ratio?: number;
    /** As large as its place is, not as on paper. */
    scaled?: boolean;
  } = $props();

  /** CSS pixels in a millimetre of paper. */
  const PX = 96 / 25.4;
  /** CSS pixels in a point. */
  const POINT = 96 / 72;

  let width = $derived(drawing.widthMm * PX + 2);
  let height = $derived(drawing.heightMm * PX + 2);
</script>

<svg
  width={scaled ? undefined : width}
  height={scaled ? undefined : height}
  viewBox="0 0 {width} {height}"
  class:scaled
  data-view={drawing.id}
  data-ratio={ratio}
  role="img"
  aria-label={drawing.caption || 'What stands there then, seen from the front'}
>
  <g transform="translate(1 1)">
    {#each drawing.areas as area, index (index)}
      <rect
        x={area.leftMm * PX}
        y={area.topMm * PX}
        width={area.widthMm * PX}
        height={area.heightMm * PX}
        class={area.hatch}
        fill="url(#hatch-{area.hatch})"
        stroke-width={area.lineMm * PX}
      />
    {/each}
    {#each drawing.shapes as shape, index (index)}
      <path
        class="shape"
        class:dashed={shape.dashed}
        class:filled={shape.lineMm === 0}
        style:--tone="{Math.round(100 * shape.tone)}%"
        stroke-width={shape.lineMm * PX}
        d={pathOf(
          shape.placesMm,
          (mm) => mm * PX,
          (mm) => mm * PX
        )}
      />
    {/each}
    {#each drawing.labels as label, index (index)}
      <text
        x={label.xMm * PX}
        y={label.yMm * PX}
        text-anchor={label.middle ? 'middle' : 'start'}
        font-size={label.size * POINT}
        font-weight={label.bold ? 700 : 400}
        dominant-baseline="middle">{label.words}</text
      >
    {/each}
  </g>
</svg>

<style>
  /* Lines of a large drawing are no thicker than on paper. */
  .scaled :is(rect, path) {
    vector-effect: non-scaling-stroke;
  }
  .scaled {
    width: 100%;
    height: 100%;
  }
  rect {
    stroke: var(--foam-line);
  }
  .shape {
    fill: color-mix(in oklab, currentColor var(--tone), white);
    stroke: currentColor;
  }
  .filled {
    stroke: none;
  }
  .dashed {
    fill: none;
    stroke-dasharray: 6 4;
  }
  text {
    fill: currentColor;
    paint-order: stroke;
    stroke: white;
    stroke-width: 2px;
  }
  .item {
    stroke: var(--color-base-content);
  }
  .flute {
    stroke: var(--board-line);
  }
</style>
