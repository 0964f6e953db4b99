<!-- Every paper of the pack, to look at, print and take away. -->
<script lang="ts">
  import { FileText } from '@lucide/svelte';
  import type { Bench } from '../bench/bench.svelte';
  import { house } from '../house.svelte';
  import { lists } from '../lists.svelte';

  let { bench }: { bench: Bench } = $props();

  /** Of the revision where nothing has changed since, else of the draft. */
  let revision = $derived(bench.revision !== null && !bench.changedSinceRevision ? bench.revision : null);
  let query = $derived(
    `units=${house.ways.lengthUnit}&decimal=${house.ways.numbers}${revision === null ? '' : `&revision=${revision}`}`
  );
</script>

<p>
  {revision === null
    ? 'Papers of the draft as it was last saved; a release puts its number on them.'
    : `Papers of revision ${revision}.`}
</p>
<ul>
  {#each lists.all?.papers ?? [] as paper (paper.kind)}
    <li>
      <a class="name" href="/packs/{bench.id}/page?kind={paper.kind}{revision === null ? '' : `&revision=${revision}`}"
        >{paper.title}</a
      >
      <span class="quiet">{paper.use}</span>
      <a class="plain-button" href="/api/packs/{bench.id}/page.pdf?{query}&kind={paper.kind}" download
        ><FileText size={15} aria-hidden="true" /> PDF<span class="sr-only">, {paper.title}</span></a
      >
    </li>
  {/each}
</ul>

<style>
  ul {
    line-height: 1.4;
  }
  li {
    display: grid;
    grid-template-columns: 12rem minmax(0, 1fr) auto;
    align-items: center;
    gap: 0.75rem;
    min-height: 2.25rem;
    border-top: 1px solid var(--color-base-300);
  }
  .name {
    font-weight: 650;
    text-decoration: underline;
  }
  @media (max-width: 640px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    li .quiet {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
</style>
