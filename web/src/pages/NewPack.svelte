<!-- A new pack for someone who has never done this: plain questions, and the first wall beside them as they are answered. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import { api, type Beginnings, call, type Evaluation, type FirstWall, type PackFile } from '../lib/api/client';
  import { type Answers, NOTHING_SAID, packOf } from '../lib/bench/beginning';
  import { Latest } from '../lib/api/latest';
  import { starter } from '../lib/bench/starter';
  import { materialOf, materials } from '../lib/catalogue.svelte';
  import { capital } from '../lib/faces';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import QuantityField from '../lib/parts/QuantityField.svelte';
  import SmallSection from '../lib/parts/SmallSection.svelte';
  import { navigate } from '../lib/router';
  import { session } from '../lib/session.svelte';
  import { figure, length, mass, sizeText } from '../lib/units';

  /** Answers stay for this visit, so that a page left by mistake loses none. */
  const KEPT = 'rampart.new-pack';
  const SEARCH_AFTER_MS = 150;
  const PROGRESS_AFTER_MS = 300;
  const SIZES = ['length', 'width', 'height'] as const;

  let beginnings = $state.raw<Beginnings | null>(null);
  let answers = $state<Answers>(kept());
  let wall = $state.raw<{ found: FirstWall; evaluation: Evaluation | null } | null>(null);
  let searching = $state(false);
  let slow = $state(false);
  let trouble = $state('');
  const latest = new Latest();

  let pack = $derived(beginnings && packOf(answers, beginnings));
  let missing = $derived(
    [
      SIZES.every((edge) => answers[edge]) ? '' : 'how big it is',
      answers.massKg ? '' : 'how heavy it is',
      answers.delicacy && (answers.delicacy !== 'test' || answers.testG) ? '' : 'how delicate it is'
    ].filter(Boolean)
  );
  let found = $derived(wall?.found.pack as PackFile | null | undefined);

  void call(api.GET('/api/beginnings')).then(({ data, problem }) => {
    beginnings = data ?? null;
    trouble = problem?.detail ?? '';
  });

  function kept(): Answers {
    try {
      return { ...NOTHING_SAID, ...(JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Partial<Answers>) };
    } catch {
      return { ...NOTHING_SAID };
    }
  }

  $effect(() => {
    sessionStorage.setItem(KEPT, JSON.stringify(answers));
  });

  // The name changes no wall: it is put in when the pack is taken.
  let question = $derived(pack && JSON.stringify({ ...pack, name: 'x', item: { ...pack.item, name: 'x' }, layers: 0 }));

  $effect(() => {
    if (!question) {
      wall = null;
      return;
    }
    const timer = setTimeout(() => pack && void search(pack), SEARCH_AFTER_MS);
    return () => clearTimeout(timer);
  });

  async function search(asked: PackFile) {
    const signal = latest.next();
    searching = true;
    const patience = setTimeout(() => (slow = !signal.aborted), PROGRESS_AFTER_MS);
    const { data, problem } = await call(api.POST('/api/first-walls', { body: asked, signal }));
    const evaluation = data?.pack ? await call(api.POST('/api/evaluations', { body: data.pack, signal })) : null;
    clearTimeout(patience);
    if (signal.aborted) {
      return;
    }
    searching = false;
    slow = false;
    trouble = problem?.errors?.[0]?.message ?? problem?.detail ?? '';
    wall = data ? { found: data, evaluation: evaluation?.data ?? null } : null;
  }

  function stop() {
    latest.end();
    searching = false;
    slow = false;
    trouble = 'Stopped. Change an answer, and the search begins anew.';
  }

  onDestroy(() => latest.end());

  /** One key a visit to this page: however often the button is pressed, one pack is made. */
  const key = crypto.randomUUID();
  let taking = $state(false);

  async function take(taken: PackFile) {
    taking = true;
    const { data, problem } = await call(
      api.POST('/api/packs', { params: { header: { 'Idempotency-Key': key } }, body: taken })
    );
    if (data) {
      sessionStorage.removeItem(KEPT);
      await navigate('/packs/:id', { params: { id: data.id } });
    } else {
      trouble = `${problem.detail} Your answers are kept.`;
    }
    taking = false;
  }

  function named(taken: PackFile): PackFile {
    const name = answers.name.trim() || 'New pack';
    return { ...taken, name, item: { ...taken.item, name } };
  }
