<!-- The section: the pack to scale with the blows standing round it. -->
<script lang="ts">
  import type { Drop } from '../api/client';
  import { materialOf } from '../catalogue.svelte';
  import { capital, dropOn, type FaceWord, type View, VIEW_AXES, VIEW_NAME, VIEWS } from '../faces';
  import Cut from '../parts/Cut.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import { length, lengthIn, mass } from '../units';
  import type { Bench } from './bench.svelte';
  import { blowFigure } from './words';

  let { bench }: { bench: Bench } = $props();

  const MARKER = { width: 116, height: 40 };
  const BESIDE = { side: 150, top: 50, bottom: 68 };
  const BELOW = { side: 22, top: 10, bottom: 24 };
  /** Under this width the blows stand below the drawing, in the same places to one another. */
  const NARROW = 600;

  let width = $state(800);
  let height = $state(380);
  let narrow = $derived(width < NARROW);
  let MARGIN = $derived(narrow ? BELOW : BESIDE);
  let evaluation = $derived(bench.evaluation!);
  let axes = $derived(VIEW_AXES[bench.view]);
  let materials = $derived(bench.pack.layers.map(materialOf));

  /** Ends of the whole pack in this view, mm: left, right, bottom, top. */
  let ends = $derived.by(() => {
    const { across, up } = axes;
    return {
      left: Math.min(...evaluation.solids.map((s) => s.minMm[across]!)),
      right: Math.max(...evaluation.solids.map((s) => s.maxMm[across]!)),
      bottom: Math.min(...evaluation.solids.map((s) => s.minMm[up]!)),
      top: Math.max(...evaluation.solids.map((s) => s.maxMm[up]!))
    };
  });
  let scale = $derived(
    Math.max(
      0.02,
      Math.min(
        (width - 2 * MARGIN.side) / (ends.right - ends.left),
        (height - MARGIN.top - MARGIN.bottom) / (ends.top - ends.bottom)
      )
    )
  );
  let x = $derived(width / 2 - (scale * (ends.left + ends.right)) / 2);
  let y = $derived(MARGIN.top + (height - MARGIN.top - MARGIN.bottom) / 2 + (scale * (ends.top + ends.bottom)) / 2);
  let frame = $derived({
    left: x + ends.left * scale,
    right: x + ends.right * scale,
    top: y - ends.top * scale,
    bottom: y - ends.bottom * scale
  });
  let item = $derived(evaluation.solids.find((s) => s.part === 'item')!);
  let itemFrame = $derived({
    left: x + item.minMm[axes.across]! * scale,
    right: x + item.maxMm[axes.across]! * scale,
    top: y - item.maxMm[axes.up]! * scale,
    bottom: y - item.minMm[axes.up]! * scale
  });
  let itemWidth = $derived(itemFrame.right - itemFrame.left);

  type Spot = { drop: Drop; word: string; left: number; top: number };
  let spots = $derived.by(() => {
    const middleX = (frame.left + frame.right) / 2 - MARKER.width / 2;
    const middleY = (frame.top + frame.bottom) / 2 - MARKER.height / 2;
    const outLeft = frame.left - MARKER.width - 24;
    const outRight = frame.right + 24;
    const list: [FaceWord[], number, number][] = [
      [[axes.top, axes.left], outLeft, frame.top - 2],
      [[axes.top], middleX, frame.top - MARKER.height - 8],
      [[axes.top, axes.right], outRight, frame.top - 2],
      [[axes.left], outLeft, middleY],
      [[axes.right], outRight, middleY],
      [[axes.bottom, axes.left], outLeft, frame.bottom - MARKER.height + 2],
      [[axes.bottom], middleX, frame.bottom + 26],
      [[axes.bottom, axes.right], outRight, frame.bottom - MARKER.height + 2]
    ];
    return list.flatMap(([faces, left, top]): Spot[] => {
      const drop = dropOn(evaluation, faces);
      return drop
        ? [{ drop, word: faces.length === 1 ? capital(faces[0]!) : capital(faces.join('-')), left, top }]
        : [];
    });
  });

  /** Where the chosen blow comes in and where it meets the item, in this view. */
  let path = $derived.by(() => {
    const faces = bench.blow?.faces ?? [];
    const has = (face: FaceWord) => faces.includes(face);
    const inView = [axes.left, axes.right, axes.top, axes.bottom].filter(has);
    if (inView.length === 0) {
      return null;
    }
    const middle = { x: (itemFrame.left + itemFrame.right) / 2, y: (itemFrame.top + itemFrame.bottom) / 2 };
    const at = (f: typeof frame) => ({
      x: has(axes.left) ? f.left : has(axes.right) ? f.right : middle.x,
      y: has(axes.top) ? f.top : has(axes.bottom) ? f.bottom : middle.y
    });
    return { from: at(frame), to: at(itemFrame) };
  });

  /** Where the carton would stand with the remedy that is looked at. */
  let ghost = $derived.by(() => {
    const outline = bench.ghost?.outline;
    if (!outline?.length) {
      return null;
    }
    const low = (axis: number) => Math.min(...outline.map((s) => s.minMm[axis]!));
    const high = (axis: number) => Math.max(...outline.map((s) => s.maxMm[axis]!));
    const { across, up } = axes;
    return {
      x: x + low(across) * scale,
      y: y - high(up) * scale,
      width: (high(across) - low(across)) * scale,
      height: (high(up) - low(up)) * scale
    };
  });

  function arrowHead(from: { x: number; y: number }, to: { x: number; y: number }): string {
    const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    const ux = (to.x - from.x) / length;
    const uy = (to.y - from.y) / length;
    const base = { x: to.x - ux * 10, y: to.y - uy * 10 };
    return `${to.x},${to.y} ${base.x - uy * 5},${base.y + ux * 5} ${base.x + uy * 5},${base.y - ux * 5}`;
  }

  let outside = $derived([evaluation.outsideMm.length, evaluation.outsideMm.width, evaluation.outsideMm.height]);

  function setView(view: View) {
    bench.view = view;
  }
