<!-- The tour again, the keys, how to read a verdict, what the numbers rest on. -->
<script lang="ts">
  import { keyChoice, OTHER_KEYS, SINGLE_KEYS } from '../lib/keys.svelte';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import Tour from '../lib/parts/Tour.svelte';

  const VERDICTS = [
    {
      status: 'holds',
      words: 'every blow stays at least a tenth under what the item bears, and so does every other check'
    },
    { status: 'thin', words: 'it holds by less than a tenth: within what typical figures can be wrong by' },
    { status: 'breaks', words: 'something is asked more than it bears' },
    { status: 'unknown', words: 'a limit is not known, so nothing can be promised' }
  ] as const;
</script>

<svelte:head><title>Help, Rampart</title></svelte:head>

<Head here="Help">
  <h1 class="sr-only">Help</h1>
  <span class="grow"></span>
</Head>

<main id="main" class="help-page">
  <Tour />

  <section aria-labelledby="verdict-title">
    <h2 id="verdict-title" class="text-lg font-semibold">How to read a verdict</h2>
    <ul>
      {#each VERDICTS as verdict (verdict.status)}
        <li class="verdict">
          <Glyph status={verdict.status} size={16} />
          <span><b class="status-{verdict.status}">{verdict.status}</b>: {verdict.words}</span>
        </li>
      {/each}
    </ul>
    <p>
      The verdict is that of the weakest check. Open any margin to see its formula with the numbers put in, and where
      each number comes from. Foam figures are nominal, typical of their class and good to about 20 %: plan with them,
      then drop a pack you can spare. A laboratory's word goes before Rampart's.
    </p>
  </section>

  <section aria-labelledby="pages-title">
    <h2 id="pages-title" class="text-lg font-semibold">To read at leisure</h2>
    <ul>
      <li><a class="underline" href="/help/verdicts">How to read a verdict</a>, with worked examples</li>
      <li><a class="underline" href="/help/method">Method</a>: every formula and every assumption</li>
      <li>
        <a class="underline" href="/help/materials">Materials</a>: what the figures are, and how to bring your own test
        data
      </li>
      <li><a class="underline" href="/help/pack-file">The pack file</a>: what a file may say</li>
      <li><a class="underline" href="/help/rules">The rules</a>: what the numbers mean, by subject</li>
      <li><a class="underline" href="/help/api">The API</a>: what programs may ask</li>
    </ul>
  </section>

  <section aria-labelledby="numbers-title">
    <h2 id="numbers-title" class="text-lg font-semibold">Numbers</h2>
    <!-- eslint-disable-next-line no-restricted-syntax -- it says which units are taken -->
    <p>
      Write them as you would on paper: 38, 38 mm, 3.8 cm, 1 1/2 in, 1.5", 4.8 kg, 4800 g, 9 lb 7 oz. A number without a
      unit is in the unit of the house, chosen under <a class="underline" href="/house">House</a>. What cannot be read
      stays in its field with the reason, and the last good number goes on driving the drawing.
    </p>
  </section>

  <section aria-labelledby="keys-title">
    <h2 id="keys-title" class="text-lg font-semibold">Keys</h2>
    <table>
      <tbody>
        {#each OTHER_KEYS as key (key.keys)}
          <tr><th scope="row"><kbd>{key.keys}</kbd></th><td>{key.does}</td></tr>
        {/each}
      </tbody>
    </table>
    <p class="mt-2">
      <label
        ><input type="checkbox" checked={keyChoice.single} onchange={(e) => keyChoice.set(e.currentTarget.checked)} /> Single
        keys on the bench, outside fields</label
      >
    </p>
    <table>
      <tbody>
        {#each SINGLE_KEYS as key (key.keys)}
          <tr class:off={!keyChoice.single}><th scope="row"><kbd>{key.keys}</kbd></th><td>{key.does}</td></tr>
        {/each}
      </tbody>
    </table>
  </section>

  <section aria-labelledby="care-title">
    <h2 id="care-title" class="text-lg font-semibold">Care</h2>
    <p>
      Rampart plans and predicts. Mind what a person may lift, what the carrier and the law allow, and what the maker of
      a foam says about heat and fumes; local rules, the laboratory and licensed practice go first.
    </p>
  </section>
</main>

<style>
  .help-page {
    display: grid;
    gap: 1.5rem;
    width: 100%;
    max-width: 60rem;
    margin: 0 auto;
    padding: 0 1.125rem 4rem;
  }
  .verdict {
    display: flex;
    align-items: baseline;
    gap: 0.5rem;
    margin: 0.25rem 0;
  }
  p {
    max-width: 46rem;
  }
  th {
    padding: 0.25rem 1.25rem 0.25rem 0;
    text-align: left;
    white-space: nowrap;
  }
  td {
    padding: 0.25rem 0;
  }
  kbd {
    padding: 0.0625rem 0.375rem;
    border: 1px solid var(--color-base-300);
    border-bottom-width: 2px;
    font: inherit;
    font-weight: 600;
  }
  .off td,
  .off kbd {
    text-decoration: line-through;
  }
</style>
