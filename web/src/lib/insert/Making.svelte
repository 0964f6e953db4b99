<!-- How the bed is made: the ways beside each other, the chosen one piece by piece, and the files to cut by. -->
<script lang="ts">
  import { api, call, type Making, type Way } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import { untrack } from 'svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { area, length, money, said, shown, stress } from '../units';
  import CutFiles from './CutFiles.svelte';
  import PickedSheet from './PickedSheet.svelte';
  import PieceDrawing from './PieceDrawing.svelte';

  let { bench, foam }: { bench: Bench; foam: string } = $props();

  let sheetMm = $state<number | null>(null);
  let turn = $state<'side' | 'front'>('side');
  let kerfMm = $state(0);
  let radiusMm = $state(0);
  let shotLitres = $state(20);
  let making = $state.raw<Making | null>(null);

  const latest = new Latest();
  /** The ways are compared once a hand rests, not at every place that a dragged point passes. */
  const SETTLES_MS = 250;

  let pickOut = $state(false);
  let asked = $derived({ pickOut, ...(sheetMm === null ? {} : { sheetMm }), turn, kerfMm, radiusMm, shotLitres });

  $effect(() => {
    const query = asked;
    const body = bench.evaluation ? untrack(() => bench.pack) : null;
    if (!body) {
      return;
    }
    const settled = setTimeout(
      () => {
        const signal = latest.next();
        void call(api.POST('/api/beds/making', { params: { query }, body, signal })).then(({ data, problem }) => {
          if (data && !signal.aborted) {
            making = data;
          } else if (problem?.status === 422 && sheetMm !== null && !signal.aborted) {
            // The design has changed, and these sheets no longer hold it.
            sheetMm = null;
            pickOut = false;
          }
        });
      },
      untrack(() => making) ? SETTLES_MS : 0
    );
    return () => clearTimeout(settled);
  });

  const KINDS: Record<Way['kind'], string> = {
    block: 'from the solid, to levels',
    sheets: 'a stack of sheets',
    pick_out: 'columns picked out'
  };

  function isChosen(way: Way) {
    return (way.kind === 'pick_out') === pickOut && way.sheetMm === sheetMm;
  }

  function fit(way: Way): string {
    const words = [];
    if (way.looseMm > 0.05) {
      words.push(`${length(way.looseMm)} looser`);
    }
    if (way.depthErrorMm > 0.05) {
      words.push(`depths to ${length(way.depthErrorMm)}`);
    }
    return words.join(', ') || 'as drawn';
  }
</script>

