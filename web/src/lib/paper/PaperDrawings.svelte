<!-- Drawings to scale side by side, with a bar to measure with a ruler. -->
<script lang="ts">
  import type { PaperDrawings } from '../api/client';
  import { pathOf } from '../insert/bed';

  let { drawings }: { drawings: PaperDrawings } = $props();

  /** CSS pixels in a millimetre of paper. */
  const PX = 96 / 25.4;
</script>

<div class="drawings">
  {#each drawings.drawings as drawing (drawing.id)}
    <figure>
      <svg
        width={drawing.widthMm * PX + 2}
        height={drawing.heightMm * PX + 2}
        data-view={drawing.id}
        data-ratio={drawings.ratio}
        role="img"
        aria-label={drawing.caption}
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
            <text x={label.xMm * PX} y={label.yMm * PX} text-anchor="middle" dominant-baseline="middle"
              >{label.words}</text
            >
          {/each}
        </g>
      </svg>
      <figcaption>{drawing.caption}</figcaption>
    </figure>
  {/each}
  <p class="bar">
    <span style:width="{drawings.barMm}mm"></span>
    {drawings.note}
  </p>
</div>

<style>
  .drawings {
    display: flex;
    flex-wrap: wrap;
    align-items: flex-end;
    gap: 2mm 6mm;
    padding: 2mm 0;
    border-top: 1px solid var(--color-base-300);
    border-bottom: 1px solid var(--color-base-300);
  }
  figure {
    max-width: 100%;
    overflow-x: auto;
  }
  .bar {
    flex-basis: 100%;
    display: flex;
    align-items: center;
    gap: 3mm;
    font-size: 8.5pt;
  }
  .bar span {
    height: 2mm;
    border: 1px solid currentColor;
    border-top: 0;
  }
  rect {
    stroke: var(--foam-line);
  }
  .shape {
    fill: color-mix(in oklab, currentColor var(--tone), transparent);
    stroke: currentColor;
  }
  .dashed {
    fill: none;
    stroke-dasharray: 6 4;
  }
  text {
    font-size: 8.5pt;
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
