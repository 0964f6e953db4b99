<!-- What the server said is wrong; an empty live region where nothing is. -->
<script lang="ts">
  import type { Problem } from '../api/client';

  let { problem }: { problem: Problem | null } = $props();
</script>

<div role="alert">
  {#if problem}
    <div class="trouble">
      <b>{problem.detail}</b>
      {#if problem.errors?.length}
        <ul>
          {#each problem.errors.slice(0, 12) as error (error.path + error.message)}<li>
              <code>{error.path}</code>
              {error.message}
            </li>{/each}
        </ul>
      {/if}
    </div>
  {/if}
</div>

<style>
  .trouble {
    margin: 0.75rem 0;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--color-error);
    background: var(--color-base-200);
  }
</style>
