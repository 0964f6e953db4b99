<!-- Walls proposed: limits in a sentence, the search, the walls on a plane and in a table, two side by side, one taken. -->
<script module lang="ts">
  import type { Bench as OfBench } from '../bench/bench.svelte';
  import type { ProposalLimits as Limits, Proposals as Found } from '../api/client';

  /** The last search of each bench: whoever goes to another station and comes back finds it as it was. */
  const last = new WeakMap<OfBench, { limits: Limits; answer: Found; asked: unknown }>();
</script>

<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import {
    lines,
    type Problem,
    type Proposal,
    type ProposalLimits,
    type ProposalLine,
    type Proposals
  } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import { materials } from '../catalogue.svelte';
  import { house } from '../house.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import SmallSection from '../parts/SmallSection.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import Plane from './Plane.svelte';
  import SideBySide from './SideBySide.svelte';
  import { type Measure, MEASURES, wallInWords } from './walls';

  let { bench }: { bench: Bench } = $props();

  const before = untrack(() => last.get(bench));
  let limits = $state<ProposalLimits>(
    before?.limits ?? {
      build: 'any',
      foams: [],
      longestMm: null,
      lengthAndGirthMm: null,
      reusable: false,
      handCut: false,
      stockOnly: false
    }
  );
  let answer = $state.raw<Proposals | null>(before?.answer ?? null);
  let asked = $state.raw<unknown>(before?.asked ?? null);
  let progress = $state.raw<ProposalLine | null>(null);
  let problem = $state.raw<Problem | null>(null);
  let stopped = $state(false);
  let chosen = $state<number[]>([]);
  let order = $state<Measure['key']>('size');
  let search: AbortController | null = null;

  let measures = $derived(MEASURES.filter((m) => m.key !== 'cost' || answer?.costed));
  let measure = $derived(measures.find((m) => m.key === order) ?? measures[0]!);
  let ordered = $derived(
    (answer?.proposals ?? [])
      .map((wall, index) => ({ wall, index }))
      .sort((a, b) => ((measure.of(a.wall) ?? 0) - (measure.of(b.wall) ?? 0)) * (measure.more ? -1 : 1))
  );
  let stale = $derived(answer !== null && asked !== bench.pack);

  async function propose() {
    search?.abort();
    const mine = new AbortController();
    search = mine;
    problem = null;
    stopped = false;
    chosen = [];
    progress = { waiting: 0, done: 0, of: 1, found: 0, answer: null, trouble: null };
    asked = bench.pack;
    let ended: Problem | null = null;
    const trouble = await lines<ProposalLine>(
      '/api/proposals/lines',
      { pack: bench.pack, limits: $state.snapshot(limits) },
      mine.signal,
      (line) => {
        progress = line;
        if (line.answer) {
          answer = line.answer;
          last.set(bench, { limits: $state.snapshot(limits), answer: line.answer, asked });
        }
        if (line.trouble !== null) {
          ended = { status: 503, detail: line.trouble };
        }
      }
    );
    if (search === mine) {
      problem = trouble ?? ended;
      progress = null;
      search = null;
    }
  }

  function stop() {
    search?.abort();
    search = null;
    progress = null;
    stopped = true;
  }

  onDestroy(() => search?.abort());

  /** A large number in groups of three. */
  const grouped = (n: number) => String(n).replace(/\B(?=(\d{3})+$)/g, '\u202f');

  function pick(index: number) {
    chosen = chosen.includes(index) ? chosen.filter((i) => i !== index) : [...chosen, index].slice(-2);
  }

  function toggle(foam: string, on: boolean) {
    limits.foams = on ? [...limits.foams, foam] : limits.foams.filter((f) => f !== foam);
  }

  const parts = (wall: Proposal) =>
    wallInWords(
      wall,
      (id) => materials.name(id),
      (id) => materials.stock.cartons.find((c) => c.id === id)?.name ?? 'a stock carton'
    );

  const words = (wall: Proposal) => parts(wall).join(', ');

  function take(wall: Proposal) {
    bench.change({ ...bench.pack, layers: wall.pack.layers }, 'a proposed wall');
    bench.station = 'Cushion';
  }
</script>

