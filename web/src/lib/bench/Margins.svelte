<!-- What the pack is asked and what it bears, thinnest first; each line opens to its reasons. -->
<script lang="ts">
  import { ChevronDown, ChevronRight } from '@lucide/svelte';
  import Glyph from '../parts/Glyph.svelte';
  import { demandOfLimit } from '../units';
  import type { Bench } from './bench.svelte';
  import MarginDetail from './MarginDetail.svelte';
  import { lineOf, type MarginGroup, marginGroups } from './words';

  let { bench }: { bench: Bench } = $props();

  let groups = $derived(marginGroups(bench.evaluation!.checks));
  function toggle(group: MarginGroup) {
    bench.openMargin = bench.openMargin === lineOf(group.check) ? null : lineOf(group.check);
    const drop = bench.evaluation!.drops.find((d) => d.id === group.check.id);
    if (drop) {
      bench.chooseBlow(drop);
    }
  }

  const HARM: Record<string, string> = {
    breaks: 'something harms it',
    thin: 'something wants watching',
    holds: 'nothing known to harm it',
    unknown: 'not known'
  };

  /** Where a value stands on the bar, %, the limit at 78. */
  function place(value: number, limit: number): number {
    return Math.min(100, Math.max(0, (value / limit) * 78));
  }

  function bar(group: MarginGroup): number {
    const { demand, limit } = group.check;
    return limit === null ? 0 : place(demand, limit);
  }
</script>

<section aria-labelledby="margins-title">
  <h2 id="margins-title" class="font-semibold">Margins, thinnest first</h2>
  <ul>
    {#each groups as group (lineOf(group.check))}
      <li>
        <button
          type="button"
          class="row"
          data-line={lineOf(group.check)}
          aria-expanded={bench.openMargin === lineOf(group.check)}
          onclick={() => toggle(group)}
        >
          {#if bench.openMargin === lineOf(group.check)}<ChevronDown size={14} aria-hidden="true" />{:else}<ChevronRight
              size={14}
              aria-hidden="true"
            />{/if}
          <Glyph status={group.check.status} />
          <span class="words">
            <b>{group.title}</b>
            <span class="quiet"
              >{group.check.about === 'harm' ? HARM[group.check.status] : demandOfLimit(group.check.said)},
              <span class="status-{group.check.status}">{group.check.status}</span>{group.check.byRule
                ? `: ${group.check.byRule}`
                : ''}</span
            >
          </span>
          <span class="bar" aria-hidden="true">
            <span class="fill status-{group.check.status}" style:background-size="{bar(group)}% 100%"></span>
            {#if group.check.spread && group.check.limit !== null}
              <span
                class="spread"
                style:left="{place(group.check.spread.low, group.check.limit)}%"
                style:right="{100 - place(group.check.spread.high, group.check.limit)}%"
              ></span>
            {/if}
            {#if group.check.limit !== null}<span class="post"></span>{/if}
          </span>
        </button>
        {#if bench.openMargin === lineOf(group.check)}
          <MarginDetail {bench} check={group.check} />
        {/if}
      </li>
    {/each}
  </ul>
</section>

<style>
  li {
    border-bottom: 1px solid var(--color-base-300);
  }
  .row {
    display: grid;
    grid-template-columns: 14px 14px minmax(0, 1fr) 96px;
    align-items: center;
    gap: 0.5rem;
    width: 100%;
    padding: 0.3rem 0;
    text-align: left;
  }
  .row:hover {
    background: color-mix(in oklab, var(--color-base-300) 35%, transparent);
  }
  .words {
    display: flex;
    flex-direction: column;
  }
  .words b {
    font-weight: 600;
  }
  .bar {
    position: relative;
    height: 8px;
    contain: layout;
    border-bottom: 1px solid var(--color-base-300);
  }
  .fill {
    position: absolute;
    inset: 0;
    background: linear-gradient(currentColor, currentColor) no-repeat;
  }
  /* Between what the test data of a foam allow. */
  .spread {
    position: absolute;
    top: 2px;
    height: 4px;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-100);
  }
  .post {
    position: absolute;
    top: -4px;
    left: 78%;
    width: 2px;
    height: 16px;
    background: var(--color-base-content);
  }
</style>
