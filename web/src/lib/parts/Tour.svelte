<!-- The work in five steps; left with one press, found again on the help page. -->
<script lang="ts">
  import { session } from '../session.svelte';

  let { onleave }: { onleave?: () => void } = $props();
</script>

<section class="tour" aria-labelledby="tour-title">
  <h2 id="tour-title" class="text-lg font-semibold">A pack in five minutes</h2>
  <ol>
    <li>
      <b>Answer seven questions.</b>
      {#if session.readOnly}A designer starts{:else}<a class="underline" href="/new">New pack</a> asks{/if} what it is, how
      big, how heavy, how delicate and how it travels. Rampart looks through all foams and boards for the smallest wall that
      holds.
    </li>
    <li>
      <b>Look at the wall.</b> The bench draws it to scale, with every blow round it. Choose a blow and see what each layer
      takes of it.
    </li>
    <li>
      <!-- eslint-disable-next-line no-restricted-syntax -- it says which units are taken -->
      <b>Change what you like.</b> Numbers are changed where they stand, in mm, cm, inches, kg or pounds. The verdict follows
      at once; undo has no end.
    </li>
    <li>
      <b>If something is weak,</b> open its margin: why, the curve, and what one change would mend it.
    </li>
    <li>
      <b>Print the page:</b> what to cut, what to buy, and what it all rests on. Then test one, before you trust many.
    </li>
  </ol>
  {#if onleave}
    <button type="button" class="btn btn-sm" onclick={onleave}>Leave the tour; it stays under Help</button>
  {/if}
</section>

<style>
  .tour {
    max-width: 46rem;
    margin-top: 1rem;
    padding: 0.75rem 1rem 1rem;
    border-left: 3px solid var(--color-accent);
    background: var(--color-base-200);
  }
  ol {
    display: grid;
    gap: 0.375rem;
    margin: 0.5rem 0 0.75rem;
    padding-left: 1.25rem;
    list-style: decimal;
  }
</style>
