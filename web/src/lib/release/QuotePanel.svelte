<!-- What it comes to to pack and send the item, before it is packed: each figure with its margin. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api } from '../api/client';
  import { answerOf } from '../bench/answer.svelte';
  import type { Bench } from '../bench/bench.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, mass, shown } from '../units';

  let { bench }: { bench: Bench } = $props();

  const KEPT = 'rampart.rates';
  interface Range {
    low: number;
    likely: number;
    high: number;
  }

  const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as { rate?: number; cover?: number };
  let rate = $state(kept.rate ?? 40);
  let cover = $state(kept.cover ?? 1);
  let value = $state<number | undefined>(untrack(() => bench.pack.item.value?.amount));

  const quote = answerOf(
    () => bench,
    (body, signal) =>
      api.POST('/api/pre-quotes', {
        params: {
          query: { ratePerHour: rate, coverPercent: cover, ...(value === undefined ? {} : { value }) }
        },
        body,
        signal
      })
  );

  $effect(() => localStorage.setItem(KEPT, JSON.stringify({ rate, cover })));

  const same = (range: Range) => range.high - range.low < 1e-9;
  const money = (range: Range) =>
    same(range)
      ? shown(range.likely, 2)
      : `${shown(range.low, 2)} to ${shown(range.high, 2)}, likely ${shown(range.likely, 2)}`;
  let now = $derived(quote.value);
</script>

<p>
  Labour costs <QuantityField kind="number" label="Labour an hour" value={rate} onset={(v) => (rate = v ?? 0)} /> an hour;
  the item is worth <QuantityField
    kind="number"
    label="Value of the item"
    {value}
    optional
    onset={(v) => (value = v)}
  />; cover costs <QuantityField kind="number" label="Cover" unit="%" value={cover} onset={(v) => (cover = v ?? 0)} /> of
  that.
</p>
{#if quote.trouble}<p role="alert">{quote.trouble}</p>{/if}
{#if now}
  <p class="total">
    <b>{shown(now.total.likely, 0)} {now.currency}</b> to pack and send it and to bear the risk: {shown(
      now.total.low,
      0
    )}
    to {shown(now.total.high, 0)}.
  </p>
  <table>
    <caption class="sr-only">What it comes to, with the margin of each figure</caption>
    <thead><tr><th>what</th><th>comes to</th><th>rests on</th></tr></thead>
    <tbody>
      <tr>
        <td>size</td>
        <td
          >{now.edgesMm.map((edge) => length(edge.likely, 0)).join(' × ')}, each give or take {length(
            now.edgesMm[0]!.high - now.edgesMm[0]!.likely,
            0
          )}</td
        >
        <td>the design; a closed carton bulges (common practice, no source)</td>
      </tr>
      <tr>
        <td>mass</td>
        <td>{mass(now.massKg.likely)}, {mass(now.massKg.low)} to {mass(now.massKg.high)}</td>
        <td>foam by nominal density, board by grammage (assumed margins)</td>
      </tr>
      <tr>
        <td>materials</td>
        <td>{now.material ? money(now.material) : 'not known: some material has no price at Stores'}</td>
        <td>prices of today, up to 15 % spoilt (assumed)</td>
      </tr>
      <tr>
        <td>labour</td>
        <td>{money(now.labour)}</td>
        <td>{Math.round(now.minutes.low)} to {Math.round(now.minutes.high)} minutes, cutting with it (assumed times)</td
        >
      </tr>
      <tr>
        <td>service</td>
        <td
          >{now.service
            ? `${money(now.service.price)}, ${now.service.name}`
            : 'no service of the house takes it, or none is known'}</td
        >
        <td
          >the cheapest that takes it at its largest too{now.service?.invented
            ? '; an invented tariff, to try with'
            : ''}</td
        >
      </tr>
      <tr><td>cover</td><td>{money(now.cover)}</td><td>{shown(cover, 2)} % of the value</td></tr>
      <tr>
        <td>expected loss</td>
        <td>{money(now.expectedLoss)}</td>
        <td
          >a chance of damage of {shown(100 * now.chance.likely, 1)} % by the verdict (assumed; {shown(
            100 * now.chance.low,
            1
          )} to {shown(100 * now.chance.high, 1)} %)</td
        >
      </tr>
    </tbody>
  </table>
  <p>
    <b>To have at hand before the sale:</b>
    {now.atHand.map((need) => `${need.name}, ${need.amount}`).join('; ')}.
  </p>
{/if}

<style>
  .total b {
    font-size: 1.25rem;
  }
  table {
    width: 100%;
    line-height: 1.5;
  }
  th {
    font-weight: 400;
    text-align: left;
  }
  td,
  th {
    padding: 0.25rem 0.75rem 0.25rem 0;
    border-top: 1px solid var(--color-base-300);
    vertical-align: top;
  }
</style>
