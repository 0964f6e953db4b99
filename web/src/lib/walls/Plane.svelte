<!-- Proposed walls as small sections on a plane of two chosen measures. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Proposal } from '../api/client';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import SmallSection from '../parts/SmallSection.svelte';
  import { spread } from './spread';
  import type { Measure } from './walls';

  let {
    walls,
    measures,
    chosen,
    onpick,
    words
  }: {
    walls: Proposal[];
    measures: Measure[];
    chosen: number[];
    onpick: (index: number) => void;
    words: (wall: Proposal) => string;
  } = $props();

  const HEIGHT = 330;
  const LEFT = 64;
  const BOTTOM = 34;
  const PIECE = { width: 62, height: 40 };

  let width = $state(760);
  let acrossKey = $state<Measure['key']>('size');
  let upKey = $state<Measure['key']>('margin');
  let across = $derived(measures.find((m) => m.key === acrossKey) ?? measures[0]!);
  let up = $derived(measures.find((m) => m.key === upKey) ?? measures[1]!);
  let x = $derived(scaled(across, LEFT + PIECE.width / 2, width - PIECE.width / 2 - 4));
  let y = $derived(scaled(up, HEIGHT - BOTTOM - PIECE.height / 2, PIECE.height / 2 + 4));
  let options = $derived(measures.map((m) => ({ value: m.key, text: m.name })));

  let spots = $derived(walls.map((wall) => ({ x: x(across.of(wall) ?? 0), y: y(up.of(wall) ?? 0) })));
  let places = $derived(
    spread(spots, PIECE, {
      left: LEFT + PIECE.width / 2,
      right: width - PIECE.width / 2 - 4,
      top: PIECE.height / 2 + 4,
      bottom: HEIGHT - BOTTOM - PIECE.height / 2
    })
  );

  function scaled(measure: Measure, from: number, to: number) {
    const values = walls.map((w) => measure.of(w) ?? 0);
    const low = Math.min(...values);
    const high = Math.max(...values);
    const room = high > low ? 0 : Math.max(1, Math.abs(high)) * 0.1;
    return scaleLinear([low - room, high + room], [from, to]);
  }
</script>

<p>
  Across: <ChoiceField label="Measure across" value={across.key} {options} onset={(key) => (acrossKey = key)} />, up:
  <ChoiceField label="Measure up" value={up.key} {options} onset={(key) => (upKey = key)} />
</p>
<div class="plane" bind:clientWidth={width} style:height="{HEIGHT}px">
  <svg {width} height={HEIGHT} aria-hidden="true">
    {#each x.ticks(6) as tick (tick)}
      <line x1={x(tick)} x2={x(tick)} y1="0" y2={HEIGHT - BOTTOM} />
      <text x={x(tick)} y={HEIGHT - 18} text-anchor="middle">{across.tick(tick)}</text>
    {/each}
    {#each y.ticks(5) as tick (tick)}
      <line x1={LEFT} x2={width} y1={y(tick)} y2={y(tick)} />
      <text x={LEFT - 6} y={y(tick) + 4} text-anchor="end">{up.tick(tick)}</text>
    {/each}
    {#each spots as spot, index (index)}
      <line class="leader" x1={spot.x} y1={spot.y} x2={places[index]!.x} y2={places[index]!.y} />
      <circle cx={spot.x} cy={spot.y} r="2.5" />
    {/each}
    <text x={width - 4} y={HEIGHT - 3} text-anchor="end">{across.name}</text>
    <text x="2" y="11">{up.name}</text>
  </svg>
  {#each walls as wall, index (index)}
    <button
      type="button"
      class="piece"
      class:chosen={chosen.includes(index)}
      aria-pressed={chosen.includes(index)}
      aria-label="Wall {index + 1}: {words(wall)}; {across.text(wall)}; {up.text(wall)}"
      title="{index + 1}. {words(wall)}"
      style:left="{places[index]!.x - PIECE.width / 2}px"
      style:top="{places[index]!.y - PIECE.height / 2}px"
      style:width="{PIECE.width}px"
      style:height="{PIECE.height}px"
      onclick={() => onpick(index)}
    >
      <SmallSection solids={wall.solids} materials={wall.materials} />
      <span>{index + 1}</span>
    </button>
  {/each}
</div>

<style>
  .plane {
    position: relative;
    overflow: hidden;
  }
  line {
    stroke: var(--color-base-300);
  }
  .leader {
    stroke: var(--color-base-content);
    stroke-width: 0.75;
  }
  circle {
    fill: var(--color-base-content);
  }
  text {
    fill: var(--color-base-content);
    font-size: 11px;
  }
  .piece {
    position: absolute;
    border: 1px solid transparent;
    cursor: pointer;
  }
  .piece span {
    position: absolute;
    top: -2px;
    right: 0;
    padding: 0 2px;
    background: var(--color-base-100);
    font-size: 11px;
    font-weight: 650;
  }
  .piece:hover,
  .piece:focus-visible,
  .chosen {
    z-index: 1;
    border-color: var(--color-accent);
    background: var(--color-base-100);
  }
  .chosen {
    border-width: 2px;
  }
</style>
