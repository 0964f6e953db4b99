<!-- What the house pays for material, each price with its source and its history. -->
<script lang="ts">
  import { api, call, type Price, type Problem } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import { house } from '../house.svelte';
  import { lists } from '../lists.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import { dayAndClock, length, per, perStored, shown, unitOf } from '../units';

  let prices = $state.raw<Price[]>([]);
  let problem = $state.raw<Problem | null>(null);
  let opened = $state('');
  let history = $state.raw<Price[]>([]);

  async function load() {
    const { data, problem: trouble } = await call(api.GET('/api/stores/prices'));
    prices = data ?? prices;
    problem = trouble ?? problem;
  }
  void load();

  let rows = $derived([
    ...materials.all.foams.map((m) => ({ id: m.id, name: m.name, by: 'volume' as const })),
    ...materials.all.boards.map((m) => ({ id: m.id, name: m.name, by: 'board' as const })),
    ...materials.all.wraps.map((m) => ({ id: m.id, name: m.name, by: 'board' as const })),
    ...(lists.all?.rolls ?? []).map((r) => ({ id: r.id, name: `${r.words}, ${length(r.wideMm)}`, by: 'way' as const }))
  ]);

  async function set(material: string, amount: number | undefined, source: string) {
    const version = prices.find((p) => p.material === material)?.version ?? 0;
    const { problem: trouble } = await call(
      api.PUT('/api/stores/prices/{material}', {
        params: { path: { material }, header: { 'If-Match': `"${version}"` } },
        body: { amount: amount ?? null, source }
      })
    );
    problem = trouble ?? null;
    await load();
  }

  async function open(material: string) {
    opened = opened === material ? '' : material;
    if (opened) {
      const { data } = await call(api.GET('/api/stores/prices/{material}', { params: { path: { material } } }));
      history = data ?? [];
    }
  }
</script>

<h2 class="text-lg font-semibold">Prices</h2>
<p class="quiet">
  In {house.ways.currency}. Foam by its volume as it is cut, boards by the area of the rectangle that a blank is cut
  from, wraps by the area they cover, tape and straps by length. They give the cost of material in proposals; a price
  that is missing leaves cost out.
</p>
<Trouble {problem} />
<div class="relative overflow-x-auto">
  <table class="figures-table">
    <thead>
      <tr>
        <th scope="col">Material</th>
        <th scope="col" class="number">Price, {house.ways.currency}</th>
        <th scope="col">per</th>
        <th scope="col">Where it comes from</th>
        <th scope="col">Since</th>
      </tr>
    </thead>
    <tbody>
      {#each rows as row (row.id)}
        {@const price = prices.find((p) => p.material === row.id)}
        <tr>
          <th scope="row">{row.name}</th>
          <td class="number">
            <QuantityField
              kind="number"
              label="Price of {row.name}"
              value={price?.amount == null ? undefined : per(row.by, price.amount)}
              optional
              onleave
              step={0.01}
              decimals={3}
              disabled={session.readOnly}
              onset={(amount) =>
                set(row.id, amount === undefined ? undefined : perStored(row.by, amount), price?.source ?? '')}
            />
          </td>
          <td>{unitOf(row.by)}</td>
          <td>
            <input
              class="in-sentence w-full"
              aria-label="Source of the price of {row.name}"
              maxlength="200"
              value={price?.source ?? ''}
              disabled={session.readOnly || price?.amount == null}
              onchange={(e) => set(row.id, price?.amount ?? undefined, e.currentTarget.value.trim())}
            />
          </td>
          <td>
            {#if price}
              <button type="button" class="plain-button" aria-expanded={opened === row.id} onclick={() => open(row.id)}
                >{dayAndClock(price.changedAt)}<span class="sr-only">, history of the price of {row.name}</span></button
              >
            {/if}
          </td>
        </tr>
        {#if opened === row.id}
          <tr>
            <td colspan="5">
              <ul>
                {#each history as past (past.version)}
                  <li>
                    {past.amount === null
                      ? 'taken away'
                      : `${shown(per(row.by, past.amount), 3)} ${house.ways.currency}`}, {dayAndClock(past.changedAt)}, {past.changedBy}{past.source
                      ? `: ${past.source}`
                      : ''}
                  </li>
                {/each}
              </ul>
            </td>
          </tr>
        {/if}
      {/each}
    </tbody>
  </table>
</div>
