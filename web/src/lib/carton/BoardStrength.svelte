<!-- The outer carton in every board of the house: what double wall gives over single, and what it takes. -->
<script lang="ts">
  import { api, type BoardChoice, type BoxLayer } from '../api/client';
  import { answerOf } from '../bench/answer.svelte';
  import type { Bench } from '../bench/bench.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { mass, money, numberOf, said, shown, sizeText, unitOf, LB_PER_IN_PER_KN_PER_M } from '../units';

  let { bench }: { bench: Bench } = $props();

  let alongNm = $state<number | undefined>();
  let acrossNm = $state<number | undefined>();
  const answer = answerOf(
    () => bench,
    (body, signal) => {
      const query = alongNm === undefined || acrossNm === undefined ? {} : { alongNm, acrossNm };
      return api.POST('/api/board-choices', { params: { query }, body, signal });
    }
  );
  let choices = $derived(answer.value ?? []);

  let long = $derived(choices.some((c) => c.longN !== null));
  let puncture = $derived(choices.some((c) => c.punctureJ !== null));

  function take(choice: BoardChoice) {
    const outer = bench.pack.layers.length - 1;
    bench.change(
      {
        ...bench.pack,
        layers: bench.pack.layers.with(outer, {
          ...(bench.pack.layers[outer] as BoxLayer),
          board: choice.board as BoxLayer['board']
        })
      },
      `board ${choice.board}`
    );
  }

  const percent = (margin: number | null) => (margin === null ? '—' : `${Math.round(100 * margin)} %`);
</script>

<section class="strength" aria-label="Board and strength">
  <p class="line">
    Where a laboratory measured how the board bends, along the machine
    <QuantityField
      kind="moment"
      label="Bending stiffness along the machine"
      value={alongNm}
      optional
      onset={(v) => (alongNm = v)}
    />
    and across it
    <QuantityField
      kind="moment"
      label="Bending stiffness across the machine"
      value={acrossNm}
      optional
      onset={(v) => (acrossNm = v)}
    />, the long form stands beside the short one; a compression test of the carton itself counts before both.
  </p>
  {#if answer.trouble}<p class="status-breaks" role="alert">{answer.trouble}</p>{/if}
  <div class="wide">
    <table>
      <caption class="sr-only">The outer carton in every board</caption>
      <thead>
        <tr>
          <th scope="col">board</th><th scope="col">edge crush, {unitOf('edgeCrush')}</th><th scope="col"
            >carries new and dry</th
          >
          {#if long}<th scope="col">by the long form</th>{/if}
          {#if puncture}<th scope="col">puncture</th>{/if}
          <th scope="col">left in the pile</th><th scope="col">left of its grade</th><th scope="col">outside</th><th
            scope="col">carton</th
          ><th scope="col"><span class="sr-only">Take it</span></th>
        </tr>
      </thead>
      <tbody>
        {#each choices as choice, i (choice.board)}
          {#if choice.doubleWall !== choices[i - 1]?.doubleWall}
            <tr
              ><th scope="colgroup" colspan="10" class="kind">{choice.doubleWall ? 'Double wall' : 'Single wall'}</th
              ></tr
            >
          {/if}
          <tr class:taken={choice.taken}>
            <th scope="row"><Glyph status={choice.verdict} /> {choice.name}</th>
            <td>{shown(numberOf('edgeCrush', choice.edgeCrushKnPerM * LB_PER_IN_PER_KN_PER_M), 1)}</td>
            <td>{choice.dryN === null ? 'unknown' : said('force', choice.dryN, 0)}</td>
            {#if long}<td>{choice.longN === null ? 'unknown' : said('force', choice.longN, 0)}</td>{/if}
            {#if puncture}<td>{choice.punctureJ === null ? 'unknown' : `${shown(choice.punctureJ, 1)} J`}</td>{/if}
            <td>{percent(choice.pileMargin)}</td>
            <td>{percent(choice.gradeMargin)}</td>
            <td class="whitespace-nowrap">{sizeText(choice.outsideMm)}</td>
            <td>{mass(choice.cartonKg)}{choice.cost === null ? '' : `, ${money(choice.cost)}`}</td>
            <td>
              {#if choice.taken}taken{:else}
                <button
                  type="button"
                  class="plain-button underline"
                  disabled={bench.readOnly}
                  aria-label="Take {choice.name}"
                  onclick={() => take(choice)}>take</button
                >
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <p class="quiet">
    Double wall resists a corner or a fork going through it, and keeps its strength better when edges are knocked; it
    folds less sharply and takes more room. What a board bears of punctures is unknown unless it was measured. Calipers
    are typical of the flute. No safety factor is in these figures.
  </p>
</section>

<style>
  .strength {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
  }
  .line {
    line-height: 2;
    max-width: 60rem;
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
    padding: 0.2rem 0.5rem 0.2rem 0;
    text-align: left;
    font-weight: 500;
    border-bottom: 1px solid var(--color-base-300);
  }
  .kind {
    font-weight: 650;
    padding-top: 0.5rem;
  }
  .taken {
    background: var(--color-base-200);
    box-shadow: inset 3px 0 var(--color-accent);
  }
  .taken th {
    padding-left: 0.5rem;
  }
</style>