<section class="walls" aria-labelledby="walls-title">
  <h2 id="walls-title" class="sr-only">Walls proposed</h2>
  <p class="sentence">
    Propose <ChoiceField
      label="How many boxes"
      value={limits.build as 'any' | 'single' | 'boxInBox'}
      options={[
        { value: 'any', text: 'one carton or a box in a box' },
        { value: 'single', text: 'one carton only' },
        { value: 'boxInBox', text: 'a box in a box only' }
      ]}
      onset={(build) => (limits.build = build)}
    />, outer carton <ChoiceField
      label="Which outer cartons"
      value={limits.stockOnly ? 'stock' : 'made'}
      options={[
        { value: 'made', text: 'made to size' },
        { value: 'stock', text: 'from stock' }
      ]}
      onset={(from) => (limits.stockOnly = from === 'stock')}
    />, no edge longer than <QuantityField
      kind="length"
      label="Longest outside edge"
      value={limits.longestMm ?? undefined}
      optional
      decimals={0}
      step={10}
      onset={(mm) => (limits.longestMm = mm ?? null)}
    />, length and girth up to <QuantityField
      kind="length"
      label="Greatest length and girth"
      value={limits.lengthAndGirthMm ?? undefined}
      optional
      decimals={0}
      step={50}
      onset={(mm) => (limits.lengthAndGirthMm = mm ?? null)}
    />.
    <label><input type="checkbox" bind:checked={limits.reusable} /> to be used again</label>
    <label><input type="checkbox" bind:checked={limits.handCut} /> cut by hand from sheets</label>
  </p>
  <details>
    <summary>
      {limits.foams.length === 0
        ? 'Any foam may be used'
        : `Only ${limits.foams.map((f) => materials.name(f)).join(', ')}`}
    </summary>
    <p class="foams">
      {#each materials.all.foams as foam (foam.id)}
        <label
          ><input
            type="checkbox"
            checked={limits.foams.includes(foam.id)}
            onchange={(e) => toggle(foam.id, e.currentTarget.checked)}
          />
          {foam.name}</label
        >
      {/each}
    </p>
  </details>
  <p class="go">
    <button type="button" class="btn btn-primary btn-sm" onclick={propose} disabled={progress !== null}
      >Propose walls</button
    >
    {#if progress}
      {#if progress.waiting > 0}
        <span role="status">Waiting for other searches: number {progress.waiting} in the queue</span>
      {:else}
        <progress class="progress w-48" value={progress.done} max={Math.max(1, progress.of)} aria-label="Search"
        ></progress>
        <span role="status">{progress.found} {progress.found === 1 ? 'wall' : 'walls'} so far</span>
      {/if}
      <button type="button" class="plain-button" onclick={stop}>Stop</button>
    {:else if stopped}
      <span role="status">Stopped. {answer ? 'Below is the list from before.' : ''}</span>
    {/if}
  </p>
  <Trouble {problem} />

  {#if answer && !progress}
    {#if answer.miss}
      <div class="miss" role="status">
        <p class="font-semibold">{answer.miss.because}</p>
        {#if answer.miss.wall}
          <div class="small">
            <SmallSection solids={answer.miss.wall.solids} materials={answer.miss.wall.materials} />
          </div>
          <p>{words(answer.miss.wall)}</p>
          {#if !bench.readOnly}
            <button type="button" class="plain-button" onclick={() => take(answer!.miss!.wall!)}
              >Put it on the bench all the same</button
            >
          {/if}
        {/if}
      </div>
    {:else}
      <p role="status">
        {answer.proposals.length} of {grouped(answer.considered)} walls: none of them is outdone by another in outside, mass{answer.costed
          ? ', cost'
          : ''} and margin. In order of <ChoiceField
          label="Order of the walls"
          value={order}
          options={measures.map((m) => ({ value: m.key, text: m.name }))}
          onset={(key) => (order = key)}
        />. Choose two to compare.
        {#if !answer.costed}<span class="quiet">Cost is not compared: the stores lack some price.</span>{/if}
        {#if stale}<b>The pack was changed since: propose again.</b>{/if}
      </p>
      <Plane walls={answer.proposals} {measures} {chosen} onpick={pick} {words} />
      {#if chosen.length > 0}
        <SideBySide
          walls={chosen.map((i) => answer!.proposals[i]!)}
          {measures}
          {words}
          {parts}
          readOnly={bench.readOnly}
          ontake={take}
        />
      {/if}
      <!-- Focusable, so that it can be scrolled by keyboard where it is wider than the screen. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div class="scrolls" role="region" aria-label="Proposed walls" tabindex="0">
        <table class="figures-table">
          <thead>
            <tr>
              <th scope="col">Wall</th>
              {#each measures as m (m.key)}<th scope="col" class="number">{m.name}</th>{/each}
              <th scope="col">Weakest</th>
            </tr>
          </thead>
          <tbody>
            {#each ordered as { wall, index } (index)}
              <tr>
                <th scope="row">
                  <label
                    ><input type="checkbox" checked={chosen.includes(index)} onchange={() => pick(index)} />
                    {index + 1}. {words(wall)}</label
                  >
                  {#each wall.figures.crosses as line (line)}<span class="crosses">{line}</span>{/each}
                </th>
                {#each measures as m (m.key)}<td class="number">{m.text(wall)}</td>{/each}
                <td>{wall.weakest}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      <p class="quiet">
        On nominal foam constants. Material only, in {house.ways.currency}: waste, tape and work are not in the cost.
        Margin counts in whole percent up to 30.
      </p>
    {/if}
  {/if}
</section>

<style>
  .walls {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.5rem;
  }
  .sentence {
    line-height: 2;
  }
  .sentence label {
    margin-left: 1rem;
  }
  label {
    display: inline-flex;
    align-items: baseline;
    gap: 0.375rem;
    min-height: 1.5rem;
  }
  .foams,
  .go {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 1rem;
  }
  summary {
    display: inline-block;
    min-height: 1.5rem;
    cursor: pointer;
    border-bottom: 1px dashed var(--color-base-content);
  }
  .small {
    width: 240px;
    height: 150px;
  }
  th label {
    font-weight: 500;
  }
  .crosses {
    display: block;
    padding-left: 1.25rem;
    font-weight: 400;
  }
</style>
