<!-- The bed from above, to scale: the block, the item's parts, wells, ties, and where foam bears. Places of the chosen
     outline are moved by pointer or arrow keys. -->
<script lang="ts">
  import type { BedCut } from '../api/client';
  import { length } from '../units';
  import { type Bed, pathOf, type Place, type Pocket, places, pocketOf, tenth } from './bed';

  let {
    bed,
    cut,
    chosen,
    face,
    readOnly,
    onchoose,
    onmove
  }: {
    bed: Bed;
    cut: BedCut;
    chosen: Pocket | null;
    /** The face whose bearing is shown. */
    face: 'bottom' | 'top';
    readOnly: boolean;
    onchoose: (pocket: Pocket) => void;
    /** A place of the chosen outline stands elsewhere. */
    onmove: (outline: Place[]) => void;
  } = $props();

  const MARGIN = 26;
  const MOST_HIGH = 416;
  let width = $state(600);
  let height = $state(400);

  let left = $derived(cut.blockMinMm[0]!);
  let front = $derived(cut.blockMinMm[1]!);
  let right = $derived(cut.blockMaxMm[0]!);
  let back = $derived(cut.blockMaxMm[1]!);
  let scale = $derived(
    Math.max(0.01, Math.min((width - 2 * MARGIN) / (right - left), (height - 2 * MARGIN) / (back - front)))
  );
  /** As high as the block needs in this width, up to what leaves the rest in view. */
  let wanted = $derived(Math.min(MOST_HIGH, ((width - 2 * MARGIN) * (back - front)) / (right - left) + 2 * MARGIN));
  let originX = $derived(width / 2 - (scale * (left + right)) / 2);
  let originY = $derived(height / 2 + (scale * (front + back)) / 2);
  const x = (mm: number) => originX + mm * scale;
  const y = (mm: number) => originY - mm * scale;

  let bearing = $derived(cut.bears.find((b) => b.face === face)?.patches ?? []);
  let dragged = $state.raw<{ index: number; outline: Place[] } | null>(null);
  let pocket = $derived(chosen ? pocketOf(bed, chosen) : undefined);
  let outline = $derived(dragged?.outline ?? (pocket ? places(pocket) : []));

  function isChosen(list: Pocket['list'], index: number) {
    return chosen?.list === list && chosen.index === index;
  }

  function shown(list: Pocket['list'], index: number, at: Place[]): Place[] {
    return isChosen(list, index) ? outline : at;
  }

  function grab(event: PointerEvent, index: number) {
    if (!readOnly && pocket) {
      (event.currentTarget as Element).setPointerCapture(event.pointerId);
      dragged = { index, outline: places(pocket) };
    }
  }

  function drag(event: PointerEvent) {
    if (dragged) {
      const box = (event.currentTarget as Element).closest('svg')!.getBoundingClientRect();
      const to: Place = [
        tenth(Math.round((event.clientX - box.left - originX) / scale)),
        tenth(Math.round((originY - event.clientY + box.top) / scale))
      ];
      dragged = { index: dragged.index, outline: dragged.outline.with(dragged.index, to) };
    }
  }

  function drop() {
    if (dragged) {
      onmove(dragged.outline);
      dragged = null;
    }
  }

  const STEPS: Record<string, Place> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1]
  };

  function keyed(event: KeyboardEvent, index: number) {
    const step = STEPS[event.key];
    if (step && !readOnly) {
      event.preventDefault();
      const by = event.shiftKey ? 10 : 1;
      const [px, py] = outline[index]!;
      onmove(outline.with(index, [tenth(px + step[0] * by), tenth(py + step[1] * by)]));
    }
  }

  function spoken(index: number): string {
    const [px, py] = outline[index]!;
    return `Place ${index + 1}: ${length(px)} right, ${length(py)} back`;
  }
</script>

<div class="stage" style:height="{wanted}px" bind:clientWidth={width} bind:clientHeight={height}>
  <svg {width} {height} role="group" aria-label="The bed from above, to scale">
    <rect class="block" x={x(left)} y={y(back)} width={(right - left) * scale} height={(back - front) * scale} />
    {#each bearing as [x1, y1, x2, y2], i (i)}
      <rect class="bears" x={x(x1!)} y={y(y2!)} width={(x2! - x1!) * scale} height={(y2! - y1!) * scale} />
    {/each}
    {#each bed.wells ?? [] as well, i (i)}
      <path
        class="well"
        class:chosen={isChosen('wells', i)}
        d={pathOf(shown('wells', i, places(well)), x, y)}
        role="presentation"
        onclick={() => onchoose({ list: 'wells', index: i })}
      />
    {/each}
    {#each bed.parts as part, i (i)}
      <path
        class="part {part.nature ?? 'strong'}"
        class:chosen={isChosen('parts', i)}
        d={pathOf(shown('parts', i, places(part)), x, y)}
        role="presentation"
        onclick={() => onchoose({ list: 'parts', index: i })}
      />
    {/each}
    {#each bed.ties ?? [] as tie, i (i)}
      {@const half = ((tie.widthMm ?? 20) / 2) * scale}
      {#if tie.axis === 'length'}
        <rect class="tie" x={x(left)} y={y(tie.atMm) - half} width={(right - left) * scale} height={2 * half} />
      {:else}
        <rect class="tie" x={x(tie.atMm) - half} y={y(back)} width={2 * half} height={(back - front) * scale} />
      {/if}
    {/each}
    {#if outline.length <= 80}
      {#each outline as [px, py], i (i)}
        <circle
          class="place"
          cx={x(px)}
          cy={y(py)}
          r="6"
          tabindex="0"
          role="slider"
          aria-label={spoken(i)}
          aria-valuenow={px}
          aria-valuetext={spoken(i)}
          aria-readonly={readOnly}
          onpointerdown={(e) => grab(e, i)}
          onpointermove={drag}
          onpointerup={drop}
          onkeydown={(e) => keyed(e, i)}
        />
      {/each}
    {/if}
    <text class="side" x={x((left + right) / 2)} y={height - 6} text-anchor="middle">front, {length(right - left)}</text
    >
    <text
      class="side"
      x={10}
      y={y((front + back) / 2)}
      text-anchor="middle"
      transform="rotate(-90 10 {y((front + back) / 2)})">left, {length(back - front)}</text
    >
  </svg>
</div>

<style>
  .stage {
    min-width: 0;
  }
  .block {
    fill: var(--color-base-200);
    stroke: currentColor;
    stroke-width: 1.5;
  }
  .bears {
    fill: color-mix(in oklab, var(--color-info) 45%, transparent);
    shape-rendering: crispEdges;
  }
  path {
    cursor: pointer;
    stroke: currentColor;
    stroke-width: 1.2;
  }
  .part {
    fill: color-mix(in oklab, var(--color-base-100) 55%, transparent);
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
  .tie {
    pointer-events: none;
    fill: none;
    stroke: currentColor;
    stroke-dasharray: 10 4;
  }
  .place {
    fill: var(--color-base-100);
    stroke: currentColor;
    stroke-width: 2;
    cursor: move;
    touch-action: none;
  }
  .place:focus-visible {
    fill: var(--color-primary);
    outline: 2px solid var(--color-primary);
    outline-offset: 3px;
  }
  .side {
    font-size: 0.75rem;
    fill: currentColor;
  }
</style>
