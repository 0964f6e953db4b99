<!-- The bed from above, to scale: the block, how deep base or lid is open, the item's parts, wells, ties, where foam bears and
     where the item has gone at the peak of the chosen blow. Places of the chosen outline and the line of the section are
     moved by pointer or arrow keys. -->
<script lang="ts">
  import type { BedCut } from '../api/client';
  import { length } from '../units';
  import {
    type Bed,
    middle,
    pathOf,
    type Place,
    type Pocket,
    places,
    pocketOf,
    tenth,
    withoutPlace,
    withPlaceAfter,
    withPlaceAt
  } from './bed';
  import { type SectionLine, shifted } from './section';

  let {
    bed,
    cut,
    chosen,
    face,
    line,
    balance,
    went,
    readOnly,
    onchoose,
    onmove,
    online
  }: {
    bed: Bed;
    cut: BedCut;
    chosen: Pocket | null;
    /** The face whose bearing is shown, and the half that lies there. */
    face: 'bottom' | 'top';
    /** Where the section is taken. */
    line: SectionLine;
    /** Centre of mass of the item. */
    balance: Place;
    /** How far the item has gone at the peak of the chosen blow: right, back, up. */
    went: [number, number, number];
    readOnly: boolean;
    onchoose: (pocket: Pocket) => void;
    online: (line: SectionLine) => void;
    /** A place of the chosen outline stands elsewhere. */
    onmove: (outline: Place[]) => void;
  } = $props();

  const MARGIN = 26;
  const MOST_HIGH = 416;
  const MOST_HANDLES = 400;
  const FOLLOW_MS = 60;
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
  let following: ReturnType<typeof setTimeout> | undefined;
  let followed: Place[] | undefined;
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

  /** The place under the pointer, to a whole mm. */
  function under(event: MouseEvent): Place {
    const box = (event.currentTarget as Element).closest('svg')!.getBoundingClientRect();
    return [
      Math.round((event.clientX - box.left - originX) / scale),
      Math.round((originY - event.clientY + box.top) / scale)
    ];
  }

  /** A place more on the edge that is pressed twice. */
  function another(event: MouseEvent, list: Pocket['list'], index: number) {
    if (!readOnly && isChosen(list, index) && outline.length < MOST_HANDLES) {
      onmove(withPlaceAt(outline, under(event)));
    }
  }

  function drag(event: PointerEvent) {
    if (dragged) {
      const to = under(event);
      dragged = { index: dragged.index, outline: dragged.outline.with(dragged.index, to) };
      if (following === undefined) {
        follow();
      }
    }
  }

  /** The cut and the checks follow while a place is still being dragged: at once, then every so often. */
  function follow() {
    following = undefined;
    if (dragged && dragged.outline !== followed) {
      followed = dragged.outline;
      onmove(followed);
      following = setTimeout(follow, FOLLOW_MS);
    }
  }

  function drop() {
    clearTimeout(following);
    follow();
    clearTimeout(following);
    following = undefined;
    dragged = null;
  }

  $effect(() => () => clearTimeout(following));

  const STEPS: Record<string, Place> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1]
  };

  function keyed(event: KeyboardEvent, i: number) {
    const step = STEPS[event.key];
    if (readOnly) {
      return;
    }
    if (event.key === 'Insert' || event.key === '+') {
      event.preventDefault();
      onmove(withPlaceAfter(outline, i));
    } else if (event.key === 'Delete') {
      event.preventDefault();
      onmove(withoutPlace(outline, i));
    } else if (step) {
      event.preventDefault();
      const by = event.shiftKey ? 10 : 1;
      const [px, py] = outline[i]!;
      onmove(outline.with(i, [tenth(px + step[0] * by), tenth(py + step[1] * by)]));
    }
  }

  /** The half that lies on this face: the lid is drawn as it lies closed. The deepest are drawn last. */
  let half = $derived(face === 'top' ? 'lid' : 'base');
  let levels = $derived.by(() => {
    const open = cut.levels.filter((l) => l.half === half && l.openings.length > 0);
    return half === 'base' ? open.toReversed() : open;
  });
  let moved = $derived(Math.abs(went[0]) >= 0.5 || Math.abs(went[1]) >= 0.5);
  let lineDragged = $state(false);
  let lineEnds = $derived(line.along === 'length' ? ([front, back] as const) : ([left, right] as const));

  function lineTo(mm: number) {
    online({ ...line, atMm: Math.round(Math.min(lineEnds[1], Math.max(lineEnds[0], mm))) });
  }

  function dragLine(event: PointerEvent) {
    if (lineDragged) {
      const box = (event.currentTarget as Element).closest('svg')!.getBoundingClientRect();
      lineTo(
        line.along === 'length'
          ? (originY - event.clientY + box.top) / scale
          : (event.clientX - box.left - originX) / scale
      );
    }
  }

  function keyLine(event: KeyboardEvent) {
    const step = STEPS[event.key];
    if (step) {
      event.preventDefault();
      lineTo(line.atMm + (step[0] + step[1]) * (event.shiftKey ? 10 : 1));
    }
  }

  /** How deep the base is open under a part, to be written on it. */
  function deep(part: Bed['parts'][number]): string {
    const mm = face === 'top' ? part.topMm - cut.splitMm : cut.splitMm - part.bottomMm;
    return mm > 0 ? length(mm) : '';
  }

  function spoken(index: number): string {
    const [px, py] = outline[index]!;
    return `Place ${index + 1}: ${length(px)} right, ${length(py)} back`;
  }