</script>

<Head>
  <h1 class="font-semibold">New pack</h1>
  <span class="grow"></span>
  {#if !session.readOnly}
    <button type="button" class="plain-button" onclick={() => take(starter('New pack'))}
      >Skip the questions, start from a plain wall</button
    >
  {/if}
</Head>

<main id="main" class="new">
  <form class="questions" onsubmit={(e) => e.preventDefault()}>
    <section>
      <label for="new-name"><h2>What is it?</h2></label>
      <input id="new-name" class="text w-full max-w-96" maxlength="200" autocomplete="off" bind:value={answers.name} />
    </section>
    <section>
      <h2>How big and how heavy is it?</h2>
      <p class="sentence">
        It is
        {#each SIZES as edge, i (edge)}
          {i > 0 ? '× ' : ''}<QuantityField
            kind="length"
            label="{capital(edge)} of the item"
            value={answers[edge]}
            least={1}
            showUnit={edge === 'height'}
            onset={(value) => (answers[edge] = value)}
          />
        {/each}, as long, wide and high as it will lie in the pack, and weighs
        <QuantityField
          kind="mass"
          label="Mass of the item"
          value={answers.massKg}
          step={0.5}
          least={0.01}
          onset={(value) => (answers.massKg = value)}
        /> with all that goes in with it.
      </p>
      <p class="quiet text-xs">Any unit will do: 38, 3.8 cm, 1 1/2 in; 4.8, 850 g, 9 lb 7 oz.</p>
    </section>
    <fieldset>
      <legend><h2>How delicate is it?</h2></legend>
      <div class="choices">
        {#each beginnings?.delicacy ?? [] as choice (choice.id)}
          <label class="choice">
            <input type="radio" name="delicacy" value={choice.id} bind:group={answers.delicacy} />
            <span><b>{capital(choice.words)}</b> <span class="quiet">{choice.examples}</span></span>
            <span class="g">{figure(choice.fromG)} G</span>
          </label>
        {/each}
        <label class="choice">
          <input type="radio" name="delicacy" value="test" bind:group={answers.delicacy} />
          <span
            ><b>A test has shown it</b>
            <span class="quiet">or the maker says how many G it bears</span></span
          >
          {#if answers.delicacy === 'test'}
            <span class="g"
              ><QuantityField
                kind="number"
                unit="G"
                label="What the item bears"
                value={answers.testG}
                least={1}
                step={5}
                onset={(value) => (answers.testG = value)}
              /></span
            >
          {/if}
        </label>
      </div>
      <p class="quiet text-xs">
        G is how many times its own weight presses on it in the blow. The classes are from {beginnings?.delicacy[0]
          ?.source}; a test is better.
      </p>
    </fieldset>
    <fieldset>
      <legend><h2>How does it travel?</h2></legend>
      <div class="choices">
        {#each beginnings?.journeys ?? [] as choice (choice.id)}
          <label class="choice">
            <input type="radio" name="journey" value={choice.id} bind:group={answers.journey} />
            <span><b>{capital(choice.words)}</b> <span class="quiet">{choice.detail}</span></span>
          </label>
        {/each}
      </div>
    </fieldset>
  </form>

  <section class="wall" aria-label="First wall" aria-busy={searching}>
    <div aria-live="polite">
      {#if trouble}
        <p class="trouble">{trouble}</p>
      {:else if missing.length > 0}
        <p class="text-base">
          Say {missing.join(', ').replace(/, ([^,]*)$/, ' and $1')}, and the smallest wall that holds stands here.
        </p>
      {:else if slow}
        <p>Trying walls, the smallest first.</p>
        <progress class="progress" aria-label="Trying walls"></progress>
        <button type="button" class="plain-button" onclick={stop}>Stop</button>
      {:else if wall}
        {#if wall.found.holds}
          <p class="flex items-center gap-1.5 text-base">
            <Glyph status="holds" size={18} /><b class="status-holds">Holds</b>
            <span>The smallest wall that does:</span>
          </p>
        {:else}
          <p class="text-base">{wall.found.because ?? ''}</p>
        {/if}
      {/if}
    </div>
    {#if found && wall?.evaluation && missing.length === 0}
      {@const evaluation = wall.evaluation}
      <div class="drawing" class:waiting={searching}>
        <SmallSection solids={evaluation.solids} materials={found.layers.map(materialOf)} />
      </div>
      <ol class="layers">
        {#each found.layers as layer (layer.id)}
          <li>
            {#if layer.kind === 'cushion'}
              {@const pads = layer.padCount?.all}
              <b>{length(layer.thicknessMm.all ?? 0)}</b> of {materials.name(layer.material)}
              {layer.form === 'full' ? 'all round' : `in ${pads} ${pads === 1 ? 'pad' : 'pads'} on each face`}
            {:else}
              {layer === found.layers.at(-1) ? 'outer carton' : 'inner box'} of {materials.name(materialOf(layer))}
            {/if}
          </li>
        {/each}
      </ol>
      <p>
        Outside <b>{sizeText(evaluation.outsideMm)}</b>, <b>{mass(evaluation.grossMassKg)}</b> with the item.
      </p>
      {#if session.readOnly}
        <p class="mt-3">A designer of the house can put it on the bench.</p>
      {:else}
        <button
          type="button"
          class="btn mt-3 btn-neutral"
          disabled={searching || taking}
          onclick={() => take(named(found))}>Put it on the bench</button
        >
      {/if}
      <p class="quiet mt-3 text-xs">
        Rests on nominal foam constants, good to about 20 %. A prediction for planning: prove what is valuable or can
        hurt someone in a laboratory.
      </p>
    {/if}
  </section>
</main>

<style>
  .new {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 26rem;
    gap: 0 2.5rem;
    width: 100%;
    max-width: 76rem;
    margin: 0 auto;
    padding: 0.75rem 1.125rem 3rem;
  }
  .questions {
    display: grid;
    align-content: start;
    gap: 1rem;
  }
  h2 {
    font-size: 1rem;
    font-weight: 650;
    margin-bottom: 0.25rem;
  }
  .sentence {
    font-size: 0.9375rem;
    line-height: 2;
  }
  .sentence :global(input) {
    min-width: 5ch;
  }
  .choices {
    display: grid;
    border-top: 1px solid var(--color-base-300);
  }
  .choice {
    display: grid;
    grid-template-columns: 18px minmax(0, 1fr) auto;
    align-items: baseline;
    gap: 0.5rem;
    min-height: 1.75rem;
    padding: 0.1875rem 0.25rem;
    border-bottom: 1px solid var(--color-base-300);
    cursor: pointer;
  }
  .choice:hover,
  .choice:has(:checked) {
    background: var(--color-base-200);
  }
  .choice input[type='radio'] {
    align-self: center;
    width: 16px;
    height: 16px;
    accent-color: var(--color-accent);
  }
  .g {
    font-weight: 650;
  }
  .wall {
    position: sticky;
    top: 0.75rem;
    align-self: start;
    padding: 0.75rem 1rem 1rem;
    border-left: 1px solid var(--color-base-300);
  }
  .drawing {
    height: 15rem;
    margin: 0.5rem 0;
    background: var(--color-base-200);
  }
  .waiting {
    opacity: 0.5;
  }
  .layers {
    display: grid;
    gap: 0.125rem;
    margin-bottom: 0.5rem;
    padding-left: 1.25rem;
    list-style: decimal;
  }
  .trouble {
    padding-left: 0.5rem;
    border-left: 3px solid var(--color-error);
  }
  @media (max-width: 1023px) {
    .new {
      display: block;
    }
    .wall {
      position: static;
      margin-top: 1rem;
      padding: 0.75rem 0 0;
      border-top: 2px solid var(--color-base-content);
      border-left: 0;
    }
  }
</style>
