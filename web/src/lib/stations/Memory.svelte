<!-- What people want to remember of the item: a note and photographs, kept beside the pack file. -->
<script lang="ts">
  import { X } from '@lucide/svelte';
  import { api, call, send, type Photograph, type Problem } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { dayAndClock } from '../units';

  let { bench }: { bench: Bench } = $props();

  const SAVE_AFTER_MS = 700;

  let photographs = $state.raw<Photograph[]>([]);
  let problem = $state.raw<Problem | null>(null);
  let busy = $state(false);
  let chooser = $state<HTMLInputElement>();
  let timer: ReturnType<typeof setTimeout> | undefined;

  $effect(() => {
    void load(bench.id);
  });

  async function load(id: string) {
    const { data } = await call(api.GET('/api/packs/{id}/photographs', { params: { path: { id } } }));
    photographs = data ?? photographs;
  }

  function noteChanged(text: string) {
    bench.note = text;
    clearTimeout(timer);
    timer = setTimeout(() => void saveNote(), SAVE_AFTER_MS);
  }

  async function saveNote() {
    clearTimeout(timer);
    const answer = await call(
      api.PUT('/api/packs/{id}/note', { params: { path: { id: bench.id } }, body: { note: bench.note } })
    );
    problem = answer.problem ?? null;
  }

  async function add(files: FileList | null) {
    busy = true;
    for (const file of files ?? []) {
      const told = await send(`/api/packs/${bench.id}/photographs`, file.type || 'application/octet-stream', file);
      problem = told ? { ...told, detail: `${file.name}: ${told.detail}` } : null;
    }
    busy = false;
    if (chooser) {
      chooser.value = '';
    }
    await load(bench.id);
  }

  async function remove(photograph: Photograph) {
    const answer = await call(
      api.DELETE('/api/packs/{id}/photographs/{hash}', { params: { path: { id: bench.id, hash: photograph.hash } } })
    );
    problem = answer.problem ?? null;
    await load(bench.id);
  }
</script>

<div class="memory">
  <label class="note">
    <span>To remember of the item</span>
    <textarea
      class="text"
      rows="2"
      maxlength="4000"
      readonly={bench.readOnly}
      value={bench.note}
      oninput={(e) => noteChanged(e.currentTarget.value)}
      onblur={() => timer !== undefined && saveNote()}></textarea>
  </label>
  <Trouble {problem} />
  <ul class="photographs" aria-label="Photographs of the item">
    {#each photographs as photograph, i (photograph.hash)}
      <li>
        <a href="/api/photographs/{photograph.hash}" target="_blank" rel="noreferrer">
          <img
            src="/api/photographs/{photograph.hash}/thumbnail"
            alt="Photograph {i + 1} of {bench.pack.item.name}, added by {photograph.addedBy}, {dayAndClock(
              photograph.addedAt
            )}"
          />
        </a>
        {#if !bench.readOnly}
          <button
            type="button"
            class="plain-button remove"
            title="Remove"
            aria-label="Remove photograph {i + 1}"
            onclick={() => remove(photograph)}><X size={14} aria-hidden="true" /></button
          >
        {/if}
      </li>
    {/each}
  </ul>
  {#if !bench.readOnly}
    <button type="button" class="btn btn-outline btn-sm" disabled={busy} onclick={() => chooser?.click()}
      >{busy ? 'Reading the photograph' : 'Add a photograph'}</button
    >
    <input
      class="hidden"
      type="file"
      accept="image/jpeg,image/png"
      multiple
      aria-label="Photographs to add"
      bind:this={chooser}
      onchange={(e) => add(e.currentTarget.files)}
    />
    <span class="quiet text-xs">JPEG or PNG. Place and camera are taken out before it is stored.</span>
  {/if}
</div>

<style>
  .memory {
    line-height: 1.4;
  }
  .note {
    display: grid;
    max-width: 46rem;
  }
  textarea {
    width: 100%;
    padding: 0.375rem;
    field-sizing: content;
  }
  .photographs {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin: 0.5rem 0;
  }
  .photographs li {
    position: relative;
  }
  .photographs img {
    height: 7rem;
    border: 1px solid var(--color-base-300);
  }
  .remove {
    position: absolute;
    top: 0.25rem;
    right: 0.25rem;
    background: var(--color-base-100);
  }
</style>
