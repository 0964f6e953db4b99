<!-- The wall where the chosen blow lands: layers from item to carton, at rest above, at the peak below, to one scale. -->
<script lang="ts">
  import type { Drop } from '../api/client';
  import { hatchOf, materialOf, materials } from '../catalogue.svelte';
  import { capital, type FaceWord } from '../faces';
  import QuantityField from '../parts/QuantityField.svelte';
  import { area, length, shown, stress } from '../units';
  import type { Bench } from './bench.svelte';
  import { side, withSide } from './edit';

  let { bench, drop }: { bench: Bench; drop: Drop } = $props();

  const STUB = 30;
  /** Room at the left for the words. */
  const GUTTER = 74;
  const BAR = 34;
  const LABEL = 18;
  const GAP = 10;
  /** Room at the right for the words "board and slack". */
  const TAIL = 8;

  let width = $state(800);
  let evaluation = $derived(bench.evaluation!);

  interface Piece {
    key: string;
    layer: number;
    kind: string;
    rest: number;
    peak: number;
  }

  function piecesOf(face: FaceWord): Piece[] {
    const wall = evaluation.walls.find((w) => w.face === face)!;
    return wall.pieces.map((piece, index) => {
      const squeeze =
        piece.kind === 'cushion' ? (drop.layers.find((l) => l.layer === piece.layer)?.squeezeMm[face] ?? 0) : 0;
      return {
        key: `${piece.layer}-${index}`,
        layer: piece.layer,
        kind: piece.kind,
        rest: piece.thicknessMm,
        peak: piece.thicknessMm - squeeze
      };
    });
  }

  let walls = $derived(drop.faces.map((face) => ({ face: face as FaceWord, pieces: piecesOf(face as FaceWord) })));
  /** One scale for all walls of the blow, so that they can be compared. */
  let scale = $derived(
    (width - GUTTER - STUB - TAIL) /
      Math.max(1, ...walls.map((w) => w.pieces.reduce((sum, p) => sum + Math.max(0, p.rest), 0)))
  );

  /** Left and width in pixels, the outer carton at the same place at rest and at the peak. */
  function placed(pieces: Piece[], state: 'rest' | 'peak') {
    const total = pieces.reduce((sum, p) => sum + Math.max(0, p.rest), 0);
    let at = GUTTER + STUB + (total - pieces.reduce((sum, p) => sum + Math.max(0, p[state]), 0)) * scale;
    const start = at;
    const list = pieces.map((piece) => {
      const left = at;
      at += Math.max(0, piece[state]) * scale;
      return { ...piece, left, width: at - left };
    });
    return { start, list };
  }

  /** A label needs about so much; where cushions stand closer, each has a row of its own. */
  const LABEL_WIDTH = 250;
  const HALF_SMALL = 70;

  function cushions(list: { kind: string; left: number; width: number }[]): number[] {
    return list.filter((p) => p.kind === 'cushion').map((p) => p.left + p.width / 2);
  }

  /** How many rows of labels a wall needs. */
  function rows(list: { kind: string; left: number; width: number }[]): number {
    const middles = cushions(list);
    const close = middles.some((m, i) => i > 0 && m - middles[i - 1]! < LABEL_WIDTH);
    return close ? middles.length : 1;
  }

  /** Where a label has its middle: over its cushion, and wholly on the drawing. */
  function within(middle: number, half: number): number {
    return Math.min(Math.max(middle, half), Math.max(half, width - half));
  }

  function hatch(piece: Piece): string {
    const layer = bench.pack.layers[piece.layer];
    return piece.kind === 'gap' || !layer ? 'none' : `url(#${hatchOf(materialOf(layer))})`;
  }

  function atRest(face: FaceWord, layer: number): string {
    const cushion = evaluation.cushions.find((c) => c.layer === layer);
    const source = bench.pack.layers[layer];
    if (!cushion || source?.kind !== 'cushion') {
      return '';
    }
    const load = cushion.staticStressKpa[face];
    const bearing = cushion.bearingCm2[face] ?? 0;
    return `${materials.name(source.material)}${
      load === null ? ', bare here' : `, ${area(bearing)}, ${stress(load)} at rest`
    }`;
  }

  function atPeak(face: FaceWord, layer: number): string {
    const peak = drop.layers.find((l) => l.layer === layer);
    if (!peak?.acts) {
      return 'takes nothing';
    }
    return `${stress(peak.stressKpa[face] ?? 0)}, squeezed ${shown((peak.strain[face] ?? 0) * 100, 0)} %`;
  }

  /** Where two walls land at once, how much of the direction each takes. */
  let share = $derived(
    drop.layers
      .filter((l) => l.acts)
      .map((l) => {
        const source = bench.pack.layers[l.layer];
        return `${source ? materials.name(materialOf(source)) : 'foam'} takes ${shown(l.share * 100, 0)} %`;
      })
      .join(', ')
  );

  function setThickness(layer: number, face: FaceWord, value: number | undefined) {
    const source = bench.pack.layers[layer];
    if (source?.kind === 'cushion' && value !== undefined) {
      bench.put(`/layers/${layer}/thicknessMm`, withSide(source.thicknessMm, face, value));
    }
  }

  function thickness(layer: number, face: FaceWord): number {
    const source = bench.pack.layers[layer];
    return source?.kind === 'cushion' ? side(source.thicknessMm, face) : 0;
  }

  function problem(layer: number, face: FaceWord): string | undefined {
    return (
      bench.problemAt(`/layers/${layer}/thicknessMm/${face}`) ?? bench.problemAt(`/layers/${layer}/thicknessMm/all`)
    );
  }
