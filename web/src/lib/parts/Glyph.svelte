<!-- How something stands, by shape: full block, a third filled, split in two, dotted outline. -->
<script lang="ts">
  import type { Status } from '../api/client';

  let { status, size = 14 }: { status: Status; size?: number } = $props();
</script>

<svg class="inline-block shrink-0 status-{status}" width={size} height={size} viewBox="0 0 14 14" aria-hidden="true">
  {#if status === 'holds'}
    <rect x="1" y="1" width="12" height="12" fill="currentColor" />
  {:else if status === 'thin'}
    <rect x="1.75" y="1.75" width="10.5" height="10.5" fill="none" stroke="currentColor" stroke-width="1.5" />
    <rect x="1" y="9" width="12" height="4" fill="currentColor" />
  {:else if status === 'breaks'}
    <path d="M1 1h7L5 6l2.5 2L5 13H1z" fill="currentColor" />
    <path d="M10 1h3v12H7l2.5-5L7 6z" fill="currentColor" />
  {:else}
    <rect
      x="1.75"
      y="1.75"
      width="10.5"
      height="10.5"
      fill="none"
      stroke="currentColor"
      stroke-width="1.5"
      stroke-dasharray="2 2"
    />
  {/if}
</svg>
