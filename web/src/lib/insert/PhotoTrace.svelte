<!-- The outline of an item out of a photograph with printed marks round it: laid flat, traced, adjusted, taken. -->
<script lang="ts">
  import { api, call, type LaidFlat, sendFor, type Silhouette, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, shown } from '../units';
  import { type Bed, pathOf, type Pocket } from './bed';
  import TakeOutlines from './TakeOutlines.svelte';

  let { bench, bed, at, ondone }: { bench: Bench; bed: Bed; at: string; ondone: (pocket: Pocket) => void } = $props();

  let open = $state(false);
  let chooser = $state<HTMLInputElement>();
  let canvas = $state<HTMLCanvasElement>();
  let file = $state.raw<File | null>(null);
  let flat = $state.raw<LaidFlat | null>(null);
  let traced = $state.raw<Silhouette | null>(null);
  let measuredMm = $state<number>();
  let cameraMm = $state<number>();
  let heightMm = $state(0);
  let threshold = $state<number | null>(null);
  let straight = $state(false);
  let told = $state('');
  let busy = $state(false);
  let taken = $state.raw<number[]>([]);
  const latest = new Latest();

  let onSheet = $derived(flat?.sheets.some((name) => !name.startsWith('strip')));

  async function lay() {
    if (!file) {
      return;
    }
    busy = true;
    const query = new URLSearchParams();
    if (measuredMm !== undefined) {
      query.set('measuredMm', String(measuredMm));
    }
    if (cameraMm !== undefined) {
      query.set('cameraHeightMm', String(cameraMm));
    }
    const type = file.type === 'image/png' ? 'image/png' : 'image/jpeg';
    const answer = await sendFor<LaidFlat>(`/api/outlines/photograph?${query}`, type, file);
    busy = false;
    told = answer.problem ? words(answer.problem) : '';
    if (answer.data) {
      flat = answer.data;
      await trace();
    }
  }

  async function trace() {
    if (!flat) {
      return;
    }
    const signal = latest.next();
    // The picture that people look at stays here: only what is traced goes back.
    const body = { flat: { ...flat, picture: '' }, threshold: threshold ?? undefined, heightMm, straight };
    const { data, problem } = await call(api.POST('/api/outlines/photograph/trace', { body, signal }));
    if (signal.aborted) {
      return;
    }
    told = problem ? words(problem) : '';
    if (data) {
      traced = data;
      taken = taken.length > 0 && taken.every((i) => i < data.outlines.length) ? taken : [0];
    }
  }

  function choose(files: FileList | null) {
    file = files?.[0] ?? null;
    flat = null;
    traced = null;
    threshold = null;
    heightMm = Math.round(bench.pack.item.sizeMm.height * 10) / 10;
    if (chooser) {
      chooser.value = '';
    }
    void lay();
  }

  function leave() {
    open = false;
    file = null;
    flat = null;
    traced = null;
    told = '';
  }

  // Drawn rather than put in by address: what comes with the answer needs no second request.
  $effect(() => {
    const now = flat;
    const on = canvas;
    if (now && on) {
      const bytes = Uint8Array.from(atob(now.picture), (c) => c.charCodeAt(0));
      void createImageBitmap(new Blob([bytes], { type: 'image/jpeg' })).then((image) => {
        on.getContext('2d')?.drawImage(image, 0, 0);
      });
    }
  });
</script>

