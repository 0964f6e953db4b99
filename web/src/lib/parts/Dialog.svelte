<!-- A window over the page; the browser's own dialog keeps focus inside and gives it back. -->
<script lang="ts">
  import { X } from '@lucide/svelte';
  import type { Snippet } from 'svelte';

  let {
    title,
    open = $bindable(),
    closable = true,
    children
  }: { title: string; open: boolean; closable?: boolean; children: Snippet } = $props();

  const id = $props.id();
  let dialog = $state<HTMLDialogElement>();

  $effect(() => {
    if (open && !dialog?.open) {
      dialog?.showModal();
    } else if (!open && dialog?.open) {
      dialog.close();
    }
  });
</script>

<dialog
  bind:this={dialog}
  aria-labelledby={id}
  onclose={() => (open = false)}
  oncancel={(event) => !closable && event.preventDefault()}
>
  <header>
    <h2 {id} class="text-base font-semibold">{title}</h2>
    {#if closable}
      <button type="button" class="plain-button" aria-label="Close" onclick={() => (open = false)}
        ><X size={16} aria-hidden="true" /></button
      >
    {/if}
  </header>
  {#if open}{@render children()}{/if}
</dialog>

<style>
  dialog {
    width: min(40rem, calc(100vw - 2rem));
    max-height: calc(100dvh - 4rem);
    margin: auto;
    padding: 0.75rem 1.25rem 1.25rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-100);
    line-height: 1.4;
    color: var(--color-base-content);
  }
  dialog::backdrop {
    background: rgb(20 20 20 / 45%);
  }
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 0.5rem;
  }
</style>
