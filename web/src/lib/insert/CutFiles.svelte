<!-- Files to cut by. What may not be cut by heat is said before anything is written. -->
<script lang="ts">
  import { Download } from '@lucide/svelte';
  import { api, call, type CutPiece, type HotCutting, words } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import CutterStandIn from './CutterStandIn.svelte';

  let {
    bench,
    foam,
    asked,
    pieces
  }: { bench: Bench; foam: string; asked: Record<string, string | number | boolean>; pieces: CutPiece[] } = $props();

  type Cutter = 'knife' | 'router' | 'laser' | 'hot_wire';
  let cutter = $state<Cutter>('knife');
  let paper = $state<'a4' | 'letter' | 'a3'>('a4');
  let heat = $state.raw<HotCutting | null>(null);
  let title = $state('');
  let dated = $state('');
  let told = $state('');
  let played = $state('');

  let hot = $derived(cutter === 'laser' || cutter === 'hot_wire');
  let refused = $derived(hot && heat !== null && !heat.allowed);

  /** The same foam is not asked after anew whenever the pack changes. */
  let known = $derived(foam);

  $effect(() => {
    void call(api.GET('/api/stores/data-sheets/{foam}', { params: { path: { foam: known } } })).then(({ data }) => {
      heat = data ?? null;
    });
  });

  function address(file: string, piece?: string): string {
    const query = new URLSearchParams({ file, cutter, paper });
    Object.entries(asked).forEach(([key, value]) => query.set(key, String(value)));
    if (piece) {
      query.set('piece', piece);
    }
    return `/api/packs/${bench.id}/insert-files?${query}`;
  }

  async function confirm(event: SubmitEvent) {
    event.preventDefault();
    const { data, problem } = await call(
      api.POST('/api/stores/data-sheets/{foam}', { params: { path: { foam } }, body: { title, dated } })
    );
    told = data ? `Kept: ${data.title}, dated ${data.dated}, read by ${data.confirmedBy}.` : words(problem);
    if (data) {
      const again = await call(api.GET('/api/stores/data-sheets/{foam}', { params: { path: { foam } } }));
      heat = again.data ?? heat;
    }
  }
</script>

<div class="grid gap-1">
  <p class="sentence">
    Cut by
    <ChoiceField
      label="What cuts"
      value={cutter}
      options={[
        { value: 'knife' as const, text: 'a knife' },
        { value: 'router' as const, text: 'a router' },
        { value: 'laser' as const, text: 'a laser' },
        { value: 'hot_wire' as const, text: 'a hot wire' }
      ]}
      onset={(v) => (cutter = v)}
    />, templates on
    <ChoiceField
      label="Paper of the templates"
      value={paper}
      options={[
        { value: 'a4' as const, text: 'A4' },
        { value: 'letter' as const, text: 'Letter' },
        { value: 'a3' as const, text: 'A3' }
      ]}
      onset={(v) => (paper = v)}
    />.
  </p>
  {#if hot && heat}
    <p class="caution">
      Made of {heat.madeOf}. Cutting by heat makes fumes: extraction on, nobody leaves the machine, an extinguisher at
      hand, the machine's own instructions come first. A flame's colour tells nothing that would make it safe.
    </p>
  {/if}
  {#if refused && heat}
    <form class="flex flex-wrap items-end gap-2" onsubmit={confirm}>
      <p class="w-full" role="alert">
        No file is written for cutting this foam by heat until somebody has read its data sheet: it holds chlorine, or
        nobody has said what it is made of.
      </p>
      <label>
        <span class="quiet block text-xs">The data sheet, with its maker</span>
        <input class="text" required maxlength="200" bind:value={title} />
      </label>
      <label>
        <span class="quiet block text-xs">Date on it</span>
        <input class="text" type="date" required bind:value={dated} />
      </label>
      <button class="btn btn-sm" disabled={bench.readOnly}>I have read it: it allows cutting by heat</button>
    </form>
  {:else}
    <p class="files">
      <a class="btn btn-primary btn-sm" href={address('zip')} download
        ><Download size={14} aria-hidden="true" />All files</a
      >
      <a class="plain-button" href={address('pdf')} download>Templates (PDF)</a>
      <a class="plain-button" href="/api/fit-coupon?file=svg" download>Fit coupon</a>
      {#each pieces as piece (piece.file)}
        <span class="quiet"
          >{piece.file}:
          <a class="underline" href={address('svg', piece.file)} download>SVG</a>
          <a class="underline" href={address('dxf', piece.file)} download>DXF</a>
          <button
            type="button"
            class="underline"
            aria-pressed={played === piece.file}
            onclick={() => (played = played === piece.file ? '' : piece.file)}>play</button
          ></span
        >
      {/each}
    </p>
    {#each pieces.filter((p) => p.file === played) as piece (piece.file)}
      <CutterStandIn {piece} address={address('svg', piece.file)} />
    {/each}
  {/if}
  <p role="status">{told}</p>
</div>

<style>
  .sentence {
    line-height: 2;
  }
  .caution {
    padding-left: 0.75rem;
    border-left: 3px solid var(--color-warning);
    max-width: 46rem;
  }
  .files {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
  }
</style>