{#if making}
  <section aria-labelledby="making-title" class="making">
    <h2 id="making-title" class="font-semibold">How to make it</h2>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="scrolls" role="region" aria-label="Ways to make it" tabindex="0">
      <table>
        <thead>
          <tr>
            <th scope="col">way</th>
            <th scope="col" class="number">sheets</th>
            <th scope="col" class="number">height</th>
            <th scope="col" class="number">pieces</th>
            <th scope="col" class="number">cuts</th>
            <th scope="col" class="number">minutes</th>
            <th scope="col" class="number">foam</th>
            <th scope="col" class="number">cut away</th>
            <th scope="col">fit</th>
            {#if making.ways.some((w) => w.cost !== null)}<th scope="col" class="number">foam costs</th>{/if}
            <th><span class="sr-only">draw it</span></th>
          </tr>
        </thead>
        <tbody>
          {#each making.ways as way, i (i)}
            <tr class:chosen={isChosen(way)}>
              <td>{KINDS[way.kind]}</td>
              <td class="number">{way.sheetMm === null ? '' : length(way.sheetMm)}</td>
              <td class="number">{length(way.heightMm)} <span class="quiet">of {length(way.blockMm)}</span></td>
              <td class="number">{way.pieces}</td>
              <td class="number">{way.cuts}</td>
              <td class="number">{Math.round(way.minutes)}</td>
              <td class="number">{shown(way.foamLitres, 0)} l</td>
              <td class="number">{Math.round(way.wastePercent)} %</td>
              <td>{fit(way)}</td>
              {#if way.cost !== null}<td class="number">{money(way.cost)}</td>{/if}
              <td>
                <button
                  type="button"
                  class="btn btn-xs"
                  aria-pressed={isChosen(way)}
                  aria-label="Draw it {KINDS[way.kind]} {way.sheetMm === null ? '' : length(way.sheetMm)}"
                  onclick={() => {
                    sheetMm = way.sheetMm;
                    pickOut = way.kind === 'pick_out';
                  }}>Draw it</button
                >
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <p class="quiet text-xs">Minutes by hand are assumed; foam is the block or the sheets it is cut from.</p>
    <details>
      <summary>Foamed in place instead</summary>
      <p class="sentence">
        {said('volume', making.foamed.baseLitres)} of risen foam below the parting plane and
        {said('volume', making.foamed.lidLitres)} above it, {Math.round(making.foamed.addedPercent)} % more than the room,
        for it never fills evenly. A can or shot rises to
        <QuantityField
          kind="volume"
          label="What a can or shot rises to"
          value={shotLitres}
          least={0.5}
          onset={(v) => (shotLitres = v ? Math.min(500, v) : shotLitres)}
        /> by its label: <b>{making.foamed.shots}</b> of them.
      </p>
      <ol>
        <li>Wrap what must stay clear until it has the room that is drawn: foam fills whatever is open.</li>
        <li>
          Line the box with film, right into its corners and over its rim. Brace its sides: rising foam presses with
          about {stress(making.foamed.risingKpa)}.
        </li>
        <li>Pour the base, fold film over it, lay the item in and hold it at its height until the foam stands.</li>
        <li>Film over the item and the base. Pour the lid, close the box, put a weight on it.</li>
        <li>
          It can be cut after some minutes and has cured after hours. Open it once: film to film it parts at the plane.
          Cut thumb holes.
        </li>
        <li>To be opened by: cut the tape, lift the lid of foam by its holes, lift the item out straight up.</li>
      </ol>
      <p class="caution">
        Two liquids that get hot and give off vapour while they rise: gloves, goggles, fresh air, and what their makers
        say first. What has cured is another foam: choose it as the material, so that it is that one which is checked.
      </p>
    </details>
    {#if making.picked.length > 0}
      <p>
        Pick out what is filled, sheet by sheet; rows are counted from the front, columns from the left, and the lid is
        drawn as it lies closed. What is picked out stays whole: two or three columns glued back make a closer fit.
      </p>
      <ul class="pieces" aria-label="Columns to pick out">
        {#each making.picked as sheet (`${sheet.half} ${sheet.number}`)}
          <li><PickedSheet {sheet} /></li>
        {/each}
      </ul>
    {:else}
      <p class="sentence">
        The lid is turned over its
        <ChoiceField
          label="Edge the lid is turned over"
          value={turn}
          options={[
            { value: 'side' as const, text: 'left or right edge' },
            { value: 'front' as const, text: 'front or back edge' }
          ]}
          onset={(v) => (turn = v)}
        />, so it is drawn mirrored, as it lies while it is cut. The blade takes away
        <QuantityField
          kind="length"
          label="Kerf"
          value={kerfMm}
          step={0.1}
          onset={(v) => v !== undefined && (kerfMm = Math.min(10, v))}
        />
        and a round cutter has a radius of
        <QuantityField
          kind="length"
          label="Radius of the cutter"
          value={radiusMm}
          step={0.5}
          onset={(v) => v !== undefined && (radiusMm = Math.min(25, v))}
        />.
      </p>
      <ul class="pieces" aria-label="Pieces as they lie while they are cut">
        {#each making.pieces as piece (piece.file)}
          <li><PieceDrawing {piece} /></li>
        {/each}
      </ul>
    {/if}
    {#if making.steps.length > 0}
      <ol class="order" aria-label="Order of cuts">
        {#each making.steps as step, i (i)}
          <li>
            {step.half === 'base' ? 'Base' : 'Lid'}{making.steps.some((s) => s.half === step.half && s.piece > 1)
              ? `, piece ${step.piece}`
              : ''}: knife at <b>{length(step.knifeMm)}</b>, {step.openings === 1
              ? 'one opening'
              : `${step.openings} openings`}{step.through ? ', right through' : ` down to ${length(step.toMm)}`}; lift
            the foam out.
          </li>
        {/each}
      </ol>
    {/if}
    {#if making.glueCm2 > 0}<p>Glue {area(making.glueCm2)} with glue that does not eat the foam.</p>{/if}
    {#if making.wedges[0]}
      {@const wedge = making.wedges[0]}
      <p>
        {wedge.part} has {length(wedge.gapMm)} of play: push an off-cut of the same foam, {length(wedge.thickMm)} thick, in
        on each side, {making.wedges.map((w) => `${w.face} ${length(w.wideMm)} by ${length(w.highMm)}`).join(', ')}.
        Squeezed so, each presses with about {said('force', wedge.pressesN, 0)} and holds while the box is turned over.
      </p>
    {/if}
    <p>
      Where the finish asks for it, face what the item touches with cloth or an interleaf: {area(making.faceBaseCm2)} for
      the base, {area(making.faceLidCm2)} for the lid, and what is tucked in at the edges.
    </p>
    {#if making.pieces.length > 0}<CutFiles {bench} {foam} {asked} pieces={making.pieces} />{/if}
  </section>
{/if}

<style>
  .making {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.5rem;
  }
  ol {
    padding-left: 1.25rem;
    list-style: decimal;
    font-size: 0.8125rem;
  }
  .caution {
    padding-left: 0.75rem;
    border-left: 3px solid var(--color-warning);
    max-width: 46rem;
    font-size: 0.8125rem;
  }
  table {
    font-size: 0.8125rem;
  }
  th,
  td {
    line-height: 1.4;
    padding: 0.25rem 0.75rem 0.25rem 0;
    border-top: 1px solid var(--color-base-300);
    text-align: left;
  }
  .number {
    text-align: right;
    white-space: nowrap;
  }
  .chosen td {
    font-weight: 650;
  }
  .sentence {
    line-height: 2;
  }
  .pieces {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
    gap: 0.75rem;
  }
  .order {
    padding-left: 1.25rem;
    list-style: decimal;
  }
</style>
