<!-- What carriers charge for the size and mass of the pack, and what would have to change for another price. -->
<script lang="ts">
  import { api, type Quotes } from '../api/client';
  import { answerOf } from '../bench/answer.svelte';
  import type { Bench } from '../bench/bench.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, mass, money, said } from '../units';

  let { bench }: { bench: Bench } = $props();

  type Quote = Quotes['quotes'][number];
  type Step = NonNullable<Quote['below']>;

  let addKg = $state(0);
  const answer = answerOf(
    () => bench,
    (body, signal) => api.POST('/api/quotes', { params: { query: { addKg } }, body, signal })
  );
  let quotes = $derived(answer.value);

  const charged = (price: number | null | undefined) => (typeof price === 'number' ? money(price) : 'not taken');

  function toFall(step: Step): string {
    const parts = step.kg > 0 ? [`${mass(step.kg)} lighter`] : [];
    const edge = step.edges.toSorted((a, b) => a.mm - b.mm)[0];
    if (edge) {
      parts.push(`the ${edge.edge} ${length(Math.ceil(edge.mm), 0)} shorter`);
    }
    return `${parts.join(' and ')}: ${charged(edge ? edge.price : step.price)}`;
  }

  function toRise(step: Step): string {
    const edge = step.edges.toSorted((a, b) => a.mm - b.mm)[0]!;
    return (
      `${mass(step.kg)} more: ${charged(step.price)}, or the ${edge.edge} more than ${length(Math.floor(edge.mm), 0)} longer: ` +
      charged(edge.price)
    );
  }
</script>

<section aria-label="What carriers charge">
  <h2 class="font-semibold">What carriers charge</h2>
  <p class="sentence">
    Declared is the pack as computed{#if quotes && quotes.fittingsKg > 0}, {mass(quotes.fittingsKg)} of pads, posts and caps{/if}
    and
    <QuantityField
      kind="mass"
      label="Mass still to be added"
      value={addKg}
      step={0.1}
      onset={(value) => (addKg = value ?? 0)}
    />
    of fill, tape and papers{#if quotes}: {mass(quotes.declaredKg)}, length and girth {length(
        quotes.lengthAndGirthMm,
        0
      )}, {said('volume', quotes.litres)}{/if}.
  </p>
  {#if answer.trouble}<p class="status-breaks" role="alert">{answer.trouble}</p>{/if}
  {#if quotes && quotes.quotes.length === 0}
    <p>The house keeps no prices of carriers. <a class="underline" href="/house">Put their tables in</a>.</p>
  {:else if quotes}
    <div class="wide">
      <table>
        <caption class="sr-only">What each service charges, the cheapest first</caption>
        <thead>
          <tr>
            <th scope="col">service</th><th scope="col">price</th><th scope="col">billed</th><th scope="col"
              >for less</th
            ><th scope="col">until it costs more</th>
          </tr>
        </thead>
        <tbody>
          {#each quotes.quotes as quote (quote.service)}
            <tr>
              <th scope="row"
                >{quote.service}{#if quote.invented}<span class="quiet block text-xs">invented figures</span>{/if}</th
              >
              {#if quote.price === null}
                <td colspan="2"
                  >not taken: {quote.refusedBy.length > 0
                    ? quote.refusedBy.join(', ')
                    : 'heavier than its last price'}</td
                >
              {:else}
                <td
                  ><b>{money(quote.price)}</b>{#each quote.surcharges as extra, i (i)}<span class="quiet block text-xs"
                      >{money(extra.price)} of it for {extra.what} over {extra.unit === 'mm'
                        ? length(extra.over, 0)
                        : extra.unit === 'kg'
                          ? mass(extra.over, 1)
                          : said('volume', extra.over)}</span
                    >{/each}</td
                >
                <td
                  >{mass(quote.billedKg)}<span class="quiet block text-xs"
                    >{quote.byVolume ? `by its size, ${mass(quote.volumetricKg, 1)}` : 'by its mass'}</span
                  ></td
                >
              {/if}
              <td>
                {#if quote.below}{toFall(quote.below)}{/if}
              </td>
              <td>
                {#if quote.above}{toRise(quote.above)}{/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <p class="quiet">
      Each edge is rounded up to a whole centimetre, the billed mass up to a whole kilogram. The carrier's own terms
      come first.
    </p>
  {/if}
</section>

<style>
  .sentence {
    line-height: 2;
  }
  .wide {
    overflow-x: auto;
  }
  table {
    font-size: 0.8125rem;
    width: 100%;
  }
  th,
  td {
    padding: 0.25rem 0.75rem 0.25rem 0;
    text-align: left;
    vertical-align: top;
    font-weight: 500;
    border-bottom: 1px solid var(--color-base-300);
    line-height: 1.4;
  }
</style>
