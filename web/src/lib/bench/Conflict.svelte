<!-- Two people, or two tabs, saved the same pack: both versions are here, nobody's is lost. -->
<script lang="ts">
  import Dialog from '../parts/Dialog.svelte';
  import { clock } from '../units';
  import type { Bench } from './bench.svelte';

  let { bench }: { bench: Bench } = $props();

  let open = $derived(bench.conflict !== null);
</script>

<Dialog title="This pack was saved elsewhere" bind:open={() => open, () => {}} closable={false}>
  {#if bench.conflict}
    <p>
      {bench.conflict.savedBy} saved it at {clock(bench.conflict.savedAt)}, after you opened it. Both versions are kept
      until you choose: theirs has {bench.conflict.theirs.layers.length} layers, yours has {bench.pack.layers.length}.
    </p>
    <div class="mt-3 flex gap-2">
      <button type="button" class="btn btn-neutral btn-sm" onclick={() => bench.settle('mine')}>Keep mine</button>
      <button type="button" class="btn btn-sm" onclick={() => bench.settle('theirs')}
        >Take theirs, mine one undo away</button
      >
    </div>
  {/if}
</Dialog>
