<!-- One piece as it lies while it is cut: depth by tone, with its figure. -->
<script lang="ts">
  import type { CutPiece } from '../api/client';
  import { length } from '../units';
  import { pathOf } from './bed';

  let { piece }: { piece: CutPiece } = $props();

  const same = (mm: number) => mm;
  let deepest = $derived(Math.max(1, ...piece.layers.map((l) => l.depthMm)));
  /** Shallow first, so that a deeper pocket lies on a shallower one. */
  let pockets = $derived(piece.layers.filter((l) => l.work !== 'mark').toSorted((a, b) => order(a) - order(b)));
  let up = $derived((mm: number) => piece.depthMm - mm);

  function order(layer: CutPiece['layers'][number]): number {
    return layer.depthMm + (layer.work === 'island' ? 0.01 : 0);
  }

  /** Where a figure stands: near the front edge of the first outline, each in another third of it. */
  function spot(outline: number[][], index: number): [number, number] {
    const xs = outline.map((p) => p[0]!);
    const ys = outline.map((p) => p[1]!);
    const part = [0.5, 0.2, 0.8][index % 3]!;
    return [
      Math.min(...xs) + (Math.max(...xs) - Math.min(...xs)) * part,
      Math.min(...ys) + (Math.max(...ys) - Math.min(...ys)) * (0.12 + 0.2 * (index % 4))
    ];
  }
</script>

<figure>
  <svg viewBox="-2 -2 {piece.widthMm + 4} {piece.depthMm + 4}" role="img" aria-label={piece.title}>
    <rect class="foam" width={piece.widthMm} height={piece.depthMm} />
    {#each pockets as layer (layer.name)}
      {#each layer.outlines as outline, i (i)}
        <path
          class={layer.work}
          class:edge={layer.work === 'cut' && i === layer.outlines.length - 1}
          style:--deep="{Math.round(15 + (55 * layer.depthMm) / deepest)}%"
          d={pathOf(outline, same, up)}
        />
      {/each}
    {/each}
    {#each piece.layers.filter((l) => l.name === 'not-cut') as layer (layer.name)}
      {#each layer.outlines as outline, i (i)}<path class="missed" d={pathOf(outline, same, up)} />{/each}
    {/each}
    {#each pockets.filter((l) => l.work === 'pocket') as layer, i (layer.name)}
      {@const [x, y] = spot(layer.outlines[0]!, i)}
      <text {x} y={up(y)} font-size={Math.max(8, piece.widthMm / 26)} text-anchor="middle">{length(layer.depthMm)}</text
      >
    {/each}
  </svg>
  <figcaption>
    {piece.title}
    {#each piece.missed as missed, i (i)}
      <p class="status-breaks">
        Not cut, narrower than the cut itself: {missed.what === 'slot' ? 'the slot of a tie' : 'an opening'}
        {length(missed.depthMm)} deep, {length(missed.xMm)} from the left and {length(missed.yMm)} from the front.
      </p>
    {/each}
  </figcaption>
</figure>

<style>
  svg {
    width: 100%;
    max-height: 16rem;
  }
  path,
  rect {
    stroke: currentColor;
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
  }
  .foam {
    fill: var(--color-base-200);
  }
  .pocket {
    fill: color-mix(in oklab, var(--color-base-content) var(--deep), var(--color-base-200));
    fill-opacity: 0.45;
  }
  .island {
    fill: var(--color-base-200);
  }
  .cut {
    fill: var(--color-base-100);
  }
  .missed {
    fill: none;
    stroke: var(--color-error);
    stroke-width: 2px;
    stroke-dasharray: 5 3;
  }
  .edge {
    fill: none;
  }
  text {
    fill: currentColor;
    stroke: var(--color-base-100);
    stroke-width: 3px;
    paint-order: stroke;
    vector-effect: non-scaling-stroke;
    font-weight: 650;
  }
  figcaption {
    font-size: 0.75rem;
  }
</style>
