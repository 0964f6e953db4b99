<!-- A cutter that is not there plays a file back: how long it takes, and what would lie off the sheet. -->
<script lang="ts">
  import { house } from '../house.svelte';
  import { type CutPiece, type CutterPlay, sendFor, words } from '../api/client';
  import { Latest } from '../api/latest';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, said, shown } from '../units';

  let { piece, address }: { piece: CutPiece; address: string } = $props();

  let sheetLength = $state<number>();
  let sheetWidth = $state<number>();
  let speed = $state(20);
  let play = $state.raw<CutterPlay | null>(null);
  let told = $state('');
  /** How much of the path has been played, 0 to 1. */
  let share = $state(1);
  const latest = new Latest();

  let long = $derived(sheetLength ?? Math.ceil(piece.widthMm));
  let wide = $derived(sheetWidth ?? Math.ceil(piece.depthMm));

  $effect(() => {
    const query = new URLSearchParams({ lengthMm: String(long), widthMm: String(wide), mmPerSecond: String(speed) });
    const from = address;
    const signal = latest.next();
    void fetch(from)
      .then((answer) => answer.blob())
      .then((file) => sendFor<CutterPlay>(`/api/cutter-plays?${query}`, 'application/octet-stream', file))
      .then((answer) => {
        if (!signal.aborted) {
          play = answer.data;
          told = answer.problem ? words(answer.problem) : '';
        }
      });
  });

  let drawn = $derived.by(() => {
    let left = (play?.pathM ?? 0) * 1000 * share;
    const done: string[] = [];
    for (const move of play?.moves ?? []) {
      const places = move.placesMm;
      let path = `M${places[0]![0]} ${-places[0]![1]!}`;
      for (let i = 1; i < places.length && left > 0; i++) {
        const [x0, y0] = places[i - 1] as [number, number];
        const [x1, y1] = places[i] as [number, number];
        const step = Math.hypot(x1 - x0, y1 - y0);
        const part = step > 0 ? Math.min(1, left / step) : 1;
        path += `L${x0 + (x1 - x0) * part} ${-(y0 + (y1 - y0) * part)}`;
        left -= step;
      }
      done.push(path);
      if (left <= 0) {
        break;
      }
    }
    return done;
  });
</script>

<div class="play" role="group" aria-label="{piece.file} played back">
  <p class="sentence">
    On a sheet of
    <QuantityField
      kind="length"
      label="Length of the sheet on the machine"
      value={long}
      onset={(v) => (sheetLength = v && Math.min(6000, Math.max(10, v)))}
    /> by
    <QuantityField
      kind="length"
      label="Width of the sheet on the machine"
      value={wide}
      onset={(v) => (sheetWidth = v && Math.min(6000, Math.max(10, v)))}
    />, cutting
    <QuantityField
      kind="length"
      unit="{house.ways.lengthUnit}/s"
      label="Speed of the cutter"
      value={speed}
      least={0.1}
      onset={(v) => (speed = v ? Math.min(2000, v) : speed)}
    />{#if play}: <b>{play.minutes < 1 ? `${Math.round(play.minutes * 60)} s` : `${shown(play.minutes, 1)} min`}</b>,
      {said('way', play.pathM, 2)} cut and {said('way', play.travelM, 2)} between, {play.moves.length} lines.{/if}
  </p>
  {#if told}<p role="alert">{told}</p>{/if}
  {#if play}
    {#each play.offSheet as off, i (i)}
      <p role="alert">
        Off the sheet by {length(off.byMm)} on layer {off.layer}, at {length(off.atMm[0]!)}, {length(off.atMm[1]!)}.
      </p>
    {/each}
    {#if play.open > 0}<p role="alert">{play.open} lines do not close.</p>{/if}
    <svg viewBox="-5 {-wide - 5} {long + 10} {wide + 10}" role="img" aria-label="What the cutter has followed">
      <rect x="0" y={-wide} width={long} height={wide} />
      {#each drawn as d, i (i)}<path {d} />{/each}
    </svg>
    <label class="along">
      <span>Played so far</span>
      <input
        type="range"
        class="range range-xs"
        min="0"
        max="1"
        step="0.005"
        aria-valuetext="{Math.round(share * 100)} %"
        bind:value={share}
      />
    </label>
    <p class="quiet text-xs">
      No machine: the file is read back and followed line by line; a head that is not cutting is taken to move five
      times as fast.
    </p>
  {/if}
</div>

<style>
  .play {
    display: grid;
    gap: 0.25rem;
    padding-left: 0.75rem;
    border-left: 3px solid var(--color-primary);
    font-size: 0.8125rem;
  }
  .sentence {
    line-height: 2;
  }
  svg {
    width: 100%;
    max-height: 16rem;
  }
  rect {
    fill: var(--color-base-200);
  }
  path {
    fill: none;
    stroke: currentColor;
    stroke-width: 1.5px;
    vector-effect: non-scaling-stroke;
  }
  .along {
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
    gap: 0.75rem;
    align-items: center;
  }
</style>
