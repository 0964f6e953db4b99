<!-- A new pack for someone who has never done this: plain questions, and the first wall beside them as they are answered. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import { api, type Beginnings, call, type Evaluation, type FirstWalls, type PackFile } from '../lib/api/client';
  import { type Answers, NOTHING_SAID, packOf } from '../lib/bench/beginning';
  import { Latest } from '../lib/api/latest';
  import { FIRST_WALL } from '../lib/bench/next';
  import { lists } from '../lib/lists.svelte';
  import { materialOf, materials } from '../lib/catalogue.svelte';
  import { capital } from '../lib/faces';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import QuantityField from '../lib/parts/QuantityField.svelte';
  import SmallSection from '../lib/parts/SmallSection.svelte';
  import { navigate } from '../lib/router';
  import { session } from '../lib/session.svelte';
  import { figure, length, mass, shown, sizeText } from '../lib/units';

  /** Answers stay for this visit, so that a page left by mistake loses none. */
  const KEPT = 'rampart.new-pack';
  const SEARCH_AFTER_MS = 150;
  const PROGRESS_AFTER_MS = 300;
  const SIZES = ['length', 'width', 'height'] as const;

  let beginnings = $state.raw<Beginnings | null>(null);
  let answers = $state<Answers>(kept());
  let walls = $state.raw<FirstWalls | null>(null);
  /** Which of the walls, or of the ways out, is looked at. */
  let chosen = $state(0);
  /** The one that is looked at, with its evaluation; the one before it until that is there. */
  let looked = $state.raw<{ pack: PackFile; evaluation: Evaluation } | null>(null);
  let searching = $state(false);
  let slow = $state(false);
  let trouble = $state('');
  const latest = new Latest();

  let pack = $derived(beginnings && lists.all && packOf(answers, beginnings, lists.newLayer('box')));
  let missing = $derived(
    [
      SIZES.every((edge) => answers[edge]) ? '' : 'how big it is',
      answers.massKg ? '' : 'how heavy it is',
      answers.delicacy && (answers.delicacy !== 'test' || answers.testG) ? '' : 'how delicate it is'
    ].filter(Boolean)
  );
  let choices = $derived(
    walls === null ? [] : walls.walls.length > 0 ? walls.walls.map((w) => w.pack) : walls.ways.map((w) => w.pack)
  );
  let found = $derived(choices[chosen] as PackFile | undefined);
  let figures = $derived(walls?.walls[chosen]?.figures);

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
      walls = null;
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
    clearTimeout(patience);
    if (signal.aborted) {
      return;
    }
    searching = false;
    slow = false;
    trouble = problem?.errors?.[0]?.message ?? problem?.detail ?? '';
    chosen = 0;
    walls = data ?? null;
  }

  // What is looked at is evaluated whole, for its drawing and its size.
  $effect(() => {
    const pack = found;
    if (!pack) {
      looked = null;
      return;
    }
    const end = new AbortController();
    void call(api.POST('/api/evaluations', { body: pack, signal: end.signal })).then(({ data }) => {
      if (!end.signal.aborted && data) {
        looked = { pack, evaluation: data };
      }
    });
    return () => end.abort();
  });

  /** A kind of wall as a packer says it, with what it saves. */
  function kindInWords(wall: FirstWalls['walls'][number]): string {
    if (wall.kind === 'stock') {
      const carton = materials.stock.cartons.find((c) => c.id === wall.carton);
      return `In your carton ${carton ? `“${carton.name}”` : 'from stock'}`;
    }
    if (wall.kind === 'single') {
      return 'In one carton made to size';
    }
    const single = walls?.walls.find((w) => w.kind === 'single');
    const saved = single ? Math.round((1 - wall.figures.volumeL / single.figures.volumeL) * 100) : 0;
    return saved > 0 ? `A box in a box, ${saved} % smaller` : 'A box in a box';
  }

  /** Thickness of a cushion, or from which to which where its sides differ. */
  function thickness(layer: { thicknessMm: Record<string, number | undefined> }): string {
    const sides = Object.values(layer.thicknessMm).filter((mm): mm is number => !!mm);
    const [least, most] = [Math.min(...sides), Math.max(...sides)];
    return least === most ? length(least) : `${length(least)} to ${length(most)}`;
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
      // The answers stay: who comes back to change one finds them.
      sessionStorage.setItem(FIRST_WALL + data.id, 'new');
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
  {#if JSON.stringify(answers) !== JSON.stringify(NOTHING_SAID)}
    <button type="button" class="plain-button" onclick={() => (answers = { ...NOTHING_SAID })}>Clear answers</button>
  {/if}
  {#if !session.readOnly}
    <button type="button" class="plain-button" onclick={() => take(lists.plainPack())}>Start from a plain wall</button>
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
      <!-- eslint-disable-next-line no-restricted-syntax -- it says which units are taken -->
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
      {:else if walls && walls.walls.length > 0}
        <p class="flex items-center gap-1.5 text-base">
          <Glyph status="holds" size={18} /><b class="status-holds">Holds</b>
          <span>{walls.walls.length === 1 ? 'The smallest wall that does:' : 'Walls that do:'}</span>
        </p>
      {:else if walls && walls.ways.length > 0}
        <p class="text-base">No wall holds as it is. What would do:</p>
      {:else if walls}
        <p class="text-base">No wall holds, and no single demand that gave way would change that.</p>
      {/if}
    </div>
    {#if walls && choices.length > 0 && missing.length === 0}
      <div class="choices kinds" role="radiogroup" aria-label={walls.walls.length > 0 ? 'Walls' : 'Ways out'}>
        {#each walls.walls as wall, index (wall.kind)}
          <label class="choice">
            <input type="radio" name="wall" value={index} bind:group={chosen} />
            <span>{kindInWords(wall)}</span>
            <span class="g">{shown(wall.figures.volumeL, 1)} l</span>
          </label>
        {/each}
        {#if walls.walls.length === 0}
          {#each walls.ways as way, index (way.demand)}
            <label class="choice">
              <input type="radio" name="wall" value={index} bind:group={chosen} />
              <span>{way.because}</span>
            </label>
          {/each}
        {/if}
      </div>
    {/if}
    {#if found && looked && missing.length === 0}
      {@const { pack: seen, evaluation } = looked}
      <div class="drawing" class:waiting={searching}>
        <SmallSection solids={evaluation.solids} materials={seen.layers.map(materialOf)} />
      </div>
      <ol class="layers">
        {#each seen.layers as layer (layer.id)}
          <li>
            {#if layer.kind === 'cushion'}
              <b>{thickness(layer)}</b> of {materials.name(layer.material)}
              {layer.form === 'full' ? '' : 'in '}{lists.choice((l) => l.forms, layer.form).words}
            {:else}
              {layer === seen.layers.at(-1) ? 'outer carton' : 'inner box'} of {materials.name(materialOf(layer))}
            {/if}
          </li>
        {/each}
      </ol>
      <p>
        Outside <b>{sizeText(evaluation.outsideMm)}</b>, <b>{mass(evaluation.grossMassKg)}</b> with the item{figures
          ? `; length and girth ${length(figures.lengthAndGirthMm, 0)}.`
          : '.'}
      </p>
      {#if figures}
        {#each figures.crosses as line (line)}<p class="crosses">{line}</p>{/each}
        <p class="quiet">
          {figures.pieces === 0
            ? 'Nothing to cut'
            : `${figures.pieces} ${figures.pieces === 1 ? 'piece' : 'pieces'}, ${figures.cuts} cuts`}, about {shown(
            figures.minutes,
            0
          )} minutes at the table.
        </p>
      {/if}
      {#if session.readOnly}
        <p class="mt-3">A designer of the house can put it on the bench.</p>
      {:else}
        <button
          type="button"
          class="btn mt-3 btn-neutral"
          disabled={searching || taking}
          onclick={() => take(named(found))}
          >{walls && walls.walls.length > 0 ? 'Put it on the bench' : 'Put it on the bench all the same'}</button
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
  .kinds {
    margin-top: 0.5rem;
  }
  .drawing {
    height: 13rem;
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
  .crosses {
    padding-left: 0.5rem;
    border-left: 3px solid var(--color-warning);
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
