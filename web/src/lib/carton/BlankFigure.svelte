<!-- A blank on the flat, to scale: cut, score, perforation and glue each with a line of its own, and its dimensions. -->
<script lang="ts">
  import type { BlankPiece, Joined } from '../api/client';
  import { length, lengthIn } from '../units';
  import { scoresAlong } from './blank';

  let { blank, joints }: { blank: BlankPiece; joints?: Joined } = $props();

  let margin = $derived(Math.max(blank.widthMm, blank.heightMm) * 0.09);
  let text = $derived(Math.max(blank.widthMm, blank.heightMm * 1.2) / 42);
  let up = $derived((y: number) => blank.heightMm - y);
  let across = $derived(scoresAlong(blank, 0));
  let down = $derived(scoresAlong(blank, 1));

  function path(places: number[][]): string {
    return places.map((p, i) => `${i === 0 ? 'M' : 'L'}${p[0]} ${up(p[1]!)}`).join('') + 'Z';
  }
</script>

<figure>
  <svg
    viewBox="{-margin} {-margin * 0.3} {blank.widthMm + 1.3 * margin} {blank.heightMm + 1.3 * margin}"
    role="img"
    aria-label="{blank.title}, {length(blank.widthMm, 1)} by {length(blank.heightMm, 1)}"
  >
    {#each blank.layers.filter((l) => l.work === 'cut') as layer (layer.name)}
      {#each layer.outlines as outline, i (i)}<path class="board" d={path(outline)} />{/each}
    {/each}
    {#each blank.layers.filter((l) => l.work === 'glue') as layer (layer.name)}
      {#each layer.outlines as outline, i (i)}<path class="glue" d={path(outline)} />{/each}
    {/each}
    {#each blank.layers as layer (layer.name)}
      {#each layer.strokes as [from, to], i (i)}
        <line class={layer.work} x1={from![0]} y1={up(from![1]!)} x2={to![0]} y2={up(to![1]!)} />
      {/each}
    {/each}
    {#each joints?.acrossMm ?? [] as x (x)}<line class="joint" x1={x} y1="0" x2={x} y2={blank.heightMm} />{/each}
    {#each joints?.alongMm ?? [] as y (y)}<line class="joint" x1="0" y1={up(y)} x2={blank.widthMm} y2={up(y)} />{/each}
    {#each blank.labels as label, i (i)}
      <text class="label" x={label.xMm} y={up(label.yMm)} font-size={label.heightMm}>{label.words}</text>
    {/each}
    {#each across as [from, to], i (i)}
      {@const y = blank.heightMm + margin * 0.35}
      <line class="dim" x1={from} y1={y} x2={to} y2={y} />
      <line class="dim" x1={from} y1={y - text / 2} x2={from} y2={y + text / 2} />
      <line class="dim" x1={to} y1={y - text / 2} x2={to} y2={y + text / 2} />
      {#if to - from > text * 3.2}
        <text class="size" x={(from + to) / 2} y={y + text * 1.15} font-size={text} text-anchor="middle"
          >{lengthIn(to - from, 1)}</text
        >
      {/if}
    {/each}
    {#each down as [from, to], i (i)}
      {@const x = -margin * 0.35}
      {@const middle = up((from + to) / 2)}
      <line class="dim" x1={x} y1={up(from)} x2={x} y2={up(to)} />
      <line class="dim" x1={x - text / 2} y1={up(from)} x2={x + text / 2} y2={up(from)} />
      <line class="dim" x1={x - text / 2} y1={up(to)} x2={x + text / 2} y2={up(to)} />
      {#if to - from > text * 3.2}
        <text
          class="size"
          x={x - text * 0.4}
          y={middle}
          font-size={text}
          text-anchor="middle"
          transform="rotate(-90 {x - text * 0.4} {middle})">{lengthIn(to - from, 1)}</text
        >
      {/if}
    {/each}
  </svg>
  <figcaption>
    {blank.title}: {length(blank.widthMm, 1)} × {length(blank.heightMm, 1)}
    {#if blank.steps.length > 0}
      <span class="key"
        ><svg viewBox="0 0 24 6" aria-hidden="true"><line class="cut" x1="0" y1="3" x2="24" y2="3" /></svg> cut
        <svg viewBox="0 0 24 6" aria-hidden="true"><line class="score" x1="0" y1="3" x2="24" y2="3" /></svg> score
        {#if blank.layers.some((l) => l.work === 'perforation')}
          <svg viewBox="0 0 24 6" aria-hidden="true"><line class="perforation" x1="0" y1="3" x2="24" y2="3" /></svg> perforation
        {/if}
        <svg viewBox="0 0 24 6" aria-hidden="true"><rect class="glue" width="24" height="6" /></svg> glue or tape</span
      >
    {/if}
  </figcaption>
</figure>

<style>
  figure > svg {
    width: 100%;
    max-height: 22rem;
  }
  .board {
    fill: var(--color-base-200);
    stroke: currentColor;
    stroke-width: 1.5px;
  }
  line {
    stroke: currentColor;
    stroke-width: 1.25px;
  }
  path,
  line {
    vector-effect: non-scaling-stroke;
  }
  .score {
    stroke: var(--color-accent);
    stroke-dasharray: 7 3;
  }
  .perforation {
    stroke: var(--color-accent);
    stroke-dasharray: 2 2;
  }
  .joint {
    stroke: var(--color-error);
    stroke-width: 2px;
    stroke-dasharray: 10 3 2 3;
  }
  .glue {
    fill: var(--color-warning);
    fill-opacity: 0.25;
    stroke: none;
  }
  .dim {
    stroke-width: 0.75px;
    opacity: 0.6;
  }
  .label {
    opacity: 0.7;
  }
  text {
    fill: currentColor;
  }
  .size {
    font-weight: 600;
  }
  figcaption {
    font-size: 0.75rem;
  }
  .key {
    display: block;
  }
  .key svg {
    display: inline-block;
    width: 1.5rem;
    height: 0.4rem;
    vertical-align: middle;
    margin-left: 0.5rem;
  }
</style>
