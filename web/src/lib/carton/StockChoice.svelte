<!-- Whether a box is made to size or taken from stock; the cartons in store that fit, best first. -->
<script lang="ts">
  import { api, type BoxLayer, call, type Fit, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import { materials } from '../catalogue.svelte';
  import { lists } from '../lists.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import { length, mass, money, sizeText } from '../units';
  import ThinnerCushions from './ThinnerCushions.svelte';

  let { bench, layer }: { bench: Bench; layer: number } = $props();

  const SHOWN_MISSES = 3;

  let open = $state(false);
  let fits = $state.raw<Fit[] | null>(null);
  let trouble = $state('');
  const latest = new Latest();

  let box = $derived(bench.pack.layers[layer]);
  let stock = $derived(box?.kind === 'box' ? (box.stock ?? null) : null);
  let fitting = $derived(fits?.filter((f) => f.fits) ?? []);
  let misses = $derived(fits?.filter((f) => !f.fits).slice(0, SHOWN_MISSES) ?? []);

  $effect(() => {
    const body = bench.pack;
    if (open) {
      const signal = latest.next();
      const asked = api.POST('/api/stock-fits', { params: { query: { layer } }, body, signal });
      void call(asked).then(({ data, problem }) => {
        if (!signal.aborted) {
          fits = data ?? fits;
          trouble = problem ? words(problem) : '';
        }
      });
    }
    return () => latest.end();
  });

  function take(fit: Fit) {
    if (box?.kind === 'box') {
      const stock =
        fit.cutFromMm === null ? { insideMm: fit.insideMm } : { insideMm: fit.insideMm, cutFromMm: fit.cutFromMm };
      const taken: BoxLayer = {
        ...box,
        board: fit.board as BoxLayer['board'],
        style: lists.stockStyle as BoxLayer['style'],
        stock
      };
      delete taken.gapsMm;
      delete taken.lidMm;
      delete taken.compressionN;
      bench.change({ ...bench.pack, layers: bench.pack.layers.with(layer, taken) }, `stock ${layer} ${fit.id}`);
    }
  }

  function makeToSize() {
    if (box?.kind === 'box') {
      bench.change({ ...bench.pack, layers: bench.pack.layers.with(layer, { ...box, stock: null }) }, `made ${layer}`);
    }
  }

  function taken(fit: Fit): boolean {
    const inside = stock?.insideMm;
    return (
      inside !== undefined &&
      box?.kind === 'box' &&
      box.board === fit.board &&
      inside.length === fit.insideMm.length &&
      inside.width === fit.insideMm.width &&
      inside.height === fit.insideMm.height
    );
  }
</script>

<div class="stock">
  <p>
    {stock
      ? `Taken from stock, ${sizeText(stock.insideMm)} inside${stock.cutFromMm ? `, cut down from ${length(stock.cutFromMm)}` : ''}.`
      : 'Made to size.'}
    <button type="button" class="plain-button underline" aria-expanded={open} onclick={() => (open = !open)}
      >{open ? 'Close the stock' : 'Look in stock'}</button
    >
    {#if stock && !bench.readOnly}
      <button type="button" class="plain-button underline" onclick={makeToSize}>Make it to size</button>
    {/if}
  </p>
  {#if open}
    <div aria-live="polite">
      {#if trouble}
        <p class="status-breaks">{trouble}</p>
      {:else if fits?.length === 0}
        <p>No carton lies in the store. <a class="underline" href="/stores">Add those you keep</a>.</p>
      {:else if fits && fitting.length === 0}
        <p>No carton in the store is large enough; nearest first:</p>
      {/if}
    </div>
    {#if fits && fits.length > 0}
      <ul aria-label="Stock cartons, those that fit first">
        {#each [...fitting, ...misses] as fit (`${fit.id} ${fit.cutFromMm}`)}
          <li>
            <button
              type="button"
              class="fit"
              aria-pressed={taken(fit)}
              disabled={bench.readOnly || !fit.fits}
              onclick={() => take(fit)}
            >
              <Glyph status={fit.fits ? fit.verdict : 'breaks'} />
              <span>
                <b>{fit.name}</b>{fit.cutFromMm === null ? '' : `, cut down from ${length(fit.cutFromMm)}`}, {sizeText(
                  fit.insideMm
                )} inside, {materials.name(fit.board)}
                <span class="quiet block text-xs">
                  {#if fit.fits}
                    {fit.verdict}{fit.verdict !== 'holds' && fit.weakest
                      ? `: ${fit.weakest.replace(/^Falls/, 'falls')}`
                      : ''}; room left {sizeText(fit.slackMm)}; pack {sizeText(fit.outsideMm)}, {mass(
                      fit.grossMassKg
                    )}{fit.price === null ? '' : `, from ${money(fit.price)}`}
                  {:else}
                    too small by {length(fit.lackingMm)}
                  {/if}
                </span>
              </span>
            </button>
          </li>
        {/each}
      </ul>
    {/if}
    <ThinnerCushions {bench} {layer} />
  {/if}
</div>

<style>
  .fit {
    display: flex;
    align-items: baseline;
    gap: 0.5rem;
    width: 100%;
    padding: 0.25rem 0.5rem;
    border-bottom: 1px solid var(--color-base-300);
    text-align: left;
  }
  .fit:hover:not(:disabled),
  .fit[aria-pressed='true'] {
    background: var(--color-base-200);
  }
  .fit[aria-pressed='true'] {
    box-shadow: inset 3px 0 var(--color-accent);
  }
</style>