<button type="button" class="btn btn-xs" aria-expanded={open} onclick={() => (open = !open)}>a photograph</button>
{#if open}
  <div class="photograph">
    <ol>
      <li>
        Print the marks at full size, on <a href="/api/marks?paper=a4" target="_blank" rel="noopener">A4</a> or
        <a href="/api/marks?paper=letter" target="_blank" rel="noopener">Letter</a>.
      </li>
      <li>Lay a small item on the sheet; lay the strips round a large one. Light it evenly.</li>
      <li>
        Photograph it from above, every mark in the picture, not zoomed; leaning by 10 to 25 degrees lets the camera's
        place be found.
      </li>
    </ol>
    <p>
      <button type="button" class="btn btn-primary btn-sm" disabled={busy} onclick={() => chooser?.click()}
        >{busy ? 'Reading the photograph' : file ? 'Another photograph' : 'Choose the photograph'}</button
      >
      {#if !flat}<button type="button" class="plain-button" onclick={leave}>Cancel</button>{/if}
    </p>
    <input
      class="hidden"
      type="file"
      accept="image/jpeg,image/png"
      aria-label="Photograph with marks"
      bind:this={chooser}
      onchange={(e) => choose(e.currentTarget.files)}
    />
    {#if told}<p role="alert">{told}</p>{/if}
    {#if flat && file}
      <div class="columns">
        <div class="said">
          <p class="sentence">
            {flat.marks} marks seen on {flat.sheets.join(', ')}, within {length(Math.max(0.1, flat.marksErrorMm))} of where
            they should be; the camera was
            <b>{length(flat.camera.heightMm)}</b> over the table, give or take {length(flat.camera.heightErrorMm)},
            leaning by
            {Math.round(flat.camera.tiltDegrees)}°. The printed length
            {onSheet ? 'from corner mark to corner mark' : 'over the four marks of a strip'} measures
            <QuantityField
              kind="length"
              label="What the printed length measures"
              value={measuredMm}
              step={0.5}
              optional
              onleave
              onset={(v) => {
                measuredMm = v;
                void lay();
              }}
            />
            <span class="quiet">(as printed where left empty)</span>; the camera was, measured,
            <QuantityField
              kind="length"
              label="Measured height of the camera over the table"
              value={cameraMm}
              step={10}
              optional
              onleave
              onset={(v) => {
                cameraMm = v;
                void lay();
              }}
            /> over the table. The item is widest
            <QuantityField
              kind="length"
              label="Height of the widest outline over the table"
              value={heightMm}
              step={1}
              onset={(v) => {
                heightMm = v ?? 0;
                void trace();
              }}
            /> over the table.
          </p>
          {#if traced}
            <label class="threshold">
              <span>What differs from the ground by more than this belongs to the item</span>
              <input
                type="range"
                class="range range-xs"
                min="8"
                max="200"
                value={threshold ?? traced.threshold}
                oninput={(e) => {
                  threshold = e.currentTarget.valueAsNumber;
                  void trace();
                }}
              />
              <output>{threshold ?? traced.threshold}</output>
            </label>
            <label>
              <input type="checkbox" bind:checked={straight} onchange={() => void trace()} />
              Lay it straight{straight ? `: turned by ${shown(traced.turnedDegrees, 1)}°` : ''}
            </label>
            <p>
              At its worst <b>± {length(traced.errorMm)}</b>{traced.innerCornersMm > 0.05
                ? `: inner corners hide ${length(traced.innerCornersMm)} of themselves, elsewhere ± ${length(traced.errorMm - traced.innerCornersMm)}; measure those corners, or photograph it with them toward the lens`
                : ''}; points within {length(traced.simplifiedMm)} of a straight line are left out. {#if heightMm > 0}
                {#if traced.cameraKnown}
                  Its height had moved the farthest edge by {length(traced.parallaxMm)}: taken back. Each
                  {length(1)} of error in that height leaves {length(traced.perMmOfHeight)}.
                {:else}
                  <b>From straight above the camera's height cannot be told well enough</b> to take back what the item's
                  height moves its edge ({length(traced.parallaxMm)}): measure it from the table to the lens and enter
                  it above, or photograph once more, leaning a little.
                {/if}
              {/if}
              {#if traced.holes > 0}
                <b>{traced.holes === 1 ? 'An opening in it was' : `${traced.holes} openings in it were`} left out</b>:
                foam goes there only as a pocket of its own that you take away again.
              {/if}
              <span class="quiet">A shadow is traced with the item: light it from all sides, or raise the limit.</span>
            </p>
            <TakeOutlines
              {bench}
              {bed}
              {at}
              outlines={traced.outlines.map((outline, index) => ({ outline, index }))}
              bind:taken
              name="traced"
              ondone={(pocket) => {
                leave();
                ondone(pocket);
              }}
              onleave={leave}
            />
          {/if}
        </div>
        <div class="picture" style:aspect-ratio="{flat.widthPixels} / {flat.heightPixels}">
          <canvas bind:this={canvas} width={flat.widthPixels} height={flat.heightPixels} aria-hidden="true"></canvas>
          {#if traced}
            {@const [mx, my] = traced.middleMm as [number, number]}
            <svg
              viewBox="0 0 {flat.widthPixels} {flat.heightPixels}"
              role="img"
              aria-label="The photograph laid flat, {traced.outlines.length} outlines traced in it"
            >
              {#each traced.outlines as outline, i (i)}
                <path
                  class:taken={taken.includes(i)}
                  transform="translate({(mx - flat.leftMm) / flat.mmPerPixel} {(flat.backMm - my) /
                    flat.mmPerPixel}) rotate({traced.turnedDegrees})"
                  d={pathOf(
                    outline.placesMm,
                    (mm) => mm / flat!.mmPerPixel,
                    (mm) => -mm / flat!.mmPerPixel
                  )}
                />
              {/each}
            </svg>
          {/if}
        </div>
      </div>
    {/if}
  </div>
{/if}

<style>
  .photograph {
    display: grid;
    gap: 0.5rem;
    order: 1;
    width: 100%;
    padding-left: 0.75rem;
    border-left: 3px solid var(--color-primary);
    font-size: 0.8125rem;
  }
  ol {
    padding-left: 1.25rem;
    list-style: decimal;
  }
  a {
    text-decoration: underline;
  }
  .sentence {
    line-height: 2;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 1rem;
    align-items: start;
  }
  .said {
    display: grid;
    gap: 0.5rem;
  }
  @media (width < 56rem) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  .picture {
    position: relative;
    max-width: 100%;
    max-height: 26rem;
    border: 1px solid color-mix(in oklab, currentColor 30%, transparent);
  }
  canvas,
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }
  path {
    fill: none;
    stroke: var(--color-error);
    stroke-width: 1.5px;
    stroke-dasharray: 4 3;
    vector-effect: non-scaling-stroke;
  }
  .taken {
    stroke-dasharray: none;
    stroke-width: 2.5px;
  }
  .threshold {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 2.5rem;
    gap: 0.5rem;
    align-items: center;
  }
</style>
