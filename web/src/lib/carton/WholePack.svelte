<!-- The whole pack as a solid, turned by slider, key or hand; its layers are peeled off or drawn apart. Drawn without a graphics card. -->
<script lang="ts">
  import type { Bench } from '../bench/bench.svelte';
  import { materials } from '../catalogue.svelte';
  import { length, lengthIn, sizeText } from '../units';
  import { look } from './blank';
  import { byHand } from './turning';
  import MeasuredCut from './MeasuredCut.svelte';
  import { blocksOf, facesSeen, farthestFirst, layersOf, quarterOf } from './solid';

  let { bench }: { bench: Bench } = $props();

  let turn = $state(-35);
  let peeled = $state(0);
  let open = $state(0);

  const TILT = 0.55;
  const DEGREE = Math.PI / 180;

  let solids = $derived(bench.evaluation!.solids);
  let layers = $derived(layersOf(solids));
  let radians = $derived(turn * DEGREE);
  let largest = $derived(Math.max(...solids.flatMap((s) => s.maxMm.map((m, i) => m - s.minMm[i]!))));
  let quarter = $derived(quarterOf(radians));
  let blocks = $derived(
    farthestFirst(blocksOf(solids, Math.min(peeled, layers.length), (open / 100) * largest), quarter, TILT)
  );
  let faces = $derived(
    blocks.flatMap((block) =>
      facesSeen(block, radians, TILT).map((face, i) => ({
        ...face,
        key: `${block.index} ${i}`,
        part: solids[block.index]!.part
      }))
    )
  );

  /** What is left, with its own size. */
  let ends = $derived.by(() => {
    const left = blocksOf(solids, Math.min(peeled, layers.length), 0);
    return [0, 1, 2].map((axis) => [
      Math.min(...left.map((b) => b.min[axis]!)),
      Math.max(...left.map((b) => b.max[axis]!))
    ]) as [number, number][];
  });

  let view = $derived.by(() => {
    const seen = blocks.flatMap((b) =>
      [b.min, b.max].flatMap((x) =>
        [b.min, b.max].flatMap((y) => [b.min, b.max].map((z) => look([x[0]!, y[1]!, z[2]!], radians, TILT).at))
      )
    );
    const left = Math.min(...seen.map((s) => s[0]));
    const top = Math.min(...seen.map((s) => s[1]));
    const wide = Math.max(...seen.map((s) => s[0])) - left;
    const high = Math.max(...seen.map((s) => s[1])) - top;
    const pad = 0.12 * Math.max(wide, high);
    return { left: left - pad, top: top - pad, wide: wide + 2 * pad, high: high + 2 * pad };
  });
  let text = $derived(Math.max(view.wide, view.high * 1.4) / 34);

  /** Sizes of what is left, beside the edges that are nearest below and nearest to the side. */
  let dimensions = $derived.by(() => {
    if (open > 0) {
      return [];
    }
    const [x, y, z] = ends as [[number, number], [number, number], [number, number]];
    const near = (axis: 0 | 1): number => {
      const depth = (v: number) => look(axis === 0 ? [v, 0, 0] : [0, v, 0], radians, TILT).depth;
      return depth(ends[axis]![0]) < depth(ends[axis]![1]) ? ends[axis]![0] : ends[axis]![1];
    };
    const nearX = near(0);
    const nearY = near(1);
    const farY = nearY === y[0] ? y[1] : y[0];
    return [
      { from: [x[0], nearY, z[0]], to: [x[1], nearY, z[0]], mm: x[1] - x[0] },
      { from: [nearX, y[0], z[0]], to: [nearX, y[1], z[0]], mm: y[1] - y[0] },
      { from: [nearX, farY, z[0]], to: [nearX, farY, z[1]], mm: z[1] - z[0] }
    ].map(({ from, to, mm }) => {
      const middle = from.map((f, i) => (f + to[i]!) / 2);
      const at = look(middle, radians, TILT).at;
      const centre = look([(x[0] + x[1]) / 2, (y[0] + y[1]) / 2, (z[0] + z[1]) / 2], radians, TILT).at;
      const out = Math.hypot(at[0] - centre[0], at[1] - centre[1]) || 1;
      return {
        x: at[0] + ((at[0] - centre[0]) / out) * text * 1.6,
        y: at[1] + ((at[1] - centre[1]) / out) * text * 1.6 + text / 3,
        words: lengthIn(mm, 0)
      };
    });
  });

  /** The layers from the outside inward, with what each part of them measures. */
  let list = $derived(
    layers.toReversed().map((layer, i) => {
      const box = bench.evaluation!.boxes.find((each) => each.layer === layer);
      const parts = new Map<string, number>();
      for (const s of box ? [] : solids.filter((each) => each.layer === layer)) {
        const [l, w, h] = s.maxMm.map((m, axis) => m - s.minMm[axis]!) as [number, number, number];
        const words = `${s.face ?? ''} ${sizeText({ length: l, width: w, height: h }, 0)}`;
        parts.set(words, (parts.get(words) ?? 0) + 1);
      }
      const said = box
        ? `outside ${sizeText(box.outsideMm, 0)}, inside ${sizeText(box.insideMm, 0)}`
        : [...parts].map(([words, count]) => `${count > 1 ? `${count} × ` : ''}${words}`).join('; ');
      const of = bench.pack.layers[layer]!;
      const name = of.kind === 'box' || of.kind === 'boards' ? materials.name(of.board) : materials.name(of.material);
      return { layer, name, off: i < peeled, said };
    })
  );

  const turning = byHand(
    () => turn,
    (degrees) => (turn = degrees)
  );
