<!-- Journeys a person recognises, each open to what it is reckoned with; the house copies and changes them. -->
<script lang="ts">
  import QuantityField from '../lib/parts/QuantityField.svelte';
  import { api, call, type Choice, type JourneyChoice, type PackFile, type Problem } from '../lib/api/client';
  import { JourneyDraft } from '../lib/journeys/draft.svelte';
  import Spectrum from '../lib/journeys/Spectrum.svelte';
  import Head from '../lib/parts/Head.svelte';
  import Trouble from '../lib/parts/Trouble.svelte';
  import { lists } from '../lib/lists.svelte';
  import { session } from '../lib/session.svelte';
  import JourneyStation from '../lib/stations/JourneyStation.svelte';
  import { HOURS_A_YEAR, length, shown } from '../lib/units';

  type Journey = PackFile['journey'];
  const detailed = (choice: Choice) => (choice.detail ? `${choice.words}, ${choice.detail}` : choice.words);

  let journeys = $state.raw<JourneyChoice[]>([]);
  let opened = $state('');
  /** The draft and what it is to be: a change of a journey, or a new one. */
  let draft = $state.raw<JourneyDraft | null>(null);
  let target = $state.raw<JourneyChoice | null>(null);
  let problem = $state.raw<Problem | null>(null);
  let told = $state('');

  async function load() {
    const { data, problem: trouble } = await call(api.GET('/api/beginnings'));
    journeys = data?.journeys ?? journeys;
    problem = trouble ?? problem;
  }
  void load();

  function edit(journey: JourneyChoice, copy: boolean) {
    draft = new JourneyDraft(copy ? { ...journey, words: `${journey.words}, copied` } : journey);
    target = copy ? null : journey;
    problem = null;
    told = '';
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (!draft) {
      return;
    }
    const body = { words: draft.words, detail: draft.detail, journey: draft.pack.journey };
    const answer = target
      ? await call(
          api.PUT('/api/journeys/{id}', {
            params: { path: { id: target.id }, header: { 'If-Match': `"${target.version}"` } },
            body
          })
        )
      : await call(api.POST('/api/journeys', { body }));
    problem = answer.problem ?? null;
    draft.problem = problem;
    if (answer.data) {
      opened = answer.data.id;
      draft = null;
      told = `${answer.data.words}: saved.`;
    }
    await load();
    if (target) {
      // After somebody else's change the next save is meant over it: the page shows theirs, the form ours.
      target = journeys.find((j) => j.id === target?.id) ?? null;
    }
  }

  async function remove(journey: JourneyChoice) {
    const { problem: trouble } = await call(
      api.DELETE('/api/journeys/{id}', {
        params: { path: { id: journey.id }, header: { 'If-Match': `"${journey.version}"` } }
      })
    );
    problem = trouble ?? null;
    told = trouble
      ? ''
      : journey.preset
        ? `${journey.words}: as Rampart ships it again.`
        : `${journey.words}: removed.`;
    await load();
  }
</script>

<svelte:head><title>Journeys, Rampart</title></svelte:head>

<Head here="Journeys">
  <h1 class="font-semibold">Journeys</h1>
  <span class="grow"></span>
</Head>

