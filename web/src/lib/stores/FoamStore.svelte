<!-- Each foam with its cushion curve for a chosen thickness and height, what the present pack can use of it, its figures. -->
<script lang="ts">
  import { api, call, type CurveData, type CushionCurve, type FoamTests, words } from '../api/client';
  import Curve from '../bench/Curve.svelte';
  import { materials } from '../catalogue.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { present } from '../present';
  import { session } from '../session.svelte';
  import { toasts } from '../toasts.svelte';
  import FitPlot from './FitPlot.svelte';
  import FoamEditor from './FoamEditor.svelte';
  import MaterialHistory from './MaterialHistory.svelte';
  import { remove } from './own';
  import { figure, length, numberOf, said, shown, stress, unitOf } from '../units';

  const now = present();

  let chosen = $state(now?.cushions[0]?.material ?? 'pe-28');
  let thicknessMm = $state(now?.cushions[0]?.thicknessMm || 50);
  let heightMm = $state(now?.heightMm ?? 760);
  let limitG = $state<number | undefined>(now?.limitG ?? undefined);
  let repeated = $state(false);
  let curve = $state.raw<CushionCurve | null>(null);
  let trouble = $state('');
  let turn = 0;

  /** What is being edited: a foam of the house, a new one, or nothing. */
  let editing = $state<'no' | 'new' | 'this'>('no');
  let tests = $state.raw<FoamTests | null>(null);

  let own = $derived(materials.own.find((m) => m.id === chosen) ?? null);
  let foam = $derived(materials.all.foams.find((f) => f.id === chosen));
  let stands = $derived(now?.cushions.find((c) => c.material === chosen));

  $effect(() => {
    const mine = ++turn;
    const query = { heightMm, thicknessMm, repeated, ...(limitG ? { limitG } : {}) };
    void call(api.GET('/api/stores/foams/{id}/curve', { params: { path: { id: chosen }, query } })).then(
      ({ data, problem }) => {
        if (mine === turn) {
          curve = data ?? curve;
          trouble = problem ? words(problem) : '';
        }
      }
    );
  });

  // The test data of a foam of the house, fitted anew for the plot.
  $effect(() => {
    const stored = own;
    tests = null;
    if (stored && stored.kind === 'foam') {
      void call(api.GET('/api/stores/materials/{id}/tests', { params: { path: { id: stored.id } } })).then(
        async ({ data }) => {
          if (data && Object.values(data).some((text) => text.trim() !== '')) {
            const body = { foam: stored.document, tests: data };
            const answer = await call(api.POST('/api/stores/fits', { body }));
            if (own === stored) {
              tests = answer.data ?? null;
            }
          }
        }
      );
    }
  });

  async function take() {
    const gone = own;
    const problem = gone ? await remove(gone) : null;
    if (problem) {
      trouble = problem.detail;
      return;
    }
    chosen = 'pe-28';
    await materials.reload();
    toasts.show({ text: `${gone?.name} removed from the stores; packs that use it keep it.` });
  }

  let drawn = $derived.by((): CurveData | null => {
    if (!curve) {
      return null;
    }
    const onCurve = stands && stands.thicknessMm === thicknessMm && now?.heightMm === heightMm;
    const at = onCurve ? nearest(curve.points, stands!.kpa) : [curve.bestKpa, curve.leastG];
    return {
      check: 'cushion',
      xName: 'load at rest on the foam (static stress)',
      xUnit: unitOf('stress'),
      yName: 'the item feels, falling flat on this cushion alone',
      yUnit: 'G',
      points: curve.points.map(inHouse),
      limit: limitG ?? null,
      holdsBelow: true,
      band: curve.band ? [curve.band.map((kpa) => numberOf('stress', kpa))] : [],
      operating: inHouse(at)
    };
  });

  /** Load in the unit of the house, and G. */
  const inHouse = ([kpa, g]: number[]): number[] => [numberOf('stress', kpa!), g!];

  function nearest(points: number[][], kpa: number): number[] {
    return points.reduce((best, p) => (Math.abs(p[0]! - kpa) < Math.abs(best[0]! - kpa) ? p : best));
  }
</script>