</script>

<section aria-labelledby="path-title" class="path">
  <h2 id="path-title" class="font-semibold">
    The wall where this blow lands: {drop.blow.title.replace(/^Falls/, 'falls')}
  </h2>
  <div bind:clientWidth={width}>
    {#each walls as wall (wall.face)}
      {@const rest = placed(wall.pieces, 'rest')}
      {@const peak = placed(wall.pieces, 'peak')}
      {@const count = Math.max(rows(rest.list), rows(peak.list))}
      {@const top = count * LABEL}
      {@const below = top + 2 * BAR + GAP}
      {@const height = below + (count > 1 ? count * LABEL : 0) + 2}
      <div class="wall" style:height="{height}px" data-wall={wall.face}>
        <svg {width} {height} aria-hidden="true">
          {#each [{ placed: rest, top }, { placed: peak, top: top + BAR + GAP }] as row, index (index)}
            <rect
              class="item"
              x={row.placed.start - STUB}
              y={row.top}
              width={STUB}
              height={BAR}
              fill="url(#hatch-item)"
            />
            {#each row.placed.list as piece (piece.key)}
              <rect
                class={piece.kind}
                class:chosen={piece.layer === bench.chosenLayer && piece.kind !== 'gap'}
                x={piece.left}
                y={row.top}
                width={piece.width}
                height={BAR}
                fill={hatch(piece)}
              />
            {/each}
          {/each}
          <line class="travel" x1={rest.start} y1={top + BAR} x2={peak.start} y2={top + BAR + GAP} />
          {#if count > 1}
            {#each rest.list.filter((p) => p.kind === 'cushion') as piece, index (piece.key)}
              {@const later = peak.list.find((p) => p.key === piece.key)!}
              <line
                class="leader"
                x1={piece.left + piece.width / 2}
                y1={(index + 1) * LABEL - 2}
                x2={piece.left + piece.width / 2}
                y2={top}
              />
              <line
                class="leader"
                x1={later.left + later.width / 2}
                y1={below}
                x2={later.left + later.width / 2}
                y2={below + index * LABEL + 3}
              />
            {/each}
          {/if}
        </svg>
        <span class="caption" style:left="0" style:top="{top}px"
          ><b>{capital(wall.face)}</b><br /><span class="quiet">at rest</span></span
        >
        <span class="quiet caption" style:left="0" style:top="{top + BAR + GAP + 8}px">at the peak</span>
        {#each rest.list.filter((p) => p.kind === 'cushion') as piece, index (piece.key)}
          {@const later = peak.list.find((p) => p.key === piece.key)!}
          <span
            class="middle quiet caption"
            style:left="{within(piece.left + piece.width / 2, LABEL_WIDTH / 2)}px"
            style:top="{count > 1 ? index * LABEL : 0}px"
            style:max-width="{LABEL_WIDTH}px"
            title={atRest(wall.face, piece.layer)}>{atRest(wall.face, piece.layer)}</span
          >
          <span class="plate" style:left="{piece.left + piece.width / 2}px" style:top="{top + 3}px">
            <QuantityField
              kind="length"
              label="{materials.name(materialOf(bench.pack.layers[piece.layer]))}, {wall.face}, thickness"
              sheet={materials.sheetsOf(materialOf(bench.pack.layers[piece.layer]))[0]}
              value={thickness(piece.layer, wall.face)}
              disabled={bench.readOnly}
              problem={problem(piece.layer, wall.face)}
              onset={(value) => setThickness(piece.layer, wall.face, value)}
            />
          </span>
          <span
            class="plate small"
            style:left="{within(later.left + later.width / 2, HALF_SMALL)}px"
            style:top="{count > 1 ? below + index * LABEL : top + BAR + GAP + 8}px"
            >{atPeak(wall.face, piece.layer)}</span
          >
        {/each}
      </div>
    {/each}
  </div>
  <p>
    {#if drop.capped}
      {drop.blow.because}
    {:else}
      The item travels {length(drop.travelMm, 0)}. Of the blow {share}.
    {/if}
  </p>
</section>

<style>
  .path {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.25rem;
  }
  .wall {
    position: relative;
    overflow-x: clip;
    margin-bottom: 0.375rem;
  }
  svg {
    position: absolute;
    inset: 0;
  }
  rect {
    stroke: var(--board-line);
    stroke-width: 0.75;
  }
  rect.gap {
    stroke: none;
  }
  rect.cushion {
    stroke: var(--foam-line);
  }
  rect.item {
    stroke: var(--color-base-content);
  }
  rect.chosen {
    stroke: var(--color-base-content);
    stroke-width: 1.5;
  }
  .travel {
    stroke: var(--color-error);
    stroke-dasharray: 3 3;
  }
  .leader {
    stroke: var(--color-base-content);
    stroke-width: 0.75;
    opacity: 0.5;
  }
  .caption {
    position: absolute;
    font-size: 0.75rem;
    font-stretch: 85%;
    white-space: nowrap;
  }
  .middle {
    overflow: hidden;
    text-overflow: ellipsis;
    transform: translateX(-50%);
  }
  .plate {
    position: absolute;
    transform: translateX(-50%);
    padding: 0 0.125rem;
    background: var(--color-base-100);
  }
  .plate.small {
    padding: 0 0.25rem;
    font-size: 0.75rem;
    font-stretch: 85%;
    white-space: nowrap;
  }
</style>
