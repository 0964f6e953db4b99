<!-- The pack cut through, to scale: the solids of the evaluation projected into one view. Computes nothing else. -->
<script lang="ts">
  import type { Solid } from '../api/client';
  import { hatchOf } from '../catalogue.svelte';
  import { type FaceWord, facesOf, type View, VIEW_AXES } from '../faces';

  let {
    solids,
    materials,
    view,
    scale,
    x,
    y
  }: {
    solids: Solid[];
    /** Material of each layer. */
    materials: string[];
    view: View;
    /** Pixels per mm, and where the middle of the item lies. */
    scale: number;
    x: number;
    y: number;
  } = $props();

  let axes = $derived(VIEW_AXES[view]);
  let shown = $derived(
    solids
      .map((solid, index) => ({ solid, index }))
      // What faces the viewer would hide the rest; the cut shows what stands round the item in this plane.
      .filter(({ solid }) => solid.face === null || facesOf(view).includes(solid.face as FaceWord))
  );

  function rect(solid: Solid) {
    const { across, up } = axes;
    return {
      x: x + solid.minMm[across]! * scale,
      y: y - solid.maxMm[up]! * scale,
      width: (solid.maxMm[across]! - solid.minMm[across]!) * scale,
      height: (solid.maxMm[up]! - solid.minMm[up]!) * scale
    };
  }

  function fill(solid: Solid): string {
    return `url(#${solid.layer === null ? 'hatch-item' : hatchOf(materials[solid.layer] ?? '')})`;
  }
</script>

<g>
  {#each shown as { solid, index } (index)}
    <rect {...rect(solid)} class={solid.part} fill={fill(solid)} data-solid={index} data-part={solid.part} />
  {/each}
</g>

<style>
  rect {
    stroke-width: 0.75;
  }
  .item {
    stroke: var(--color-base-content);
    stroke-width: 1.5;
  }
  .wrap {
    stroke: none;
  }
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
</style>
