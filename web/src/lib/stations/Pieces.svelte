<!-- Contents of several equal pieces: one of them bare, what is wrapped round it, and the ways to set them. -->
<script lang="ts">
  import { api, call, type PackFile, type PieceWay, words } from '../api/client';
  import { answerOf } from '../bench/answer.svelte';
  import type { Bench } from '../bench/bench.svelte';
  import { materials } from '../catalogue.svelte';
  import { house } from '../house.svelte';
  import { lists } from '../lists.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { mass, sizeText } from '../units';
  import SetPlanFigure from './SetPlanFigure.svelte';

  let { bench }: { bench: Bench } = $props();

  type Pieces = NonNullable<PackFile['item']['pieces']>;

  let pieces = $derived(bench.pack.item.pieces);
  let ways = $state.raw<PieceWay[]>([]);
  let told = $state('');

  // What is wrong with the pieces is said at their fields; what is refused leaves the last plan standing.
  const answer = answerOf(
    () => bench,
    (body, signal) =>
      body.item.pieces
        ? api.POST('/api/set-plans', { params: { query: { units: house.ways.lengthUnit } }, body, signal })
        : null
  );
  let plan = $derived(answer.value);

  const EDGES = ['length', 'width', 'height'] as const;

  function begin() {
    const { sizeMm, massKg } = bench.pack.item;
    bench.put('/item/pieces', { sizeMm, massKg, wrapMm: 0, columns: 1, rows: 1, levels: 1 } satisfies Pieces);
  }

  function put(field: keyof Pieces | `sizeMm/${(typeof EDGES)[number]}`, value: unknown) {
    bench.put(`/item/pieces/${field}`, value);
  }

  /** Another number stands in one row until a way to set it is taken. */
  function setQuantity(count: number | undefined) {
    if (count !== undefined && pieces) {
      const set = { ...pieces, arrangement: 'grid' as const, columns: count, rows: 1, levels: 1 };
      bench.change({ ...bench.pack, item: { ...bench.pack.item, quantity: count, pieces: set } }, 'quantity');
    }
  }

  const WIDTHS = [
    { field: 'columnsMm', of: 'column', words: 'columns' },
    { field: 'rowsMm', of: 'row', words: 'rows' }
  ] as const;

  /** Begins with what a wrapped piece takes; the size of all of it stays until it is given or a way is taken. */
  function toggleWidths() {
    const one = plan?.places[0];
    if (!pieces || !one) {
      return;
    }
    const next = { ...pieces };
    if (pieces.columnsMm || pieces.rowsMm) {
      delete next.columnsMm;
      delete next.rowsMm;
    } else {
      next.columnsMm = Array<number>(pieces.columns ?? 1).fill(one.lengthMm);
      next.rowsMm = Array<number>(pieces.rows ?? 1).fill(one.widthMm);
    }
    bench.put('/item/pieces', next);
  }

  async function ask() {
    const { data, problem } = await call(api.POST('/api/piece-ways', { body: bench.pack }));
    ways = data ?? [];
    told = problem ? words(problem) : '';
  }

  function take(way: PieceWay) {
    bench.change(way.pack as PackFile, `set ${way.arrangement} ${way.columns} ${way.rows} ${way.levels}`);
  }

  function isTaken(way: PieceWay): boolean {
    return (
      pieces !== undefined &&
      (pieces.arrangement ?? 'grid') === way.arrangement &&
      pieces.columns === way.columns &&
      pieces.rows === way.rows &&
      pieces.levels === way.levels
    );
  }
</script>

