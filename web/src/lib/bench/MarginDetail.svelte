<!-- Why a check stands as it does: sentence, curve, formula, every number with what it rests on. -->
<script lang="ts">
  import { api, call, type Check, type CurveData } from '../api/client';
  import type { Bench } from './bench.svelte';
  import Curve from './Curve.svelte';
  import RemedyList from './RemedyList.svelte';
  import { exact, inFormula } from '../units';

  let { bench, check }: { bench: Bench; check: Check } = $props();

  const BASIS: Record<string, string> = {
    law: 'physics or mathematics',
    std: 'a published standard, from memory',
    nominal: 'a typical value, good to about 20 %',
    cp: 'common practice, no source',
    assumed: 'an assumption of the method',
    measured: 'measured, in tests of the house',
    extrapolated: 'measured, but not so far out',
    input: 'given by you'
  };

  let curve = $state.raw<CurveData | null>(null);
  let asked = 0;

  // The curve is asked for again when the pack has been evaluated anew.
  $effect(() => {
    const body = bench.pack;
    const id = check.id;
    if (bench.evaluation && check.curve) {
      void load(body, id);
    } else {
      curve = null;
    }
  });

  async function load(body: typeof bench.pack, id: string) {
    const turn = ++asked;
    const { data } = await call(api.POST('/api/curves', { params: { query: { check: id } }, body }));
    if (turn === asked) {
      curve = data ?? null;
    }
  }
</script>

<div class="detail">
  <p>{check.because}</p>
  {#if check.curve}<div class="curve">
      {#if curve}<Curve {curve} />{/if}
    </div>{/if}
  {#if !bench.readOnly && (check.status === 'breaks' || check.status === 'thin')}<RemedyList {bench} {check} />{/if}
  <details>
    <summary>The working</summary>
    <div class="formulas">
      {#each [check.formula, ...check.steps] as line (line.symbols)}
        <code>{line.symbols}</code>
        <code class="quiet">= {line.numbers}</code>
      {/each}
    </div>
    <table>
      <thead class="sr-only">
        <tr><th>symbol</th><th>what it is</th><th>value</th><th>rests on</th></tr>
      </thead>
      <tbody>
        {#each check.working as f (f.symbol)}
          <tr>
            <td><code>{f.symbol}</code></td>
            <td>{f.name}</td>
            <td class="value">{exact(f.value)} {inFormula(f.unit)}{f.said === null ? '' : ` (${f.said})`}</td>
            <td title={f.source || BASIS[f.basis]}><span class="tag">{f.basis}</span></td>
          </tr>
          {#if f.source}
            <tr class="source"><td></td><td colspan="3" class="quiet">{f.source}</td></tr>
          {/if}
        {/each}
      </tbody>
    </table>
    {#each check.notes as note (note)}<p class="quiet text-xs">{note}</p>{/each}
  </details>
</div>

<style>
  /* As high as what comes, so that nothing below it moves from under a pointer. */
  .curve {
    min-height: 12.25rem;
  }
  .detail {
    margin: 0 0 0.5rem;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--color-accent);
    background: var(--color-base-100);
  }
  summary {
    min-height: 1.5rem;
    margin-top: 0.25rem;
    cursor: pointer;
    font-weight: 600;
  }
  .formulas {
    display: grid;
    overflow-x: auto;
    margin: 0.25rem 0;
    font-size: 0.75rem;
  }
  table {
    width: 100%;
    font-size: 0.75rem;
  }
  td {
    padding: 1px 6px 1px 0;
    vertical-align: top;
  }
  .value {
    text-align: right;
    white-space: nowrap;
  }
  .source td {
    padding-bottom: 3px;
  }
  .tag {
    padding: 0 4px;
    border: 1px solid var(--color-base-300);
  }
</style>
