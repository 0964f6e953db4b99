<!-- The ride of a journey: level over frequency, both in powers of ten. -->
<script lang="ts">
  let { points }: { points: number[][] } = $props();

  const W = 260;
  const H = 90;
  const LEFT = 40;
  const BOTTOM = 22;
  let fs = $derived(points.map((p) => Math.log10(p[0]!)));
  let gs = $derived(points.map((p) => Math.log10(p[1]!)));
  let low = $derived(Math.floor(Math.min(...gs)));
  let high = $derived(Math.ceil(Math.max(...gs)));
  let from = $derived(Math.min(...fs));
  let to = $derived(Math.max(...fs));
  const x = (f: number) => LEFT + ((f - from) / (to - from || 1)) * (W - LEFT - 6);
  const y = (g: number) => 6 + ((high - g) / (high - low || 1)) * (H - BOTTOM - 6);
</script>

<svg viewBox="0 0 {W} {H}" role="img" aria-label="Level of the ride over frequency, {points.length} points">
  <line x1={LEFT} x2={W - 6} y1={H - BOTTOM} y2={H - BOTTOM} />
  <line x1={LEFT} x2={LEFT} y1="6" y2={H - BOTTOM} />
  <path d={points.map((_, i) => `${i ? 'L' : 'M'}${x(fs[i]!)} ${y(gs[i]!)}`).join('')} />
  <text x={LEFT - 4} y="12" text-anchor="end">10^{high}</text>
  <text x={LEFT - 4} y={H - BOTTOM} text-anchor="end">10^{low}</text>
  <text x={LEFT} y={H - 8}>{points[0]![0]} Hz</text>
  <text x={W - 6} y={H - 8} text-anchor="end">{points.at(-1)![0]} Hz</text>
  <text x={LEFT + 4} y="14">g²/Hz</text>
</svg>

<style>
  svg {
    max-width: 18rem;
    font-size: 9px;
  }
  text {
    fill: var(--color-base-content);
  }
  line {
    stroke: var(--color-base-content);
  }
  path {
    fill: none;
    stroke: var(--color-accent);
    stroke-width: 2;
  }
</style>
