<!-- Materials of the house that have other figures in the stores than in this pack: what would change, and taking them. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, call, type PackFile, type StoreDifference } from '../api/client';
  import type { Bench } from './bench.svelte';

  let { bench }: { bench: Bench } = $props();

  let difference = $state.raw<StoreDifference | null>(null);
  let asked = 0;

  // Asked again when the materials that the pack brings have changed, not with every number typed.
  let brought = $derived(JSON.stringify(bench.pack.materials ?? null));

  $effect(() => {
    const mine = ++asked;
    if (brought === 'null') {
      difference = null;
      return;
    }
    const body = untrack(() => bench.pack);
    void call(api.POST('/api/stores/differences', { body })).then(({ data }) => {
      if (mine === asked) {
        difference = data ?? null;
      }
    });
  });

  async function take() {
    const { data } = await call(api.POST('/api/stores/differences', { body: bench.pack }));
    if (data) {
      bench.change(data.pack as PackFile, 'figures of today');
    }
  }

  let changed = $derived((difference?.materials ?? []).filter((m) => !m.gone));
  let gone = $derived((difference?.materials ?? []).filter((m) => m.gone));
</script>

{#if changed.length > 0}
  <div class="notice" role="status">
    <p>
      <b>The stores have other figures now.</b>
      {#each changed as material (material.id)}
        {material.name}: {material.words.join('; ')}.
      {/each}
      {difference!.effects.length > 0 ? `With them: ${difference!.effects.join('; ')}.` : 'No verdict would change.'}
    </p>
    {#if !bench.readOnly}
      <button type="button" class="btn btn-sm" onclick={take}>Take the figures of today</button>
    {/if}
  </div>
{/if}
{#if gone.length > 0}
  <p class="quiet">
    {gone.map((m) => m.name).join(', ')}
    {gone.length === 1 ? 'is' : 'are'} not in the stores; this pack brings the figures with it.
  </p>
{/if}

<style>
  .notice {
    display: flex;
    align-items: center;
    gap: 0.75rem;
    padding: 0.375rem 0.75rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-200);
  }
  .notice p {
    flex: 1;
  }
  .notice button {
    flex: none;
  }
</style>
