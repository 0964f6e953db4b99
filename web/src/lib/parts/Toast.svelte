<script lang="ts">
  import { toasts } from '../toasts.svelte';
</script>

<div class="toast-place" role="status">
  {#if toasts.current}
    <div class="told">
      {toasts.current.text}
      {#if toasts.current.action}
        {@const action = toasts.current.action}
        <button
          type="button"
          class="undo"
          onclick={() => {
            action.run();
            toasts.clear();
          }}>{action.label}</button
        >
      {/if}
    </div>
  {/if}
</div>

<style>
  .toast-place {
    position: fixed;
    z-index: 50;
    bottom: 1rem;
    left: 50%;
    transform: translateX(-50%);
  }
  .told {
    display: flex;
    align-items: center;
    gap: 1rem;
    padding: 0.5rem 1rem;
    background: var(--color-neutral);
    color: var(--color-neutral-content);
  }
  .undo {
    min-height: 1.5rem;
    font-weight: 650;
    text-decoration: underline;
  }
</style>