</script>

<section class="whole" aria-label="The whole pack">
  <figure>
    <svg
      viewBox="{view.left} {view.top} {view.wide} {view.high}"
      role="img"
      aria-label="The pack with {peeled} of {layers.length} layers taken off: {length(
        ends[0]![1] - ends[0]![0],
        0
      )} long, {length(ends[1]![1] - ends[1]![0], 0)} wide, {length(ends[2]![1] - ends[2]![0], 0)} high"
      {...turning}
    >
      {#each faces as face (face.key)}
        <polygon class={face.part} points={face.points} style:--lit="{Math.round(100 * face.lit)}%" />
      {/each}
      {#each dimensions as dimension, i (i)}
        <text x={dimension.x} y={dimension.y} font-size={text} text-anchor="middle">{dimension.words}</text>
      {/each}
    </svg>
    <figcaption>
      <label
        >Taken off
        <input
          type="range"
          class="range range-xs"
          min="0"
          max={layers.length}
          aria-label="Layers taken off"
          aria-valuetext="{peeled} of {layers.length} layers"
          bind:value={peeled}
        /></label
      >
      <label
        >Drawn apart
        <input
          type="range"
          class="range range-xs"
          min="0"
          max="60"
          step="5"
          aria-label="Layers drawn apart"
          bind:value={open}
        /></label
      >
      <label
        >Turned
        <input
          type="range"
          class="range range-xs"
          min="-180"
          max="180"
          step="5"
          aria-label="The pack turned by"
          bind:value={turn}
        /></label
      >
    </figcaption>
  </figure>
  <ol aria-label="Layers from the outside inward">
    {#each list as each (each.layer)}
      <li class:off={each.off}>
        <b>{each.name}</b>{#if each.off}, taken off{/if}
        <span class="quiet block text-xs">{each.said}</span>
      </li>
    {/each}
    <li>
      <b>{bench.pack.item.name ?? 'The item'}</b> <span class="quiet text-xs">{sizeText(bench.pack.item.sizeMm)}</span>
    </li>
  </ol>
  <MeasuredCut {bench} view="front" />
  <MeasuredCut {bench} view="above" />
</section>

<style>
  .whole {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
    gap: 1rem;
    align-items: start;
  }
  svg {
    width: 100%;
    height: 24rem;
    touch-action: pan-y;
    cursor: grab;
  }
  polygon {
    --tone: var(--color-base-300);
    fill: color-mix(in oklab, var(--tone) var(--lit), color-mix(in oklab, var(--tone) 55%, var(--color-base-content)));
    stroke: var(--color-base-content);
    stroke-width: 0.75px;
    stroke-linejoin: round;
    vector-effect: non-scaling-stroke;
  }
  .board {
    --tone: color-mix(in oklab, var(--color-accent) 45%, var(--color-base-200));
  }
  .foam,
  .pad,
  .block {
    --tone: color-mix(in oklab, var(--color-info) 30%, var(--color-base-200));
  }
  .wrap {
    --tone: color-mix(in oklab, var(--color-success) 25%, var(--color-base-200));
  }
  .item {
    --tone: color-mix(in oklab, var(--color-base-content) 35%, var(--color-base-200));
  }
  text {
    fill: currentColor;
    font-weight: 600;
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 3px;
    vector-effect: non-scaling-stroke;
  }
  label {
    display: grid;
    grid-template-columns: 7rem 1fr;
    align-items: center;
    gap: 0.5rem;
    font-size: 0.8125rem;
  }
  ol {
    display: grid;
    gap: 0.25rem;
    padding-left: 1.25rem;
    list-style: decimal;
  }
  .off b {
    font-weight: 500;
    text-decoration: line-through;
  }
</style>
