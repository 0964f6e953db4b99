<!-- Which input matters most to the verdict, how sure it is, and the whole evaluation to take away. -->
<script lang="ts">
  import { api, call, type Sensitivity } from '../api/client';
  import { onDestroy } from 'svelte';
  import { Latest } from '../api/latest';
  import { capital } from '../faces';
  import Trouble from '../parts/Trouble.svelte';
  import { shown } from '../units';
  import { save } from './save';
  import type { Bench } from './bench.svelte';
  import type { Problem } from '../api/client';

  let { bench }: { bench: Bench } = $props();

  let answer = $state.raw<Sensitivity | null>(null);
  let of = $state.raw<unknown>(null);
  let busy = $state(false);
  const latest = new Latest();
  let problem = $state.raw<Problem | null>(null);

  let stale = $derived(answer !== null && of !== bench.pack);
  let most = $derived(Math.max(0.001, ...(answer?.influences.map((i) => i.swing) ?? [])));

  async function ask() {
    busy = true;
    of = bench.pack;
    const signal = latest.next();
    const { data, problem: trouble } = await call(api.POST('/api/sensitivities', { body: bench.pack, signal }));
    busy = false;
    if (!signal.aborted) {
      answer = data ?? answer;
      problem = trouble ?? null;
    }
  }

  onDestroy(() => latest.end());

  const percent = (margin: number) => `${shown(margin * 100, 0)} %`;

  async function take(kind: 'json' | 'csv') {
    problem = await save(bench.pack, kind);
  }
</script>

<section class="matters" aria-labelledby="matters-title">
  <h2 id="matters-title">What matters most</h2>
  {#if answer === null || stale}
    <button type="button" class="plain-button" disabled={busy} onclick={ask}
      >{stale ? 'Work it out again: the pack was changed' : 'Work out which input matters most'}</button
    >
  {/if}
  {#if busy}
    <p>
      <progress class="progress" aria-label="Changing each input"></progress>
      <button type="button" class="plain-button" onclick={() => latest.end()}>Stop</button>
    </p>
  {/if}
  <Trouble {problem} />
  {#if answer}
    <p>
      The least margin is {percent(answer.margin)}. With the nominal foam constants off by up to 20 %, it lies between
      <b>{percent(answer.marginLow)}</b> ({answer.verdictLow}) and <b>{percent(answer.marginHigh)}</b>
      ({answer.verdictHigh}).
      {answer.verdictLow === answer.verdictHigh
        ? 'The verdict stands either way.'
        : 'The verdict is not sure: test it.'}
    </p>
    <ol>
      {#each answer.influences as one (one.name)}
        <li>
          <span class="name">{capital(one.name)}, {one.said} <span class="quiet">[{one.basis}]</span></span>
          <span class="bar" aria-hidden="true"><span style:width="{(one.swing / most) * 100}%"></span></span>
          <span class="quiet"
            >a tenth less: {percent(one.marginLess)}, a tenth more: {percent(one.marginMore)}{one.flipsAt === null
              ? '; no change up to twice as much turns the verdict'
              : `; at ${one.flipsAtSaid} the pack ${one.verdictThere === 'thin' ? 'is thin' : one.verdictThere}`}</span
          >
        </li>
      {/each}
    </ol>
  {/if}
  <p class="take">
    All numbers of this pack: <button type="button" class="plain-button" onclick={() => take('json')}>as JSON</button>
    <button type="button" class="plain-button" onclick={() => take('csv')}>as a table (CSV)</button>
  </p>
</section>

<style>
  .matters {
    display: grid;
    gap: 0.375rem;
  }
  h2 {
    font-weight: 650;
  }
  ol {
    display: grid;
    gap: 0.5rem;
  }
  li {
    display: grid;
    gap: 0.125rem;
    font-size: 0.8125rem;
    line-height: 1.35;
  }
  .name {
    font-weight: 550;
  }
  .bar {
    height: 5px;
    background: var(--color-base-300);
  }
  .bar span {
    display: block;
    height: 100%;
    background: var(--color-accent);
  }
  .take {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
  }
</style>
