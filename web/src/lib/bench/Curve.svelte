<!-- A curve with its axes, the limit, the range that holds and where the pack stands; its values in a table below. -->
<script lang="ts">
  import { scaleLinear, scaleLog } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { CurveData } from '../api/client';
  import { figure } from '../units';

  let { curve, stand = 'the pack stands' }: { curve: CurveData; /** What the marked spot is. */ stand?: string } =
    $props();

  const HEIGHT = 170;
  const LEFT = 46;
  const RIGHT = 8;
  const TOP = 14;
  const BOTTOM = 22;

  let width = $state(360);
  let hovered = $state<number | null>(null);

  let points = $derived(curve.points as [number, number][]);
  let density = $derived(curve.yUnit === 'g2/Hz');
  let x = $derived(scaleLog([points[0]![0], points.at(-1)![0]], [LEFT, width - RIGHT]));
  let y = $derived.by(() => {
    const values = points.map((p) => p[1]);
    const range = [HEIGHT - BOTTOM, TOP];
    if (density) {
      return scaleLog([Math.max(1e-9, Math.min(...values)), Math.max(...values)], range).clamp(true);
    }
    // A curve that shoots up at its ends is cut where nothing is decided any more.
    const reference = Math.max(curve.limit ?? 0, curve.operating[1]!, Math.min(...values));
    return scaleLinear([0, Math.min(Math.max(...values, reference), 2 * reference) * 1.08], range).clamp(true);
  });
  let drawn = $derived(
    line<[number, number]>(
      (p) => x(p[0]),
      (p) => y(p[1])
    ).defined((p) => density || p[1] <= y.domain()[1]!)(points) ?? ''
  );
  let xTicks = $derived(x.ticks(4).filter((t) => /^[125]/.test(t.toExponential())));
  let yTicks = $derived(density ? y.ticks(3).filter((t) => /^1e/.test(t.toExponential())) : y.ticks(4));
  let at = $derived(hovered === null ? null : points[hovered]);

  function hover(event: PointerEvent & { currentTarget: SVGSVGElement }) {
    const px = event.clientX - event.currentTarget.getBoundingClientRect().left;
    const value = x.invert(px);
    const next = points.findIndex((p) => p[0] >= value);
    hovered = next < 0 ? points.length - 1 : next;
  }
</script>

<figure bind:clientWidth={width}>
  <svg
    {width}
    height={HEIGHT}
    role="img"
    aria-label="{curve.yName} in {curve.yUnit} over {curve.xName} in {curve.xUnit}; {stand} at {figure(
      curve.operating[0]!
    )} {curve.xUnit}, {figure(curve.operating[1]!)} {curve.yUnit}"
    onpointermove={hover}
    onpointerleave={() => (hovered = null)}
  >
    {#each curve.band as [from, to] (from)}
      <rect class="band" x={x(from!)} y={TOP} width={Math.max(0, x(to!) - x(from!))} height={HEIGHT - TOP - BOTTOM} />
      {#if x(to!) - x(from!) > 70}
        <text x={(x(from!) + x(to!)) / 2} y={TOP - 3} text-anchor="middle">holds here</text>
      {/if}
    {/each}
    {#each yTicks as tick (tick)}
      <line class="grid" x1={LEFT} x2={width - RIGHT} y1={y(tick)} y2={y(tick)} />
      <text x={LEFT - 5} y={y(tick) + 4} text-anchor="end">{density ? tick.toExponential(0) : figure(tick)}</text>
    {/each}
    {#each xTicks as tick (tick)}
      <line class="grid" x1={x(tick)} x2={x(tick)} y1={HEIGHT - BOTTOM} y2={HEIGHT - BOTTOM + 4} />
      <text x={x(tick)} y={HEIGHT - 6} text-anchor="middle">{figure(tick)}</text>
    {/each}
    {#if curve.limit !== null}
      <line class="limit" x1={LEFT} x2={width - RIGHT} y1={y(curve.limit)} y2={y(curve.limit)} />
    {/if}
    <path class="curve" d={drawn} />
    <circle class="stand" cx={x(curve.operating[0]!)} cy={y(curve.operating[1]!)} r="5" />
    {#if at}
      <line class="grid" x1={x(at[0])} x2={x(at[0])} y1={TOP} y2={HEIGHT - BOTTOM} />
    {/if}
  </svg>
  <p class="caption quiet">
    {#if at}
      {figure(at[0])} {curve.xUnit}: {density ? at[1].toExponential(1) : figure(at[1])} {curve.yUnit}
    {:else}
      {curve.xName}, {curve.xUnit}; {curve.yName}, {curve.yUnit}
    {/if}
  </p>
  <details>
    <summary class="quiet">The curve as a table</summary>
    <table>
      <thead><tr><th>{curve.xUnit}</th><th>{curve.yUnit}</th></tr></thead>
      <tbody>
        {#each points.filter((_, i) => i % 8 === 0) as [px, py] (px)}
          <tr><td>{figure(px)}</td><td>{density ? py.toExponential(2) : figure(py)}</td></tr>
        {/each}
      </tbody>
    </table>
  </details>
</figure>

<style>
  svg {
    display: block;
  }
  text {
    fill: var(--color-base-content);
    font-size: 11px;
  }
  .band {
    fill: color-mix(in oklab, var(--color-success) 16%, transparent);
  }
  .grid {
    stroke: var(--color-base-300);
  }
  .limit {
    stroke: var(--color-error);
    stroke-width: 1.5;
  }
  .curve {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 1.75;
  }
  .stand {
    fill: var(--color-base-100);
    stroke: var(--color-error);
    stroke-width: 2.5;
  }
  .caption,
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
