<!-- The pack cut through, to scale, with the size of the item and of each layer round it. -->
<script lang="ts">
  import type { Bench } from '../bench/bench.svelte';
  import { materialOf } from '../catalogue.svelte';
  import { type View, VIEW_AXES, VIEW_NAME } from '../faces';
  import Cut from '../parts/Cut.svelte';
  import { length, lengthIn } from '../units';
  import { layersOf } from './solid';

  let { bench, view }: { bench: Bench; view: View } = $props();

  const WIDTH = 400;
  const STEP = 13;
  const EDGE = 6;

  let solids = $derived(bench.evaluation!.solids);
  let axes = $derived(VIEW_AXES[view]);
  /** The item and what is in each layer, from the item outward. */
  let rounds = $derived(
    [null, ...layersOf(solids)].map((layer) => {
      const of = solids.filter((s) => s.layer === null || (layer !== null && s.layer <= layer));
      const ends = (axis: number) => [
        Math.min(...of.map((s) => s.minMm[axis]!)),
        Math.max(...of.map((s) => s.maxMm[axis]!))
      ];
      return { layer, across: ends(axes.across) as [number, number], up: ends(axes.up) as [number, number] };
    })
  );
  let lines = $derived(rounds.length * STEP + EDGE);
  let outer = $derived(rounds.at(-1)!);
  let scale = $derived(
    Math.min(
      (WIDTH - lines - 2 * EDGE) / (outer.across[1] - outer.across[0]),
      (WIDTH * 0.75) / (outer.up[1] - outer.up[0])
    )
  );
  let height = $derived((outer.up[1] - outer.up[0]) * scale + lines + 2 * EDGE);
  let x = $derived(lines + EDGE - outer.across[0] * scale);
  let y = $derived(EDGE + outer.up[1] * scale);
  let name = $derived(view === 'above' ? 'Plan' : 'Section');
</script>

<figure>
  <svg
    viewBox="0 0 {WIDTH} {height}"
    role="img"
    aria-label="{name} to scale, {length(outer.across[1] - outer.across[0], 0)} by {length(
      outer.up[1] - outer.up[0],
      0
    )} outside"
  >
    <Cut {solids} materials={bench.pack.layers.map(materialOf)} {view} {scale} {x} {y} />
    {#each rounds as round, i (round.layer)}
      {@const below = y - outer.up[0] * scale + 5 + i * STEP}
      {@const beside = x + outer.across[0] * scale - 5 - i * STEP}
      {@const [left, right] = round.across.map((v) => x + v * scale) as [number, number]}
      {@const [low, high] = round.up.map((v) => y - v * scale) as [number, number]}
      <path d="M{left} {below}v6m0-3H{right}m0-3v6" />
      <text x={(left + right) / 2} y={below + 6}>{lengthIn(round.across[1] - round.across[0], 0)}</text>
      <path d="M{beside} {low}h-6m3 0V{high}m-3 0h6" />
      <text x={beside - 3} y={(low + high) / 2} transform="rotate(-90 {beside - 3} {(low + high) / 2})" dy="3"
        >{lengthIn(round.up[1] - round.up[0], 0)}</text
      >
    {/each}
  </svg>
  <figcaption>{name}, {VIEW_NAME[view].toLowerCase()}: the item and each layer round it</figcaption>
</figure>

<style>
  svg {
    width: 100%;
  }
  path {
    fill: none;
    stroke: currentColor;
    stroke-width: 0.6;
    opacity: 0.7;
  }
  text {
    font-size: 9px;
    font-weight: 600;
    text-anchor: middle;
    fill: currentColor;
    stroke: var(--color-base-100);
    stroke-width: 3px;
    paint-order: stroke;
  }
  figcaption {
    font-size: 0.8125rem;
  }
</style>
