<!-- A page of the docs, shipped with the application from the same file as in docs/. -->
<script lang="ts">
  import { marked } from 'marked';
  import api from '../../../docs/api.md?raw';
  import law from '../../../docs/law.svg?raw';
  import materials from '../../../docs/materials.md?raw';
  import method from '../../../docs/method.md?raw';
  import packFile from '../../../docs/pack-file.md?raw';
  import rules from '../../../docs/rules.md?raw';
  import verdicts from '../../../docs/verdicts.md?raw';
  import Head from '../lib/parts/Head.svelte';
  import { route } from '../lib/router';

  const PAGES: Record<string, { title: string; text: string }> = {
    verdicts: { title: 'How to read a verdict', text: verdicts },
    method: { title: 'Method', text: method },
    materials: { title: 'Materials', text: materials },
    'pack-file': { title: 'The pack file', text: packFile },
    rules: { title: 'The rules', text: rules },
    api: { title: 'The API', text: api }
  };

  let name = $derived(String((route.params as { page?: string }).page));
  let page = $derived(PAGES[name]);
  // The text is our own and stands in the application; nothing a person typed is in it.
  let html = $derived(
    page
      ? marked
          .parse(page.text.replace(/\]\((method|materials|verdicts|pack-file|rules|api)\.md/g, '](/help/$1'), {
            async: false
          })
          .replace(/<img src="law\.svg"[^>]*>/, law)
      : ''
  );
</script>

<svelte:head><title>{page?.title ?? 'No such page'}, Rampart</title></svelte:head>

<Head here="Help"><span class="grow"></span></Head>

<main id="main" class="doc">
  <nav class="flex flex-wrap" aria-label="Pages of the docs">
    {#each Object.entries(PAGES) as [id, { title }] (id)}
      <a class="plain-button" href="/help/{id}" aria-current={id === name ? 'page' : undefined}>{title}</a>
    {/each}
  </nav>
  {#if page}
    <!-- eslint-disable-next-line svelte/no-at-html-tags -->
    {@html html}
  {:else}
    <h1>There is no such page.</h1>
    <p><a href="/help">Help</a> has them all.</p>
  {/if}
</main>

<style>
  .doc {
    width: 100%;
    max-width: 56rem;
    margin: 0 auto;
    padding: 1rem 1.125rem 4rem;
    line-height: 1.55;
    overflow-wrap: break-word;
  }
  .doc nav a {
    text-decoration: none;
  }
  nav a[aria-current] {
    background: var(--color-neutral);
    color: var(--color-neutral-content);
  }
  .doc :global(:is(h1, h2, h3)) {
    margin: 1.25rem 0 0.375rem;
    font-weight: 650;
  }
  .doc :global(h1) {
    font-size: 1.375rem;
  }
  .doc :global(h2) {
    font-size: 1.125rem;
  }
  .doc :global(:is(p, ul, ol, table, pre)) {
    margin: 0.5rem 0;
  }
  .doc :global(ul) {
    padding-left: 1.25rem;
    list-style: disc;
  }
  .doc :global(ol) {
    padding-left: 1.5rem;
    list-style: decimal;
  }
  .doc :global(a) {
    text-decoration: underline;
  }
  .doc :global(:is(th, td)) {
    padding: 0.125rem 0.75rem 0.125rem 0;
    border-bottom: 1px solid var(--color-base-300);
    text-align: left;
    vertical-align: top;
  }
  .doc :global(pre) {
    padding: 0.5rem 0.75rem;
    background: var(--color-base-200);
    white-space: pre-wrap;
  }
</style>
