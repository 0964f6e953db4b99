<!-- A blank folded up step by step, turned by slider, key or hand. -->
<script lang="ts">
  import type { BlankPiece } from '../api/client';
  import { drawn, look } from './blank';
  import { byHand } from './turning';

  let { blank }: { blank: BlankPiece } = $props();

  let moment = $state(0);
  let turn = $state(-30);

  const TILT = 0.5;
  const DEGREE = Math.PI / 180;

  let last = $derived(blank.folding.length - 1);
  let step = $derived(Math.min(Math.floor(moment / blank.perStep), blank.steps.length - 1));
  let panels = $derived(drawn(blank.folding[Math.min(moment, last)]!, turn * DEGREE, TILT));

  /** What is seen now fills the picture. */
  let view = $derived.by(() => {
    const seen = blank.folding[Math.min(moment, last)]!.flat().map((place) => look(place, turn * DEGREE, TILT).at);
    const left = Math.min(...seen.map((s) => s[0]));
    const top = Math.min(...seen.map((s) => s[1]));
    const wide = Math.max(...seen.map((s) => s[0])) - left;
    const high = Math.max(...seen.map((s) => s[1])) - top;
    const pad = 0.04 * Math.max(wide, high);
    return `${left - pad} ${top - pad} ${wide + 2 * pad} ${high + 2 * pad}`;
  });

  const turning = byHand(
    () => turn,
    (degrees) => (turn = degrees)
  );
</script>

<figure>
  <svg
    viewBox={view}
    role="img"
    aria-label="{blank.name}, folded {Math.round((100 * moment) / last)} per cent of the way"
    {...turning}
  >
    {#each panels as panel (panel.key)}
      <polygon points={panel.points} style:--lit="{Math.round(40 + 60 * panel.lit)}%" />
    {/each}
  </svg>
  <figcaption>
    <label
      >Folded
      <input
        type="range"
        class="range range-xs"
        min="0"
        max={last}
        aria-label="How far it is folded"
        aria-valuetext="step {step + 1} of {blank.steps.length}"
        bind:value={moment}
      /></label
    >
    <label
      >Turned
      <input
        type="range"
        class="range range-xs"
        min="-180"
        max="180"
        step="5"
        aria-label="Turned by"
        bind:value={turn}
      /></label
    >
    <ol>
      {#each blank.steps as words, i (i)}
        <li>
          <button
            type="button"
            class="plain-button"
            aria-current={moment > 0 && i === step ? 'step' : undefined}
            onclick={() => (moment = (i + 1) * blank.perStep)}>{words}</button
          >
        </li>
      {/each}
    </ol>
  </figcaption>
</figure>

<style>
  svg {
    width: 100%;
    height: 15rem;
    touch-action: pan-y;
    cursor: grab;
  }
  polygon {
    fill: color-mix(in oklab, var(--color-base-300) var(--lit), var(--color-base-content) 12%);
    fill-opacity: 0.88;
    stroke: currentColor;
    stroke-width: 1px;
    stroke-linejoin: round;
    vector-effect: non-scaling-stroke;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  ol {
    padding-left: 1.25rem;
    list-style: decimal;
  }
  li button {
    text-align: left;
  }
  [aria-current='step'] {
    font-weight: 650;
  }
  figcaption {
    font-size: 0.8125rem;
  }
</style>
