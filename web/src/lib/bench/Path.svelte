<!-- The wall where the chosen blow lands: layers from item to carton, at rest above, at the peak below, to one scale. -->
<script lang="ts">
  import type { Drop } from '../api/client';
  import { hatchOf, materialOf, materials } from '../catalogue.svelte';
  import { capital, type FaceWord } from '../faces';
  import QuantityField from '../parts/QuantityField.svelte';
  import { figure, inHouse, length, shown } from '../units';
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

  /** How wide a label over this middle may be without meeting its neighbours or leaving the drawing. */
  function room(list: { kind: string; left: number; width: number }[], middle: number): number {
    const others = list.filter((p) => p.kind === 'cushion').map((p) => p.left + p.width / 2);
    const distances = others.filter((other) => other !== middle).map((other) => Math.abs(other - middle));
    return Math.min(...distances, 2 * (width - middle), 2 * middle) - 12;
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
    const area = cushion.bearingCm2[face] ?? 0;
    return `${materials.name(source.material)}${
      load === null ? ', bare here' : `, ${shown(area, 0)} cm², ${figure(load)} kPa at rest`
    }`;
  }

  function atPeak(face: FaceWord, layer: number): string {
    const peak = drop.layers.find((l) => l.layer === layer);
    if (!peak?.acts) {
      return 'takes nothing';
    }
    return `${figure(peak.stressKpa[face] ?? 0)} kPa, squeezed ${shown((peak.strain[face] ?? 0) * 100, 0)} %`;
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
      <div class="wall" style:height="{2 * BAR + LABEL + GAP + 2}px" data-wall={wall.face}>
        <svg {width} height={2 * BAR + LABEL + GAP + 2} aria-hidden="true">
          {#each [{ placed: rest, top: LABEL }, { placed: peak, top: LABEL + BAR + GAP }] as row, index (index)}
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
          <line class="travel" x1={rest.start} y1={LABEL + BAR} x2={peak.start} y2={LABEL + BAR + GAP} />
        </svg>
        <span class="caption" style:left="0" style:top="{LABEL}px"
          ><b>{capital(wall.face)}</b><br /><span class="quiet">at rest</span></span
        >
        <span class="quiet caption" style:left="0" style:top="{LABEL + BAR + GAP + 8}px">at the peak</span>
        {#each rest.list.filter((p) => p.kind === 'cushion') as piece (piece.key)}
          {@const later = peak.list.find((p) => p.key === piece.key)!}
          <span
            class="middle quiet caption"
            style:left="{piece.left + piece.width / 2}px"
            style:top="0"
            style:max-width="{room(rest.list, piece.left + piece.width / 2)}px"
            title={atRest(wall.face, piece.layer)}>{atRest(wall.face, piece.layer)}</span
          >
          <span class="plate" style:left="{piece.left + piece.width / 2}px" style:top="{LABEL + 3}px">
            <QuantityField
              kind="length"
              label="{materials.name(materialOf(bench.pack.layers[piece.layer]!))}, {wall.face}, thickness"
              sheet={materials.sheetsOf(materialOf(bench.pack.layers[piece.layer]!))[0]}
              value={thickness(piece.layer, wall.face)}
              disabled={bench.readOnly}
              problem={problem(piece.layer, wall.face)}
              onset={(value) => setThickness(piece.layer, wall.face, value)}
            />
          </span>
          <span
            class="plate small"
            style:left="{Math.min(width - 70, later.left + later.width / 2)}px"
            style:top="{LABEL + BAR + GAP + 8}px">{atPeak(wall.face, piece.layer)}</span
          >
        {/each}
      </div>
    {/each}
  </div>
  <p>
    {#if drop.capped}
      {inHouse(drop.blow.because)}
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