</script>

<div class="stage" style:height="{wanted}px" bind:clientWidth={width} bind:clientHeight={height}>
  <svg {width} {height} role="group" aria-label="The bed from above, to scale">
    <rect class="block" x={x(left)} y={y(back)} width={(right - left) * scale} height={(back - front) * scale} />
    {#each levels as level, i (i)}
      <path
        class="deep"
        d={[...level.openings, ...level.islands].map((o) => pathOf(o, x, y)).join('')}
        fill-rule="evenodd"
      />
    {/each}
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
        ondblclick={(e) => another(e, 'wells', i)}
      />
    {/each}
    {#each bed.parts as part, i (i)}
      <path
        class="part {part.nature ?? 'strong'}"
        class:chosen={isChosen('parts', i)}
        d={pathOf(shown('parts', i, places(part)), x, y)}
        role="presentation"
        onclick={() => onchoose({ list: 'parts', index: i })}
        ondblclick={(e) => another(e, 'parts', i)}
      />
    {/each}
    <path
      class="balance"
      d="M{x(balance[0]) - 6} {y(balance[1])}h12M{x(balance[0])} {y(balance[1]) - 6}v12"
      aria-hidden="true"
    />
    {#each bed.parts as part, i (i)}
      {@const [mx, my] = middle(places(part))}
      <text class="depth" x={x(mx)} y={y(my) + 4} text-anchor="middle">{deep(part)}</text>
      {#if moved}<path class="gone" d={pathOf(shifted(places(part), went), x, y)} />{/if}
    {/each}
    {#each cut.tieSlots as tie (tie.tie)}
      <path class="tie" d={pathOf(tie.band, x, y)} />
      {#each tie.slots as slot, i (i)}<path class="slot" d={pathOf(slot, x, y)} />{/each}
    {/each}
    {#each cut.remarks as remark, i (i)}
      <g class="remark" transform="translate({x(remark.atMm[0]!)} {y(remark.atMm[1]!)})">
        <circle r="9" />
        <text text-anchor="middle" y="4">{i + 1}</text>
      </g>
    {/each}
    {#if line.along === 'length'}
      <line class="section" x1={x(left) - 8} x2={x(right) + 8} y1={y(line.atMm)} y2={y(line.atMm)} />
    {:else}
      <line class="section" x1={x(line.atMm)} x2={x(line.atMm)} y1={y(back) - 8} y2={y(front) + 8} />
    {/if}
    <circle
      class="section-handle"
      cx={line.along === 'length' ? x(right) + 12 : x(line.atMm)}
      cy={line.along === 'length' ? y(line.atMm) : y(back) - 12}
      r="7"
      tabindex="0"
      role="slider"
      aria-label="Where the section is taken"
      aria-valuenow={line.atMm}
      aria-valuemin={lineEnds[0]}
      aria-valuemax={lineEnds[1]}
      aria-valuetext="along the {line.along}, at {length(line.atMm)}"
      onpointerdown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        lineDragged = true;
      }}
      onpointermove={dragLine}
      onpointerup={() => (lineDragged = false)}
      onkeydown={keyLine}
    />
    {#if outline.length <= MOST_HANDLES}
      {#each outline as [px, py], i (i)}
        <circle
          class="place"
          cx={x(px)}
          cy={y(py)}
          r={outline.length <= 80 ? 6 : 4}
          tabindex="0"
          role="slider"
          aria-label={spoken(i)}
          aria-valuenow={px}
          aria-valuetext={spoken(i)}
          aria-readonly={readOnly}
          onpointerdown={(e) => grab(e, i)}
          onpointermove={drag}
          onpointerup={drop}
          ondblclick={() => !readOnly && onmove(withoutPlace(outline, i))}
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
    fill: url(#hatch-item);
    fill-opacity: 0.45;
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
  .deep {
    fill: color-mix(in oklab, currentColor 9%, transparent);
    stroke: color-mix(in oklab, currentColor 35%, transparent);
    stroke-width: 0.8;
    pointer-events: none;
  }
  .gone {
    fill: none;
    stroke: var(--color-primary);
    stroke-width: 1.5;
    stroke-dasharray: 5 3;
    pointer-events: none;
  }
  .depth {
    font-size: 0.75rem;
    fill: currentColor;
    pointer-events: none;
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 3px;
  }
  .remark {
    pointer-events: none;
  }
  .remark circle {
    fill: var(--color-warning);
    stroke: currentColor;
  }
  .remark text {
    font-size: 0.75rem;
    font-weight: 700;
    fill: var(--color-warning-content);
  }
  .section {
    stroke: var(--color-primary);
    stroke-width: 1.5;
    stroke-dasharray: 12 3 2 3;
    pointer-events: none;
  }
  .section-handle {
    fill: var(--color-primary);
    cursor: move;
    touch-action: none;
  }
  .section-handle:focus-visible {
    outline: 2px solid var(--color-primary);
    outline-offset: 3px;
  }
  .chosen {
    stroke-width: 2.5;
  }
  .tie {
    pointer-events: none;
    fill: color-mix(in oklab, var(--color-base-100) 55%, transparent);
    stroke: currentColor;
    stroke-dasharray: 10 4;
  }
  .slot {
    pointer-events: none;
    fill: currentColor;
  }
  .balance {
    pointer-events: none;
    stroke-width: 2;
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
