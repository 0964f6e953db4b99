<!-- Which few carton sizes are worth keeping for all that the house sends. -->
<script lang="ts">
  import { api, call, type CartonSizes, words } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import { house } from '../house.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { money, per, perKg, perMass, perStored, sizeText, unitOf } from '../units';

  const HEAD = 'name,length_mm,width_mm,height_mm,mass_kg,count\n';

  let table = $state(HEAD);
  let board = $state('c-32');
  let perM2 = $state(0.76);
  let billedKg = $state(1);
  let divisor = $state(5000);
  let keepingCost = $state(40);
  let upright = $state(true);
  let most = $state(8);
  let found = $state.raw<CartonSizes | null>(null);
  let shown = $state(0);
  let told = $state('');
  let busy = $state(false);

  let division = $derived(found?.divisions[shown]);
  let dearest = $derived(Math.max(...(found?.divisions.map((d) => d.withKeeping) ?? [1])));

  async function fromShelf() {
    const { data, problem } = await call(api.GET('/api/carton-sizes/shelf'));
    table = data?.table ?? table;
    told = problem ? words(problem) : '';
  }

  async function bring(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    if (file) {
      table = await file.text();
      event.currentTarget.value = '';
    }
  }

  async function ask(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    const body = { table, board, perM2, perKg: billedKg, divisor, keepingCost, upright, most };
    const { data, problem } = await call(api.POST('/api/carton-sizes', { body }));
    busy = false;
    told = problem ? words(problem) : '';
    if (data) {
      found = data;
      shown = data.worth - 1;
    }
  }
</script>

<section aria-labelledby="best-sizes">
  <h3 id="best-sizes" class="font-semibold">Sizes worth keeping</h3>
  <p class="quiet">
    What is sent, one kind a row, by the size that it needs inside a carton with its cushioning, and how often. Rampart
    looks for the few sizes that cost least: board, and freight by mass or volume, whichever is more.
  </p>
  <form class="grid gap-2" onsubmit={ask}>
    <textarea
      class="textarea w-full font-mono text-xs"
      rows="6"
      spellcheck="false"
      aria-label="What is sent, one kind a row"
      bind:value={table}></textarea>
    <div class="flex flex-wrap gap-3">
      <label class="plain-button underline"
        >Bring a file<input class="sr-only" type="file" accept=".csv,text/csv" onchange={bring} /></label
      >
      <button type="button" class="plain-button underline" onclick={fromShelf}>Take the packs on the shelf</button>
    </div>
    <p class="sentence">
      Cartons of
      <ChoiceField
        label="Board of the cartons"
        value={board}
        options={materials.choices('boards')}
        onset={(v) => (board = v)}
      />
      at
      <QuantityField
        kind="number"
        unit="{house.ways.currency}/{unitOf('board')}"
        label="Price of board"
        value={per('board', perM2)}
        step={0.1}
        onset={(v) => (perM2 = perStored('board', v ?? 0))}
      />, freight at
      <QuantityField
        kind="number"
        unit="{house.ways.currency}/{house.ways.massUnit}"
        label="Price of billed mass"
        value={perMass(billedKg)}
        step={0.1}
        onset={(v) => (billedKg = perKg(v ?? 0))}
      />
      with
      <QuantityField
        kind="divisor"
        decimals={0}
        label="Volume charged as mass"
        value={divisor}
        step={1000}
        onset={(v) => (divisor = v ?? 5000)}
      />; keeping one size more costs
      <QuantityField
        kind="number"
        unit={house.ways.currency}
        label="Cost of keeping a size"
        value={keepingCost}
        step={5}
        onset={(v) => (keepingCost = v ?? 0)}
      />. What is sent
      <ChoiceField
        label="Which way up"
        value={upright ? 'up' : 'any'}
        options={[
          { value: 'up' as const, text: 'keeps its top up' },
          { value: 'any' as const, text: 'may lie any way' }
        ]}
        onset={(v) => (upright = v === 'up')}
      />. Look at up to
      <QuantityField
        kind="number"
        unit="sizes"
        decimals={0}
        label="Most sizes"
        value={most}
        least={1}
        onset={(v) => (most = v ?? 8)}
      />.
    </p>
    <div>
      <button class="btn btn-primary btn-sm" disabled={busy}>{busy ? 'Looking' : 'Look for the best sizes'}</button>
    </div>
  </form>
  <p role="status" class:status-breaks={told !== ''}>{told}</p>
  {#if found && division}
    <div class="both">
      <table>
        <caption class="sr-only">What each number of sizes costs</caption>
        <thead
          ><tr
            ><th scope="col">sizes</th><th scope="col">parcels</th><th scope="col">with keeping</th><th scope="col"
            ></th></tr
          ></thead
        >
        <tbody>
          {#each found.divisions as each, i (each.count)}
            <tr>
              <th scope="row"
                ><button
                  type="button"
                  class="plain-button underline"
                  aria-pressed={i === shown}
                  onclick={() => (shown = i)}>{each.count}{each.count === found.worth ? ', best' : ''}</button
                ></th
              >
              <td>{money(each.cost)}</td>
              <td>{money(each.withKeeping)}</td>
              <td class="bar"><span style:width="{(100 * each.withKeeping) / dearest}%"></span></td>
            </tr>
          {/each}
          {#if found.stock}
            <tr>
              <th scope="row">now in store, {found.stock.count}</th>
              <td>{money(found.stock.cost)}</td>
              <td>{money(found.stock.withKeeping)}</td>
              <td
                >{found.intoNone.length > 0
                  ? `${found.intoNone.length} of ${found.rows} go into none and are not counted`
                  : ''}</td
              >
            </tr>
          {/if}
        </tbody>
      </table>
      <table>
        <caption class="text-left font-semibold"
          >{division.count} {division.count === 1 ? 'size' : 'sizes'}, inside</caption
        >
        <tbody>
          {#each division.sizes as size, i (i)}
            <tr>
              <th scope="row">{sizeText(size.insideMm)}</th>
              <td>{size.contents} kinds</td>
              <td>{money(size.cost)}</td>
              <td class="quiet">{size.names}{size.contents > 3 ? ' …' : ''}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <p class="quiet">
      Up to nine kinds are divided in the best of all ways; of more the division is good but not sure to be the best (on
      trials within a twentieth of it).
    </p>
  {/if}
</section>

<style>
  .sentence {
    line-height: 2;
  }
  .both {
    display: grid;
    gap: 1rem;
    grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
    overflow-x: auto;
  }
  table {
    font-size: 0.8125rem;
    align-self: start;
  }
  th,
  td {
    padding: 0 0.75rem 0 0;
    font-weight: 500;
    text-align: left;
    white-space: nowrap;
  }
  .quiet {
    white-space: normal;
  }
  .bar {
    width: 30%;
  }
  .bar span {
    display: block;
    height: 0.5rem;
    background: var(--color-accent);
  }
</style>
