<!-- What differs between two packs, in words, and what that does. -->
<script lang="ts">
  import type { Comparison } from '../api/client';

  let { comparison }: { comparison: Comparison } = $props();
</script>

{#if comparison.parts.length === 0}
  <p>They are the same.</p>
{:else}
  <ul class="differences">
    {#each comparison.parts as part (part.path)}
      <li><b>{part.title}</b>: {part.words}</li>
    {/each}
  </ul>
  {#if comparison.effects.length > 0}
    <p class="mt-1">So: {comparison.effects.join('; ')}.</p>
  {/if}
{/if}

<style>
  .differences {
    padding-left: 1.1rem;
    list-style: disc;
  }
</style>
