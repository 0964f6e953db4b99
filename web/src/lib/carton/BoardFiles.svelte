<!-- Files to cut board by. -->
<script lang="ts">
  import { Download } from '@lucide/svelte';
  import type { BlankPiece } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';

  let { bench, blank }: { bench: Bench; blank: BlankPiece } = $props();

  let paper = $state<'a4' | 'letter' | 'a3'>('a4');

  function address(file: string, piece?: string): string {
    const query = new URLSearchParams({ file, paper });
    if (piece) {
      query.set('piece', piece);
    }
    return `/api/packs/${bench.id}/board-files?${query}`;
  }
</script>

<p class="files">
  <a class="btn btn-primary btn-sm" href={address('zip')} download
    ><Download size={14} aria-hidden="true" />All of board</a
  >
  <a class="underline" href="/api/packs/{bench.id}/all-files?paper={paper}" download>All that is cut, foam too</a>
  <span
    >{blank.name}:
    <a class="underline" href={address('svg', blank.file)} download>SVG</a>
    <a class="underline" href={address('dxf', blank.file)} download>DXF</a>
    <a class="underline" href={address('pdf', blank.file)} download>PDF at true size</a></span
  >
  <span
    >on <ChoiceField
      label="Paper of the templates"
      value={paper}
      options={[
        { value: 'a4' as const, text: 'A4' },
        { value: 'letter' as const, text: 'Letter' },
        { value: 'a3' as const, text: 'A3' }
      ]}
      onset={(v) => (paper = v)}
    /></span
  >
</p>

<style>
  .files {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
  }
</style>
