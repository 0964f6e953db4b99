<!-- The pulse the item feels: acceleration over time, its limit, and where the picture stands. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { Moment, Simulation } from '../api/client';
  import { figure, numberOf, shown, unitOf } from '../units';

  let {
    simulation,
    limit,
    at,
    onpick
  }: { simulation: Simulation; limit: number | null; at: number; onpick: (ms: number) => void } = $props();

  const HEIGHT = 150;
  const LEFT = 40;
  const RIGHT = 8;
  const TOP = 10;
  const BOTTOM = 20;

  let width = $state(360);
  let end = $derived(simulation.moments.at(-1)!.ms);
  let x = $derived(scaleLinear([0, end], [LEFT, width - RIGHT]));
  let y = $derived(scaleLinear([0, Math.max(simulation.peakG, limit ?? 0) * 1.08], [HEIGHT - BOTTOM, TOP]));
  let drawn = $derived(
    line<Moment>(
      (m) => x(m.ms),
      (m) => y(m.g)
    )(simulation.moments) ?? ''
  );

  function pick(event: PointerEvent & { currentTarget: SVGSVGElement }) {
    if (event.buttons > 0 || event.type === 'pointerdown') {
      const px = event.clientX - event.currentTarget.getBoundingClientRect().left;
      onpick(Math.min(end, Math.max(0, x.invert(px))));
    }
  }
</script>

<div bind:clientWidth={width}>
  <svg
    {width}
    height={HEIGHT}
    role="img"
    aria-label="Acceleration of the item in G over time in ms; peak {figure(simulation.peakG)} G at {figure(
      simulation.peakMs
    )} ms{limit === null ? '' : `, it bears ${figure(limit)} G`}"
    onpointerdown={pick}
    onpointermove={pick}
  >
    {#each y.ticks(4) as tick (tick)}
      <line class="grid" x1={LEFT} x2={width - RIGHT} y1={y(tick)} y2={y(tick)} />
      <text x={LEFT - 5} y={y(tick) + 4} text-anchor="end">{figure(tick)}</text>
    {/each}
    <text x={LEFT + 4} y={TOP + 4}>G</text>
    {#each x.ticks(5) as tick (tick)}
      <text x={x(tick)} y={HEIGHT - 5} text-anchor="middle">{figure(tick)}</text>
    {/each}
    <text x={width - RIGHT} y={HEIGHT - 5} text-anchor="end">ms</text>
    {#if limit !== null}
      <line class="limit" x1={LEFT} x2={width - RIGHT} y1={y(limit)} y2={y(limit)} />
      <text x={width - RIGHT} y={y(limit) - 4} text-anchor="end">bears {figure(limit)} G</text>
    {/if}
    <path d={drawn} />
    <line class="cursor" x1={x(at)} x2={x(at)} y1={TOP} y2={HEIGHT - BOTTOM} />
  </svg>
  <details>
    <summary class="quiet">The pulse as a table</summary>
    <table>
      <thead><tr><th>ms</th><th>G</th><th>{unitOf('velocity')}</th></tr></thead>
      <tbody>
        {#each simulation.moments.filter((_, i) => i % 8 === 0) as m (m.ms)}
          <tr><td>{shown(m.ms, 2)}</td><td>{figure(m.g)}</td><td>{figure(numberOf('velocity', m.velocityMps))}</td></tr>
        {/each}
      </tbody>
    </table>
  </details>
</div>

<style>
  svg {
    display: block;
    touch-action: none;
    cursor: ew-resize;
  }
  text {
    fill: var(--color-base-content);
    font-size: 11px;
  }
  path {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 1.75;
  }
  .grid {
    stroke: var(--color-base-300);
  }
  .limit {
    stroke: var(--color-error);
    stroke-width: 1.5;
  }
  .cursor {
    stroke: var(--color-accent);
    stroke-width: 2;
  }
  details {
    font-size: 0.75rem;
  }
  summary {
    min-height: 1.5rem;
    cursor: pointer;
  }
  td,
  th {
    padding-right: 1.5rem;
    text-align: right;
  }
</style>
