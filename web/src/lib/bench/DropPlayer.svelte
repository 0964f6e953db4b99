<!-- One drop played slowly: the section falls on what is struck, the pulse is drawn beside it. -->
<script lang="ts">
  import { Pause, Play } from '@lucide/svelte';
  import { onDestroy } from 'svelte';
  import { api, call, type Drop, type Simulation } from '../api/client';
  import { viewFor } from '../faces';
  import { exact, figure, length, said as measure, shown } from '../units';
  import type { Bench } from './bench.svelte';
  import FallingPack from './FallingPack.svelte';
  import PulseChart from './PulseChart.svelte';

  let { bench, drop }: { bench: Bench; drop: Drop } = $props();

  /** One millisecond of the blow takes this long on screen. */
  const SLOWLY_MS = 110;
  const STILLS = 5;

  let simulation = $state.raw<Simulation | null>(null);
  let trouble = $state('');
  let gravity = $state(true);
  let at = $state(0);
  let playing = $state(false);
  let frame = 0;
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;

  $effect(() => {
    const id = drop.id;
    const pack = bench.pack;
    const query = { drop: id, gravity };
    let dropped = false;
    stop();
    const wait = setTimeout(async () => {
      const { data, problem } = await call(api.POST('/api/simulations', { params: { query }, body: pack }));
      if (!dropped) {
        simulation = data ?? null;
        trouble = problem?.detail ?? '';
        at = data?.peakMs ?? 0;
      }
    }, 150);
    return () => {
      dropped = true;
      clearTimeout(wait);
    };
  });

  let end = $derived(simulation?.moments.at(-1)?.ms ?? 0);
  let moment = $derived(momentAt(simulation, at));
  let limit = $derived(drop.blow.unit === 'G' ? drop.blow.limit : null);
  let view = $derived(viewFor(drop.faces, bench.view));
  let stills = $derived.by(() => {
    if (!simulation || simulation.moments.length === 0) {
      return [];
    }
    const peak = simulation.peakMs;
    const times = [0, peak / 2, peak, peak + (end - peak) / 2, end].slice(0, STILLS);
    return times.map((ms) => momentAt(simulation, ms)!);
  });

  function momentAt(of: Simulation | null, ms: number) {
    const moments = of?.moments ?? [];
    const next = moments.findIndex((m) => m.ms >= ms);
    const after = moments[next < 0 ? moments.length - 1 : next];
    const before = moments[Math.max(0, (next < 0 ? moments.length : next) - 1)];
    if (!after || !before) {
      return undefined;
    }
    const part = after.ms > before.ms ? Math.min(1, (ms - before.ms) / (after.ms - before.ms)) : 1;
    const mix = (a: number, b: number) => a + (b - a) * part;
    return {
      ms,
      g: mix(before.g, after.g),
      velocityMps: mix(before.velocityMps, after.velocityMps),
      travelMm: after.travelMm.map((t, i) => mix(before.travelMm[i]!, t))
    };
  }

  function play() {
    if (at >= end) {
      at = 0;
    }
    playing = true;
    let last = performance.now();
    const step = (now: number) => {
      at = Math.min(end, at + (now - last) / SLOWLY_MS);
      last = now;
      if (at < end && playing) {
        frame = requestAnimationFrame(step);
      } else {
        playing = false;
      }
    };
    frame = requestAnimationFrame(step);
  }

  function stop() {
    playing = false;
    cancelAnimationFrame(frame);
  }

  onDestroy(stop);

  function said(m: { ms: number; g: number; travelMm: number[] }): string {
    const travel = m.travelMm.reduce((sum, t) => sum + t, 0);
    return `${shown(m.ms, 1)} ms: ${figure(m.g)} G, sunk in ${length(travel, 1)}`;
  }
</script>

<section class="player" aria-label="The fall, slowly">
  {#if trouble}
    <p>{trouble}</p>
  {:else if !simulation}
    <p class="quiet" role="status">Working the fall in time</p>
  {:else if simulation.moments.length === 0}
    <p>Nothing takes this blow, so there is no pulse to show.</p>
  {:else}
    {#if still}
      <div class="stills">
        {#each stills as one, index (index)}
          <figure>
            <FallingPack evaluation={bench.evaluation!} pack={bench.pack} {view} {simulation} moment={one} size={148} />
            <figcaption>{said(one)}</figcaption>
          </figure>
        {/each}
      </div>
    {:else if moment}
      <FallingPack evaluation={bench.evaluation!} pack={bench.pack} {view} {simulation} {moment} size={230} />
    {/if}
    <div class="pulse">
      <PulseChart {simulation} {limit} {at} onpick={(ms) => ((at = ms), stop())} />
      <div class="control">
        {#if !still}
          <button type="button" class="plain-button" onclick={() => (playing ? stop() : play())}>
            {#if playing}<Pause size={15} class="inline" aria-hidden="true" /> Hold{:else}<Play
                size={15}
                class="inline"
                aria-hidden="true"
              /> Play slowly{/if}</button
          >
        {/if}
        <label class="scrub"
          ><span class="sr-only">Time in the blow</span>
          <input
            type="range"
            min="0"
            max={end}
            step={end / 200}
            value={at}
            aria-valuetext={moment ? said(moment) : ''}
            oninput={(e) => ((at = Number(e.currentTarget.value)), stop())}
          /></label
        >
      </div>
      <p class="now">{moment ? said(moment) : ''}</p>
      <p>
        {#if !simulation.whole}<b>Broken off before the item was free again: the peak may be higher.</b>{/if}
        Peak <b>{figure(simulation.peakG)} G</b>, by the quick reckoning {figure(simulation.closedFormG)} G. The pulse lasts
        {shown(simulation.durationMs, 1)} ms and changes the item's speed by {measure(
          'velocity',
          simulation.velocityChangeMps
        )}, from
        {measure('velocity', simulation.impactMps)} at the floor.
      </p>
      <p class="quiet">
        {shown(simulation.temperatureC, 0)} °C, {simulation.impacts === 'first'
          ? 'first impact'
          : 'impacts 2 to 5'}{simulation.loadFactor === 1
          ? ''
          : `, heaviest quarter ${figure(simulation.loadFactor)} times`}. Of {figure(simulation.fallJ)} J the cushions keep
        {figure(simulation.absorbedJ)} J; the balance closes to {exact(Math.abs(simulation.energyError) * 100)} %. On nominal
        constants; shear, friction and turning are left out.
      </p>
      <p class="switches">
        <label><input type="checkbox" bind:checked={gravity} /> gravity goes on pulling</label>
      </p>
    </div>
  {/if}
</section>

<style>
  .player {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem 1.25rem;
    padding: 0.5rem 0;
    border-top: 1px solid var(--color-base-300);
  }
  .pulse {
    flex: 1 1 20rem;
    min-width: 0;
    display: grid;
    align-content: start;
    gap: 0.25rem;
  }
  .control,
  .switches {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 1rem;
  }
  .scrub {
    flex: 1;
  }
  input[type='range'] {
    width: 100%;
    min-height: 1.5rem;
    accent-color: var(--color-accent);
  }
  .switches label {
    display: inline-flex;
    min-height: 1.5rem;
    align-items: center;
    gap: 0.375rem;
  }
  .now {
    font-variant-numeric: tabular-nums;
    font-weight: 600;
  }
  .stills {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
  }
  .stills figcaption {
    max-width: 148px;
    font-size: 0.75rem;
  }
</style>
