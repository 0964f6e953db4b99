<!-- The section at one moment of a fall, turned so that what is struck lies on the floor. Projects what the server says. -->
<script lang="ts">
  import type { Evaluation, Moment, PackFile, Simulation, Solid } from '../api/client';
  import { hatchOf, materialOf } from '../catalogue.svelte';
  import { type FaceWord, facesOf, type View, VIEW_AXES } from '../faces';
  import { figure } from '../units';

  let {
    evaluation,
    pack,
    view,
    simulation,
    moment,
    size
  }: {
    evaluation: Evaluation;
    pack: PackFile;
    view: View;
    simulation: Simulation;
    moment: Moment;
    size: number;
  } = $props();

  const SIGN: Record<FaceWord, number> = { top: 1, right: 1, bottom: -1, left: -1, front: -1, back: 1 };

  let axes = $derived(VIEW_AXES[view]);
  let shown = $derived(evaluation.solids.filter((s) => s.face === null || facesOf(view).includes(s.face as FaceWord)));

  /** The fall's direction in this view, mm across and up per mm of travel. */
  let way = $derived.by(() => {
    let across = 0;
    let up = 0;
    simulation.faces.forEach((word, i) => {
      const face = word as FaceWord;
      const part = SIGN[face] * simulation.direction[i]!;
      if (face === axes.left || face === axes.right) {
        across = part;
      } else if (face === axes.top || face === axes.bottom) {
        up = part;
      }
    });
    return { across, up };
  });
  /** Turns the direction of the fall to straight down on the screen. */
  let turn = $derived(90 - (Math.atan2(-way.up, way.across) * 180) / Math.PI);

  /** How far what lies inward of this layer has moved, mm along the fall; the layer itself with it or not. */
  function moved(layer: number, itself: boolean): number {
    return simulation.layers.reduce(
      (sum, l, i) => (l.layer > layer || (itself && l.layer === layer) ? sum + (moment.travelMm[i] ?? 0) : sum),
      0
    );
  }

  function rect(solid: Solid) {
    const layer = solid.layer ?? -1;
    const cushion = solid.layer !== null && pack.layers[solid.layer]?.kind === 'cushion';
    const outer = moved(layer, false);
    let [left, right] = [solid.minMm[axes.across]!, solid.maxMm[axes.across]!];
    let [bottom, top] = [solid.minMm[axes.up]!, solid.maxMm[axes.up]!];
    left += outer * way.across;
    right += outer * way.across;
    bottom += outer * way.up;
    top += outer * way.up;
    const struck = solid.face !== null && simulation.faces.includes(solid.face);
    if (cushion && struck) {
      const squeeze = moved(layer, true) - outer;
      if (solid.face === axes.left) right += squeeze * way.across;
      if (solid.face === axes.right) left += squeeze * way.across;
      if (solid.face === axes.bottom) top += squeeze * way.up;
      if (solid.face === axes.top) bottom += squeeze * way.up;
    }
    return { x: left, y: -top, width: Math.max(0, right - left), height: Math.max(0, top - bottom) };
  }

  /** From the middle to the furthest corner: whichever way it is turned, the pack stays in the picture. */
  let half = $derived(
    Math.hypot(
      ...[axes.across, axes.up].map((a) =>
        Math.max(1, ...evaluation.solids.map((s) => Math.max(Math.abs(s.minMm[a]!), Math.abs(s.maxMm[a]!))))
      )
    ) * 1.02
  );
  let corners = $derived.by(() => {
    const low = (a: number) => Math.min(...evaluation.solids.map((s) => s.minMm[a]!));
    const high = (a: number) => Math.max(...evaluation.solids.map((s) => s.maxMm[a]!));
    const angle = (turn * Math.PI) / 180;
    return [low(axes.across), high(axes.across)].flatMap((u) =>
      [low(axes.up), high(axes.up)].map((v) => u * Math.sin(angle) - v * Math.cos(angle))
    );
  });
  let floor = $derived(Math.max(...corners));
  let ceiling = $derived(Math.min(...corners));
</script>

<svg
  width={size}
  height={size}
  viewBox="{-half} {(floor + ceiling) / 2 - half} {2 * half} {2 * half}"
  role="img"
  aria-label="The pack {figure(moment.ms)} ms after it touched the floor"
>
  <g transform="rotate({turn})">
    {#each shown as solid, index (index)}
      <rect
        {...rect(solid)}
        class={solid.part}
        fill="url(#{solid.layer === null ? 'hatch-item' : hatchOf(materialOf(pack.layers[solid.layer]))})"
      />
    {/each}
  </g>
  <line class="floor" x1={-half} x2={half} y1={floor} y2={floor} />
</svg>

<style>
  svg {
    flex: none;
  }
  rect {
    vector-effect: non-scaling-stroke;
    stroke-width: 0.75;
  }
  .item {
    stroke: var(--color-base-content);
    stroke-width: 1.5;
  }
  .wrap,
  .foam {
    stroke: none;
  }
  .pad,
  .block {
    stroke: var(--foam-line);
  }
  .board {
    stroke: var(--board-line);
  }
  .floor {
    vector-effect: non-scaling-stroke;
    stroke: var(--color-base-content);
    stroke-width: 3;
  }
</style>