<div class="foams">
  <div>
    <ul class="list" aria-label="Foams">
      {#each [...materials.all.foams].sort((a, b) => Number(b.own) - Number(a.own)) as each (each.id)}
        <li>
          <button
            type="button"
            aria-pressed={chosen === each.id && editing !== 'new'}
            onclick={() => {
              chosen = each.id;
              editing = 'no';
            }}
          >
            <b>{each.name}</b>
            <span class="quiet"
              >{said('density', each.densityKgM3, 0)}{each.own
                ? `, of the house${each.tests?.first ? ', tested' : ''}`
                : ''}{each.note ? `, ${each.note}` : ''}</span
            >
          </button>
        </li>
      {/each}
    </ul>
    {#if !session.readOnly}
      <button type="button" class="btn mt-2 btn-sm" onclick={() => (editing = 'new')}>New foam, from test data</button>
    {/if}
  </div>
  {#if editing !== 'no'}
    <section aria-label="Foam of the house">
      {#key editing + chosen}
        <FoamEditor
          foam={editing === 'this' ? own : null}
          onsaved={(saved) => {
            chosen = saved.id;
            editing = 'no';
          }}
          onclosed={() => (editing = 'no')}
        />
      {/key}
    </section>
  {:else if foam}
    <section aria-labelledby="foam-name">
      <h2 id="foam-name" class="text-lg font-semibold">{foam.name}</h2>
      <p>
        <QuantityField
          kind="length"
          label="Thickness of the cushion"
          value={thicknessMm}
          least={1}
          onset={(v) => v && (thicknessMm = v)}
        /> thick, falling
        <QuantityField
          kind="length"
          label="Height of the fall"
          value={heightMm}
          step={50}
          least={1}
          decimals={0}
          onset={(v) => v && (heightMm = v)}
        />
        under an item that bears
        <QuantityField
          kind="number"
          label="What the item bears"
          unit="G"
          value={limitG}
          optional
          decimals={0}
          step={5}
          onset={(v) => (limitG = v)}
        />
        <label class="ml-2"><input type="checkbox" bind:checked={repeated} /> second to fifth blow</label>
      </p>
      <div role="alert">
        {#if trouble}<p class="status-breaks">{trouble}</p>{/if}
      </div>
      {#if drawn && curve}
        <Curve curve={drawn} stand={stands ? 'where the present pack stands' : 'the lowest point'} />
        <p>
          {#if limitG === undefined}
            Give what the item bears, and the range of loads that holds is marked.
          {:else if curve.band}
            For {shown(limitG, 0)} G the load at rest may be
            <b>{stress(curve.band[0]!)} to {stress(curve.band[1]!)}</b>; least G at {stress(curve.bestKpa)}.
          {:else}
            <b>No load holds {shown(limitG, 0)} G</b> at this thickness: even the best, {stress(curve.bestKpa)}, gives
            {figure(curve.leastG)} G. Thicker foam or another one.
          {/if}
          {#if now}
            <span class="quiet">
              Height{now.limitG ? ' and G' : ''} are those of
              <a class="underline" href="/packs/{now.id}">{now.name}</a>{stands
                ? `, which rests with ${stress(stands.kpa)} on ${length(stands.thicknessMm)} of this foam at the bottom`
                : ''}.
              {now.cushions.length > 1 ? 'Its cushions share the fall; this curve is for one alone.' : ''}
            </span>
          {/if}
        </p>
      {/if}
      <h3 class="mt-3 font-semibold">Figures</h3>
      <dl class="figures">
        <dt>Density</dt>
        <dd>{said('density', foam.densityKgM3, 0)}</dd>
        <dt>Begins to give at (a)</dt>
        <dd>{stress(foam.aKpa)}</dd>
        <dt>Growth with energy (b)</dt>
        <dd>{said('perStress', foam.bPerKpa, 5)}</dd>
        <dt>Thins in time above (creep limit)</dt>
        <dd>{stress(foam.creepLimitKpa)}</dd>
        <dt>Later blows: b times</dt>
        <dd>{foam.tests?.repeated ? 'measured, below' : foam.repeatFactor}</dd>
        <dt>Stiffness per degree</dt>
        <dd>{shown(foam.stiffnessPerC * 100, 1)} %/°C</dd>
        <dt>Stiffness when shaken (dynamic modulus)</dt>
        <dd>{stress(foam.dynamicModulusKpa)}</dd>
        <dt>Amplification at resonance (Q)</dt>
        <dd>{shown(foam.q, 2)}</dd>
      </dl>
      {#if tests}
        <h3 class="mt-3 font-semibold">Test data</h3>
        <FitPlot {tests} />
      {/if}
      {#if own}
        <p class="flex gap-2">
          {#if !session.readOnly}
            <button type="button" class="btn btn-sm" onclick={() => (editing = 'this')}>Change it</button>
            <button type="button" class="btn btn-sm" onclick={take}>Remove it</button>
          {/if}
        </p>
        <MaterialHistory id={own.id} name={own.name} version={own.version} />
      {/if}
      <p class="quiet">
        {foam.tests?.first
          ? `The law is measured; what was not tested is ${foam.basis === 'input' ? 'given by the house' : 'nominal'}.`
          : foam.basis === 'input'
            ? 'Given by the house.'
            : 'Nominal.'}
        {foam.source ? `Source: ${foam.source}` : 'No source is named'}. Made of {foam.substance}. Lies in the store as
        {materials
          .sheetsOf(foam.id)
          .map((t) => length(t))
          .join(', ') || 'no sheet yet'}.
        {foam.own ? '' : "Plan with it, then test: the figures are typical ones, not your supplier's."}
      </p>
    </section>
  {/if}
</div>

<style>
  .foams {
    display: grid;
    gap: 1.5rem;
  }
  @media (min-width: 900px) {
    .foams {
      grid-template-columns: 20rem minmax(0, 1fr);
    }
  }
  .list button {
    width: 100%;
    min-height: 2rem;
    padding: 0.25rem 0.5rem;
    border-left: 3px solid transparent;
    text-align: left;
  }
  .list button[aria-pressed='true'] {
    border-left-color: var(--color-accent);
    background: var(--color-base-200);
  }
  .figures {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.125rem 1.5rem;
    margin: 0.25rem 0 0.5rem;
  }
  .figures dd {
    font-weight: 600;
  }
</style>
