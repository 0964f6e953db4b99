<!-- How the pieces of a set stand, seen from above: their places and the lettered strips between them. -->
<script lang="ts">
  import type { SetPlan } from '../api/client';
  import { length, lengthIn } from '../units';

  let { plan }: { plan: SetPlan } = $props();

  let text = $derived(Math.max(plan.sizeMm.length, plan.sizeMm.width) / 22);
  let l = $derived(plan.sizeMm.length);
  let w = $derived(plan.sizeMm.width);
</script>

<figure>
  <svg
    viewBox="{-2 * text} {-text} {l + 4 * text} {w + 3.2 * text}"
    role="img"
    aria-label="{plan.places.length} pieces seen from above in {length(l, 0)} by {length(w, 0)}, strips {plan.strips
      .map((s) => s.label)
      .join(', ') || 'none'}"
  >
    <rect class="outline" width={l} height={w} />
    {#each plan.places as place (place.number)}
      {@const y = w - place.yMm}
      {#if plan.round}
        <ellipse
          class="piece"
          class:up={place.narrowUp}
          cx={place.xMm}
          cy={y}
          rx={place.lengthMm / 2}
          ry={place.widthMm / 2}
        />
      {:else}
        <rect
          class="piece"
          class:up={place.narrowUp}
          x={place.xMm - place.lengthMm / 2}
          y={y - place.widthMm / 2}
          width={place.lengthMm}
          height={place.widthMm}
        />
      {/if}
      <text x={place.xMm} y={y + text / 3} font-size={text} text-anchor="middle"
        >{place.number}{place.narrowUp ? ' ▲' : ''}</text
      >
    {/each}
    {#each plan.strips as strip (strip.label)}
      <line x1={strip.fromXMm} y1={w - strip.fromYMm} x2={strip.toXMm} y2={w - strip.toYMm} />
      <text
        class="strip"
        x={strip.toXMm + (strip.toYMm === strip.fromYMm ? 0.4 * text : 0)}
        y={w - strip.toYMm + (strip.toYMm === strip.fromYMm ? text / 3 : -0.2 * text)}
        font-size={0.8 * text}
        text-anchor={strip.toYMm === strip.fromYMm ? 'start' : 'middle'}>{strip.label}</text
      >
    {/each}
    <text x={l / 2} y={w + 1.4 * text} font-size={text} text-anchor="middle">{lengthIn(l, 0)}</text>
    <text x={-0.6 * text} y={w / 2} font-size={text} text-anchor="middle" transform="rotate(-90 {-0.6 * text} {w / 2})"
      >{lengthIn(w, 0)}</text
    >
  </svg>
  <figcaption>
    Seen from above, front below{#if plan.places.some((p) => p.narrowUp)}; ▲ narrow end up{/if}.
    {plan.said.join(' ')}
  </figcaption>
</figure>

<style>
  figure {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem;
    align-items: center;
  }
  svg {
    height: 13rem;
    max-width: 100%;
  }
  figcaption {
    max-width: 26rem;
    font-size: 0.8125rem;
  }
  .outline {
    fill: var(--color-base-200);
    stroke: currentColor;
    vector-effect: non-scaling-stroke;
  }
  .piece {
    fill: color-mix(in oklab, var(--color-info) 18%, var(--color-base-100));
    stroke: currentColor;
    stroke-width: 0.75px;
    vector-effect: non-scaling-stroke;
  }
  .up {
    fill: color-mix(in oklab, var(--color-accent) 22%, var(--color-base-100));
  }
  line {
    stroke: var(--color-accent);
    stroke-width: 2.5px;
    vector-effect: non-scaling-stroke;
  }
  text {
    fill: currentColor;
  }
  .strip {
    font-weight: 650;
  }
</style>
