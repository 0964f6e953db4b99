<!-- A foam of the house: its figures, its test data and what they give. Nothing is stored until it is saved. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, call, type FoamTests, type OwnMaterial, type Problem, type TestTables } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import FitPlot from './FitPlot.svelte';
  import { lists } from '../lists.svelte';
  import { write } from './own';
  import TestTable from './TestTable.svelte';
  import { said, stress } from '../units';

  let {
    foam,
    onsaved,
    onclosed
  }: { foam: OwnMaterial | null; onsaved: (saved: OwnMaterial) => void; onclosed: () => void } = $props();

  type Figures = Record<string, unknown> & { law: { aKpa: number; bPerKpa: number } };
  const NO_TESTS: TestTables = { drops: '', creep: '', vibration: '' };
  const FIT_AFTER_MS = 250;
  const LAW_OF_FIT = ['stiffnessPerC', 'substance', 'structure', 'ramp'];

  let seen = $state.raw(untrack(() => foam));
  let document = $state.raw<Figures>(untrack(() => (foam ? (foam.document as Figures) : like('pe-28'))));
  let tables = $state.raw<TestTables>(NO_TESTS);
  let fitted = $state.raw<FoamTests | null>(null);
  let problem = $state.raw<Problem | null>(null);
  let theirs = $state.raw<OwnMaterial | null>(null);
  let busy = $state(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  let turn = 0;

  const begun = untrack(() => foam);
  if (begun) {
    void call(api.GET('/api/stores/materials/{id}/tests', { params: { path: { id: begun.id } } })).then(({ data }) => {
      tables = data ?? tables;
      fitSoon();
    });
  }

  /** Figures of a foam of the catalogue as a start. */
  function like(id: string): Figures {
    const from = materials.all.foams.find((f) => f.id === id)!;
    return {
      name: '',
      substance: lists.all?.substances.find((s) => s.words === from.substance)?.value ?? 'other',
      structure: from.structure,
      densityKgM3: from.densityKgM3,
      law: { aKpa: from.aKpa, bPerKpa: from.bPerKpa },
      creepLimitKpa: from.creepLimitKpa,
      repeatFactor: from.repeatFactor,
      stiffnessPerC: from.stiffnessPerC,
      dynamicModulusKpa: from.dynamicModulusKpa,
      q: from.q,
      squeezeKpa: from.squeezeKpa,
      note: '',
      basis: 'nominal',
      source: `like ${from.name}`
    };
  }

  function set(field: string, value: unknown) {
    if (value !== undefined) {
      document = { ...document, [field]: value };
      if (LAW_OF_FIT.includes(field)) {
        fitSoon();
      }
    }
  }

  function setTable(kind: keyof TestTables, text: string) {
    tables = { ...tables, [kind]: text };
    fitSoon();
  }

  function fitSoon() {
    clearTimeout(timer);
    timer = setTimeout(() => void fit(), FIT_AFTER_MS);
  }

  async function fit() {
    const mine = ++turn;
    if (Object.values(tables).every((text) => text.trim() === '')) {
      fitted = null;
      problem = null;
      return;
    }
    const body = { foam: document, tests: tables };
    const answer = await call(api.POST('/api/stores/fits', { body }));
    if (mine === turn) {
      fitted = answer.data ?? null;
      problem = answer.problem ?? null;
    }
  }

  async function save(event?: SubmitEvent) {
    event?.preventDefault();
    busy = true;
    const answer = await write('foam', seen, document, tables);
    busy = false;
    problem = answer.problem ?? null;
    if (answer.data) {
      await materials.reload();
      onsaved(answer.data);
    } else if (problem?.status === 409 && seen) {
      await materials.reload();
      theirs = materials.own.find((m) => m.id === seen?.id) ?? null;
    }
  }

  /** Writes ours over what somebody else wrote; both stand in the history. */
  function keepMine() {
    seen = theirs;
    theirs = null;
    void save();
  }

  function takeTheirs() {
    if (theirs) {
      onsaved(theirs);
    }
  }

  const NUMBERS = [
    { field: 'densityKgM3', label: 'Density', kind: 'density', step: 1 },
    { field: 'creepLimitKpa', label: 'Thins in time above (creep limit)', kind: 'stress', step: 0.1 },
    { field: 'repeatFactor', label: 'Later blows: b times', kind: 'number', step: 0.05 },
    { field: 'squeezeKpa', label: 'Stress when squeezed at rest', kind: 'stress', step: 1 }
  ] as const;
  const SHAKEN = [
    { field: 'dynamicModulusKpa', label: 'Stiffness when shaken (dynamic modulus)', kind: 'stress', step: 10 },
    { field: 'q', label: 'Amplification at resonance (Q)', kind: 'number', step: 0.1 }
  ] as const;
</script>

<form class="editor" aria-label={foam ? `Change ${foam.name}` : 'New foam'} onsubmit={save}>
  <p class="flex flex-wrap items-baseline gap-3">
    <label class="grow">
      <span class="quiet block text-xs">Name</span>
      <input
        class="text w-full"
        maxlength="100"
        required
        value={String(document.name ?? '')}
        oninput={(e) => set('name', e.currentTarget.value)}
      />
    </label>
    {#if !foam}
      <span
        >figures like
        <ChoiceField
          label="Begin with the figures of"
          value="pe-28"
          options={materials.all.foams.filter((f) => !f.own).map((f) => ({ value: f.id, text: f.name }))}
          onset={(id) => (document = { ...like(id), name: document.name })}
        /></span
      >
    {/if}
  </p>
  <TestTable kind="drops" title="Drop tests" value={tables.drops} disabled={busy} onset={(t) => setTable('drops', t)} />
  <TestTable
    kind="creep"
    title="Creep tests"
    value={tables.creep}
    disabled={busy}
    onset={(t) => setTable('creep', t)}
  />
  <TestTable
    kind="vibration"
    title="Vibration tests"
    value={tables.vibration}
    disabled={busy}
    onset={(t) => setTable('vibration', t)}
  />
  <Trouble {problem} />
  {#if theirs}
    <div class="conflict" role="alert">
      <p>
        <b>{theirs.changedBy} changed this foam in the meantime</b>; it is version {theirs.version} now. What you typed is
        still here. Whichever you choose, the other one stays in the history.
      </p>
      <button type="button" class="btn btn-neutral btn-sm" onclick={keepMine}>Write mine over it</button>
      <button type="button" class="btn btn-sm" onclick={takeTheirs}>Take theirs</button>
    </div>
  {/if}
  {#if fitted}<FitPlot tests={fitted} />{/if}
  <fieldset>
    <legend class="font-semibold">Figures</legend>
    <p>
      Made of <ChoiceField
        label="What it is made of"
        value={String(document.substance)}
        options={lists.options((l) => l.substances)}
        onset={(v) => set('substance', v)}
      />, built as <ChoiceField
        label="How it is built"
        value={String(document.structure ?? 'foam')}
        options={lists.options((l) => l.structures)}
        onset={(v) => set('structure', v)}
      />
    </p>
    {#if fitted?.first}
      <p class="quiet">
        The law comes from the drop tests: a = {stress(fitted.first.aKpa)}, b = {said(
          'perStress',
          fitted.first.bPerKpa,
          5
        )}.
      </p>
    {:else}
      <p>
        Begins to give at (a) <QuantityField
          kind="stress"
          label="Begins to give at (a)"
          value={document.law.aKpa}
          onset={(v) => v && set('law', { ...document.law, aKpa: v })}
        />, growth with energy (b) <QuantityField
          kind="perStress"
          decimals={5}
          step={0.001}
          label="Growth with energy (b)"
          value={document.law.bPerKpa}
          onset={(v) => v && set('law', { ...document.law, bPerKpa: v })}
        />
      </p>
    {/if}
    {#each [...NUMBERS, ...(fitted?.vibration ? [] : SHAKEN)] as each (each.field)}
      <p>
        {each.label}
        <QuantityField
          kind={each.kind}
          label={each.label}
          step={each.step}
          value={document[each.field] as number}
          onset={(v) => set(each.field, v)}
        />
      </p>
    {/each}
    <p>
      Stiffness changes by <QuantityField
        kind="number"
        unit="%"
        decimals={2}
        step={0.1}
        least={-5}
        label="Stiffness per degree"
        value={(document.stiffnessPerC as number) * 100}
        onset={(v) => v !== undefined && set('stiffnessPerC', v / 100)}
      /> for each °C
    </p>
    <p>
      What was not tested is <ChoiceField
        label="What the other figures rest on"
        value={String(document.basis)}
        options={[
          { value: 'nominal', text: 'typical of its class (nominal)' },
          { value: 'input', text: 'given by the house' }
        ]}
        onset={(v) => set('basis', v)}
      />
    </p>
  </fieldset>
  <label>
    <span class="quiet block text-xs">Where the figures come from</span>
    <input
      class="text w-full"
      maxlength="200"
      value={String(document.source ?? '')}
      oninput={(e) => set('source', e.currentTarget.value)}
    />
  </label>
  <label>
    <span class="quiet block text-xs">What a packer should know of it</span>
    <input
      class="text w-full"
      maxlength="1000"
      value={String(document.note ?? '')}
      oninput={(e) => set('note', e.currentTarget.value)}
    />
  </label>
  <p class="flex gap-2">
    <button class="btn btn-neutral btn-sm" disabled={busy}>Save foam</button>
    <button type="button" class="btn btn-sm" onclick={onclosed}>Cancel</button>
  </p>
</form>

<style>
  .editor {
    display: grid;
    gap: 0.625rem;
    max-width: 46rem;
  }
  fieldset p {
    line-height: 2;
  }
  .conflict {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    padding: 0.5rem 0.75rem;
    border: 1px solid var(--color-base-content);
  }
  .conflict p {
    flex-basis: 100%;
  }
</style>