<main id="main" class="journeys">
  <p class="quiet">
    A pack that travels … Each opens to what it is reckoned with. Heights, spectra and climates are presets, some of
    them assumed: your carrier and your own recorders know better.
  </p>
  <p role="status">{told}</p>
  {#if !draft}<Trouble {problem} />{/if}
  <ul>
    {#each journeys as choice (choice.id)}
      {@const journey = choice.journey as Journey}
      <li>
        <details
          open={opened === choice.id}
          ontoggle={(e) => e.currentTarget.open && opened !== choice.id && (opened = choice.id)}
        >
          <summary
            >… <b>{choice.words}</b>
            <span class="quiet"
              >{choice.preset ? (choice.version > 0 ? 'changed by the house' : '') : 'of the house'}</span
            ></summary
          >
          <p>{choice.detail}</p>
          <div class="facts">
            <dl>
              <dt>Falls</dt>
              <dd>
                {journey.drop.basis === 'own'
                  ? length(journey.drop.heightMm ?? 0)
                  : detailed(lists.choice((l) => l.dropBases, journey.drop.basis))}, {lists.choice(
                  (l) => l.dropSequences,
                  journey.drop.sequence ?? 'all'
                ).words}, {lists.choice((l) => l.impacts, journey.drop.impacts ?? 'first').words}
              </dd>
              <dt>Ride</dt>
              <dd>
                {detailed(lists.choice((l) => l.rides, journey.vibration?.profile ?? 'none'))}{choice.ride.length > 0
                  ? `, ${shown(choice.rideGrms, 2)} Grms`
                  : ''}
              </dd>
              <dt>Pile</dt>
              <dd>
                {journey.stack
                  ? `${length(journey.stack.heightMm)} for ${shown(journey.stack.days ?? 10, 0)} days at ${shown(100 * (journey.stack.relativeHumidity ?? 0.5), 0)} % humidity, ${lists.choice((l) => l.stackPatterns, journey.stack.pattern ?? 'aligned').words}`
                  : 'none'}
              </dd>
              <dt>Climate</dt>
              <dd>{journey.temperatureC?.min ?? 23} to {journey.temperatureC?.max ?? 23} °C</dd>
              <dt>Time</dt>
              <dd>
                {journey.hours === undefined
                  ? 'not said'
                  : `${shown(journey.hours, 0)} h on the way`}{journey.storageHours
                  ? `, ${shown(journey.storageHours / HOURS_A_YEAR, 1)} years in storage`
                  : ''}
              </dd>
            </dl>
            {#if choice.ride.length > 0}<Spectrum points={choice.ride} />{/if}
          </div>
          {#if !session.readOnly}
            <p class="flex flex-wrap gap-2">
              <button type="button" class="btn btn-sm" onclick={() => edit(choice, true)}>Copy it</button>
              <button type="button" class="btn btn-sm" onclick={() => edit(choice, false)}>Change it</button>
              {#if choice.version > 0}
                <button type="button" class="btn btn-sm" onclick={() => remove(choice)}
                  >{choice.preset ? 'As Rampart ships it' : 'Remove it'}</button
                >
              {/if}
            </p>
          {/if}
        </details>
        {#if draft && (target ? target.id === choice.id : opened === choice.id)}
          <form class="draft" aria-label="Journey" onsubmit={save}>
            <label>
              <span class="quiet block text-xs">It travels …</span>
              <input class="text w-full" maxlength="200" required bind:value={draft.words} />
            </label>
            <label>
              <span class="quiet block text-xs">What is reckoned with, and what of it is assumed</span>
              <input class="text w-full" maxlength="500" bind:value={draft.detail} />
            </label>
            <label>
              Falls
              <select
                class="in-sentence"
                value={draft.pack.journey.drop.basis}
                onchange={(e) => {
                  const basis = e.currentTarget.value as Journey['drop']['basis'];
                  const { heightMm, ...rest } = draft!.pack.journey.drop;
                  draft!.put(
                    '/journey/drop',
                    basis === 'own' ? { ...rest, basis, heightMm: heightMm ?? 760 } : { ...rest, basis }
                  );
                }}
              >
                {#each lists.all?.dropBases ?? [] as basis (basis.value)}<option value={basis.value}
                    >{detailed(basis)}</option
                  >{/each}
              </select>
            </label>
            {#if draft.pack.journey.drop.basis === 'own'}
              <label>
                Height of the fall
                <QuantityField
                  kind="length"
                  label="Height of the fall"
                  value={draft.pack.journey.drop.heightMm}
                  step={50}
                  onset={(v) => draft!.put('/journey/drop/heightMm', v)}
                />
              </label>
            {/if}
            <JourneyStation bench={draft} choose={false} />
            <Trouble {problem} />
            <p class="flex gap-2">
              <button class="btn btn-neutral btn-sm">{target ? 'Save the change' : 'Save as a new journey'}</button>
              <button type="button" class="btn btn-sm" onclick={() => (draft = null)}>Cancel</button>
            </p>
          </form>
        {/if}
      </li>
    {/each}
  </ul>
</main>

<style>
  .journeys {
    width: 100%;
    max-width: 64rem;
    margin: 0 auto;
    padding: 1rem 1.125rem 4rem;
  }
  li {
    border-top: 1px solid var(--color-base-300);
    padding: 0.25rem 0;
  }
  summary {
    min-height: 1.75rem;
    cursor: pointer;
  }
  .facts {
    display: grid;
    gap: 1rem;
    margin: 0.5rem 0;
  }
  @media (min-width: 800px) {
    .facts {
      grid-template-columns: minmax(0, 1fr) 18rem;
    }
  }
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    align-content: start;
    gap: 0.125rem 1.25rem;
  }
  dt {
    font-weight: 600;
  }
  .draft {
    display: grid;
    gap: 0.5rem;
    margin: 0.5rem 0 1rem;
    padding: 0.75rem 1rem;
    border: 1px solid var(--color-base-content);
  }
</style>