</script>

<section class="section" aria-label="Section of the pack">
  <div class="views" role="group" aria-label="View of the section">
    {#each VIEWS as view (view)}
      <button type="button" class="plain-button" aria-pressed={bench.view === view} onclick={() => setView(view)}>
        {VIEW_NAME[view]}
      </button>
    {/each}
  </div>
  <div class="stage" bind:clientWidth={width} bind:clientHeight={height}>
    <svg
      {width}
      {height}
      role="img"
      aria-label="{VIEW_NAME[bench.view]}, to scale: {lengthIn(outside[axes.across]!, 0)} by {length(
        outside[axes.up]!,
        0
      )} outside"
      data-view={bench.view}
      data-scale={scale}
      data-x={x}
      data-y={y}
    >
      <rect
        class="air"
        x={frame.left}
        y={frame.top}
        width={frame.right - frame.left}
        height={frame.bottom - frame.top}
      />
      <Cut solids={evaluation.solids} {materials} view={bench.view} {scale} {x} {y} />
      {#if ghost}
        <rect class="ghost" {...ghost} />
      {/if}
      {#if path}
        <line class="path-line" x1={path.from.x} y1={path.from.y} x2={path.to.x} y2={path.to.y} />
        <polygon class="path-head" points={arrowHead(path.from, path.to)} />
      {/if}
      <g class="dimension">
        <line x1={frame.left} y1={frame.bottom + 12} x2={frame.right} y2={frame.bottom + 12} />
        <line x1={frame.left} y1={frame.bottom + 7} x2={frame.left} y2={frame.bottom + 17} />
        <line x1={frame.right} y1={frame.bottom + 7} x2={frame.right} y2={frame.bottom + 17} />
        <rect class="plate" x={frame.left + 18} y={frame.bottom + 4} width="58" height="16" />
        <text x={frame.left + 47} y={frame.bottom + 16} text-anchor="middle">{length(outside[axes.across]!, 0)}</text>
        <line x1={frame.right + 12} y1={frame.top} x2={frame.right + 12} y2={frame.bottom} />
        <line x1={frame.right + 7} y1={frame.top} x2={frame.right + 17} y2={frame.top} />
        <line x1={frame.right + 7} y1={frame.bottom} x2={frame.right + 17} y2={frame.bottom} />
        <g transform="translate({frame.right + 16} {frame.top + (frame.bottom - frame.top) * 0.3}) rotate(-90)">
          <rect class="plate" x="-29" y="-12" width="58" height="16" />
          <text text-anchor="middle">{length(outside[axes.up]!, 0)}</text>
        </g>
      </g>
      {#if itemWidth > 70}
        {@const cx = (itemFrame.left + itemFrame.right) / 2}
        {@const cy = (itemFrame.top + itemFrame.bottom) / 2}
        {@const plate = Math.min(itemWidth - 12, 156)}
        <rect class="plate" x={cx - plate / 2} y={cy - 20} width={plate} height="38" />
        <text class="name" x={cx} y={cy - 4} text-anchor="middle"
          >{bench.pack.item.name.length > plate / 8
            ? `${bench.pack.item.name.slice(0, Math.floor(plate / 8) - 1)}…`
            : bench.pack.item.name}</text
        >
        <text x={cx} y={cy + 12} text-anchor="middle">{mass(bench.pack.item.massKg)}</text>
      {/if}
    </svg>
    {#if !narrow}{@render markers()}{/if}
  </div>
  {#if narrow}<div class="below">{@render markers()}</div>{/if}
</section>

{#snippet markers()}
  {#each spots as { drop, word, left, top } (drop.id)}
    <button
      type="button"
      class="marker"
      class:light={!drop.counted}
      aria-pressed={bench.chosenBlow === drop.id}
      style:left={narrow ? undefined : `${left}px`}
      style:top={narrow ? undefined : `${top}px`}
      title="{drop.blow.title}: {blowFigure(drop)}, {drop.blow.status}{drop.counted
        ? ''
        : ', not counted on this journey'}"
      data-drop={drop.id}
      onclick={() => bench.chooseBlow(drop)}
    >
      <Glyph status={drop.blow.status} />
      <span class="lines">
        <span class="quiet">{word}</span>
        <b>{blowFigure(drop)} <span class="status-{drop.blow.status}">{drop.blow.status}</span></b>
      </span>
    </button>
  {/each}
{/snippet}

<style>
  .section {
    position: relative;
    display: flex;
    flex-direction: column;
    min-height: 0;
  }
  .views {
    position: absolute;
    z-index: 2;
    top: 0;
    right: 0;
    display: flex;
    justify-content: flex-end;
    gap: 0.75rem;
  }
  .views [aria-pressed='true'] {
    border-bottom: 2px solid var(--color-accent);
    font-weight: 650;
  }
  .stage {
    position: relative;
    flex: 1;
    min-height: 18rem;
    overflow: hidden;
    contain: strict;
  }
  svg {
    position: absolute;
    inset: 0;
  }
  .air {
    fill: var(--color-base-100);
  }
  .path-line {
    stroke: var(--color-error);
    stroke-width: 2;
    stroke-dasharray: 5 3;
  }
  .path-head {
    fill: var(--color-error);
  }
  .ghost {
    fill: none;
    stroke: var(--color-secondary);
    stroke-width: 2;
    stroke-dasharray: 8 4;
  }
  .dimension line {
    stroke: var(--color-base-content);
    stroke-opacity: 0.6;
  }
  text {
    fill: var(--color-base-content);
    font-size: 12px;
  }
  .name {
    font-size: 14px;
    font-weight: 650;
  }
  .plate {
    fill: var(--color-base-100);
  }
  .marker {
    position: absolute;
    display: flex;
    align-items: center;
    gap: 6px;
    width: 116px;
    height: 40px;
    padding: 0 6px;
    border: 1px solid var(--color-base-300);
    background: var(--color-base-100);
    font-size: 12px;
    font-stretch: 82%;
    text-align: left;
    line-height: 1.2;
    contain: content;
  }
  .below {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 2px;
  }
  .below .marker {
    position: static;
    width: auto;
  }
  /* The item's place stays free: left and right stand at both its sides. */
  .below .marker:nth-child(5) {
    grid-column: 3;
  }
  .marker:hover {
    background: var(--color-base-200);
  }
  .marker[aria-pressed='true'] {
    outline: 2px solid var(--color-base-content);
    outline-offset: 0;
  }
  .marker.light {
    border-style: dotted;
  }
  .lines {
    display: flex;
    flex-direction: column;
    overflow: hidden;
    white-space: nowrap;
  }
  @media (max-width: 1023px) {
    .views {
      position: static;
    }
    .stage {
      flex: none;
      height: 22rem;
    }
  }
</style>