{#if pieces}
  <p class="sentence">
    It is
    <QuantityField
      kind="number"
      decimals={0}
      label="Number of pieces"
      value={bench.pack.item.quantity ?? 1}
      least={1}
      disabled={bench.readOnly}
      problem={bench.problemAt('/item/quantity')}
      onset={setQuantity}
    />
    pieces, each bare
    {#each EDGES as edge, i (edge)}
      <QuantityField
        kind="length"
        label="{edge} of a piece"
        value={pieces.sizeMm[edge]}
        showUnit={i === 2}
        disabled={bench.readOnly}
        problem={bench.problemAt(`/item/pieces/sizeMm/${edge}`)}
        onset={(value) => put(`sizeMm/${edge}`, value)}
      />{i < 2 ? ' × ' : ''}
    {/each}
    and
    <QuantityField
      kind="mass"
      label="Mass of a piece"
      value={pieces.massKg}
      step={0.1}
      disabled={bench.readOnly}
      problem={bench.problemAt('/item/pieces/massKg')}
      onset={(value) => put('massKg', value)}
    />,
    <ChoiceField
      label="Shape of a piece"
      value={pieces.round ? 'round' : 'square'}
      disabled={bench.readOnly}
      options={[
        { value: 'round' as const, text: 'round seen from above' },
        { value: 'square' as const, text: 'not round' }
      ]}
      onset={(value) => put('round', value === 'round')}
    />, narrowing to
    <QuantityField
      kind="length"
      label="Narrow end of a piece"
      value={pieces.narrowMm}
      optional
      disabled={bench.readOnly}
      problem={bench.problemAt('/item/pieces/narrowMm')}
      onset={(value) => put('narrowMm', value)}
    />. Round each is wrapped
    <QuantityField
      kind="length"
      label="Wrap round a piece"
      value={pieces.wrapMm ?? 0}
      step={1}
      disabled={bench.readOnly}
      problem={bench.problemAt('/item/pieces/wrapMm')}
      onset={(value) => put('wrapMm', value)}
    />
    on every side, and between them stand strips of
    <ChoiceField
      label="Board between the pieces"
      value={pieces.dividerBoard ?? ''}
      disabled={bench.readOnly}
      options={[{ value: '', text: 'nothing' }, ...materials.choices('boards')]}
      onset={(value) => put('dividerBoard', value === '' ? undefined : value)}
    />. They are set in
    {pieces.columns ?? 1} × {pieces.rows ?? 1}{(pieces.levels ?? 1) > 1 ? ` on ${pieces.levels} levels` : ''},
    {lists.choice((l) => l.arrangements, pieces.arrangement ?? 'grid').words}.
    {#each WIDTHS as { field, of, words } (field)}
      {#if pieces[field]}
        The {words} are
        {#each pieces[field] as mm, i (i)}
          <QuantityField
            kind="length"
            label="Width of {of} {i + 1}"
            value={mm}
            disabled={bench.readOnly}
            problem={bench.problemAt(`/item/pieces/${field}/${i}`)}
            onset={(value) => value !== undefined && put(field, pieces[field]!.with(i, value))}
          />
        {/each}
        wide.
      {/if}
    {/each}
    {#if !bench.readOnly}
      {#if (pieces.arrangement ?? 'grid') === 'grid' && (pieces.columns ?? 1) * (pieces.rows ?? 1) > 1}
        <button type="button" class="plain-button underline" onclick={toggleWidths}
          >{pieces.columnsMm || pieces.rowsMm ? 'Cells all alike' : 'Cells of different width'}</button
        >
      {/if}
      <button type="button" class="plain-button underline" onclick={ask}>Ways to set them</button>
      <button type="button" class="plain-button underline" onclick={() => bench.put('/item/pieces', undefined)}
        >It is one thing after all</button
      >
    {/if}
  </p>
  <p role="status">{told}</p>
  {#if plan}<SetPlanFigure {plan} />{/if}
  {#if ways.length > 0}
    <table>
      <caption class="sr-only">Ways to set them, the smallest first</caption>
      <thead>
        <tr><th scope="col">set in</th><th scope="col">takes</th><th scope="col">mass</th><th scope="col"></th></tr>
      </thead>
      <tbody>
        {#each ways as way (`${way.arrangement} ${way.columns} ${way.rows} ${way.levels}`)}
          <tr>
            <th scope="row"
              >{way.columns} × {way.rows}{way.levels > 1 ? ` on ${way.levels} levels` : ''}, {lists.choice(
                (l) => l.arrangements,
                way.arrangement
              ).words}{way.emptyCells > 0 ? `, ${way.emptyCells} empty` : ''}</th
            >
            <td>{sizeText(way.sizeMm, 1)}</td>
            <td>{mass(way.massKg)}</td>
            <td
              ><button
                type="button"
                class="plain-button underline"
                aria-pressed={isTaken(way)}
                onclick={() => take(way)}>set them like this</button
              ></td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
{:else if !bench.readOnly}
  <p>
    <button type="button" class="plain-button underline" onclick={begin}>It is several pieces alike</button>
  </p>
{/if}

<style>
  .sentence {
    line-height: 2;
  }
  table {
    font-size: 0.8125rem;
  }
  th,
  td {
    padding: 0.125rem 0.75rem 0.125rem 0;
    font-weight: 500;
    text-align: left;
  }
</style>
