<!-- One page to work from: section to scale, layers, what to cut and buy, verdict and what it rests on. -->
<script lang="ts">
  import { FileText, Printer } from '@lucide/svelte';
  import { api, call, type CutList, type Evaluation, type PackFile } from '../lib/api/client';
  import { materialOf, materials } from '../lib/catalogue.svelte';
  import { capital, VIEW_AXES, VIEW_NAME } from '../lib/faces';
  import Cut from '../lib/parts/Cut.svelte';
  import Glyph from '../lib/parts/Glyph.svelte';
  import Head from '../lib/parts/Head.svelte';
  import { route, searchParams } from '../lib/router';
  import { house } from '../lib/house.svelte';
  import { dayAndClock, MM_PER_IN, onATape, pounds, shown } from '../lib/units';

  type Size = { length: number; width: number; height: number };

  const UNIT_KEPT = 'rampart.paper-unit';
  /** CSS pixels in a millimetre of paper. */
  const PX_PER_MM = 96 / 25.4;
  /** Room for one section on A4 and on Letter, mm. */
  const ROOM = { width: 86, height: 78 };
  const SCALES = [1, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 100];
  const BAR = { mm: { long: 50, words: '50 mm' }, in: { long: 2 * MM_PER_IN, words: '2 in' } };

  let id = String((route.params as { id?: string }).id);
  /** The revision that is shown as it was evaluated when it was made; null for the draft. */
  let asked = Number(searchParams.get('revision'));
  let revision = Number.isInteger(asked) && asked > 0 ? asked : null;
  let pack = $state.raw<PackFile | null>(null);
  let evaluation = $state.raw<Evaluation | null>(null);
  let cuts = $state.raw<CutList | null>(null);
  let standing = $state('');
  let trouble = $state('');
  let unit = $state<'mm' | 'in'>((localStorage.getItem(UNIT_KEPT) ?? house.ways.lengthUnit) === 'in' ? 'in' : 'mm');

  void open();

  async function open() {
    const stored = await call(api.GET('/api/packs/{id}', { params: { path: { id } } }));
    if (!stored.data) {
      trouble = stored.problem.detail;
      return;
    }
    if (revision === null) {
      pack = stored.data.pack;
      standing = `${stored.data.revision === null ? 'draft' : `after revision ${stored.data.revision}`}, saved ${dayAndClock(stored.data.savedAt)}`;
    } else {
      const frozen = await call(
        api.GET('/api/packs/{id}/revisions/{number}', { params: { path: { id, number: revision } } })
      );
      if (!frozen.data) {
        trouble = frozen.problem.detail;
        return;
      }
      pack = frozen.data.pack;
      standing = `revision ${revision}, made ${dayAndClock(frozen.data.madeAt)} by ${frozen.data.author}`;
    }
    await report();
  }

  /** What the server says of the pack, in the unit of this page. */
  async function report() {
    const body = pack!;
    const query = { units: unit, decimal: house.ways.numbers };
    if (revision !== null) {
      const kept = await call(
        api.GET('/api/packs/{id}/revisions/{number}/report', {
          params: { path: { id, number: revision }, query }
        })
      );
      trouble = kept.problem?.detail ?? '';
      evaluation = kept.data?.evaluation ?? null;
      cuts = kept.data?.cutList ?? null;
      return;
    }
    const [evaluated, list] = await Promise.all([
      call(api.POST('/api/evaluations', { params: { query }, body })),
      call(api.POST('/api/cut-lists', { params: { query }, body }))
    ]);
    trouble = (evaluated.problem ?? list.problem)?.detail ?? '';
    evaluation = evaluated.data ?? null;
    cuts = list.data ?? null;
  }

  function choose(next: 'mm' | 'in') {
    unit = next;
    localStorage.setItem(UNIT_KEPT, next);
    void report();
  }

  function length(mm: number): string {
    return unit === 'in' ? onATape(mm) : shown(mm, 1);
  }

  function sizes(size: Size): string {
    return `${length(size.length)} × ${length(size.width)} × ${length(size.height)} ${unit}`;
  }

  function mass(kg: number): string {
    return unit === 'in' ? `${shown(pounds(kg), 1)} lb` : `${shown(kg)} kg`;
  }

  let weakest = $derived(evaluation?.checks.find((c) => c.id === evaluation?.weakest));
  let outside = $derived(
    evaluation && [evaluation.outsideMm.length, evaluation.outsideMm.width, evaluation.outsideMm.height]
  );
  /** One scale for both sections, so that they can be compared. */
  let ratio = $derived(
    outside
      ? (SCALES.find((s) => Math.max(outside[0]!, outside[1]!) / s <= ROOM.width && outside[2]! / s <= ROOM.height) ??
          SCALES.at(-1)!)
      : 1
  );
  let scale = $derived(PX_PER_MM / ratio);

  /** Where the pack stands in a view, in mm. */
  function ends(view: 'front' | 'side') {
    const { across, up } = VIEW_AXES[view];
    const solids = evaluation!.solids;
    const left = Math.min(...solids.map((s) => s.minMm[across]!));
    const right = Math.max(...solids.map((s) => s.maxMm[across]!));
    const low = Math.min(...solids.map((s) => s.minMm[up]!));
    const high = Math.max(...solids.map((s) => s.maxMm[up]!));
    return { left, high, width: right - left, height: high - low };
  }

  function foamOf(layer: number): string {
    const source = pack?.layers[layer];
    return source ? materials.name(materialOf(source)) : '';
  }

  function faces(list: string[]): string {
    return list.length === 6 ? 'all six faces' : list.join(', ');
  }
</script>

<svelte:head><title>{pack ? `${pack.name}, page` : 'Rampart'}</title></svelte:head>

<div class="on-screen">
  <Head compact>
    <h1 class="max-w-md min-w-0 truncate font-semibold">{pack?.name ?? ''}, page</h1>
    <a class="plain-button" href="/packs/{id}">Back to the bench</a>
    <span class="grow"></span>
    <span role="group" aria-label="Unit of length" class="flex">
      {#each ['mm', 'in'] as const as each (each)}
        <button type="button" class="plain-button" aria-pressed={unit === each} onclick={() => choose(each)}
          >{each === 'mm' ? 'millimetres' : 'inches'}</button
        >
      {/each}
    </span>
    {#each [{ paper: 'a4', name: 'A4' }, { paper: 'letter', name: 'Letter' }] as each (each.paper)}
      <a
        class="plain-button"
        href="/api/packs/{id}/page.pdf?units={unit}&decimal={house.ways.numbers}&paper={each.paper}{revision === null
          ? ''
          : `&revision=${revision}`}"
        download><FileText size={15} aria-hidden="true" /> PDF, {each.name}</a
      >
    {/each}
    <button type="button" class="btn btn-neutral btn-sm" onclick={() => window.print()}
      ><Printer size={15} aria-hidden="true" /> Print</button
    >
  </Head>
</div>

{#if trouble}
  <main id="main" class="p-6"><p class="text-base">{trouble}</p></main>
{:else if pack && evaluation && cuts}
  <main id="main" class="paper" data-theme="paper" data-unit={unit}>
    <header>
      <h2>{pack.name}</h2>
      <p class="shrink-0">{standing}</p>
    </header>
    <p>
      {pack.item.name}: {sizes(pack.item.sizeMm)}, {mass(pack.item.massKg)}{pack.item.fragility.criticalAccelerationG
        ? `, bears ${shown(pack.item.fragility.criticalAccelerationG, 0)} G`
        : ''}. {pack.journey.name ?? 'Journey'}: falls {length(evaluation.dropHeightMm)}
      {unit}.
    </p>
    <p class="verdict">
      <Glyph status={evaluation.verdict} size={14} />
      <span
        ><b>{capital(evaluation.verdict)}</b>{#if weakest && evaluation.verdict !== 'holds'}. Weakest: {weakest.title.replace(
            /^Falls/,
            'falls'
          )}. {weakest.because}{:else if weakest}, weakest: {weakest.title.replace(/^Falls/, 'falls')}, with {shown(
            (weakest.margin ?? 0) * 100,
            0
          )} % to spare.{/if}</span
      >
    </p>

    <div class="sections">
      {#each ['front', 'side'] as const as view (view)}
        {@const place = ends(view)}
        <figure>
          <svg
            width={place.width * scale + 2}
            height={place.height * scale + 2}
            data-view={view}
            data-ratio={ratio}
            role="img"
            aria-label="{VIEW_NAME[view]}, 1 to {ratio}"
          >
            <Cut
              solids={evaluation.solids}
              materials={pack.layers.map(materialOf)}
              {view}
              {scale}
              x={1 - place.left * scale}
              y={1 + place.high * scale}
            />
          </svg>
          <figcaption>{VIEW_NAME[view]}</figcaption>
        </figure>
      {/each}
      <p class="bar">
        <span style:width="{BAR[unit].long}mm"></span>
        1 : {ratio} printed at full size; this bar is {BAR[unit].words} long then.
      </p>
    </div>

    <div class="tables">
      <table>
        <caption>From the item outward</caption>
        <tbody>
          {#each pack.layers as layer, index (layer.id ?? index)}
            <tr>
              <td>{index + 1}</td>
              <td>
                {#if layer.kind === 'box'}
                  {index === pack.layers.length - 1 ? 'Outer carton' : 'Inner box'}, {materials.name(layer.board)}
                {:else}
                  {materials.name(layer.material)}{layer.kind === 'wrap'
                    ? ', wrapped round'
                    : layer.form === 'full'
                      ? ', all round'
                      : layer.form === 'pads'
                        ? ', pads'
                        : ', corner blocks'}
                {/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
      <table>
        <caption>Boxes to make or buy, by inside size</caption>
        <tbody>
          {#each cuts.boxes as box (box.layer)}
            <tr>
              <td>{box.layer + 1}</td>
              <td
                ><b>{sizes(box.insideMm)}</b> inside, {box.board}{box.stock ? ', from stock' : ''}; outside {sizes(
                  box.outsideMm
                )}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <table class="wide">
        <caption
          >Pieces to cut, to the nearest {unit === 'in' ? '1/32 in' : '0.1 mm'}; no allowance for the saw is in them</caption
        >
        <thead>
          <tr
            ><th>layer</th><th class="number">pieces</th><th class="number">size, {unit}</th><th class="number"
              >thick, {unit}</th
            ><th>of</th><th>for</th></tr
          >
        </thead>
        <tbody>
          {#each cuts.pieces as piece, index (index)}
            <tr>
              <td>{piece.layer + 1}</td>
              <td class="number">{piece.count}</td>
              <td class="number">{length(piece.lengthMm)} × {length(piece.widthMm)}</td>
              <td class="number">{length(piece.thicknessMm)}</td>
              <td>{foamOf(piece.layer)}</td>
              <td>{piece.placesSaid.length > 0 ? piece.placesSaid.join('; ') : faces(piece.faces)}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      {#if cuts.fills.length > 0}
        <table class="wide">
          <caption>To fill in, not cut</caption>
          <tbody>
            {#each cuts.fills as fill (fill.layer)}
              <tr>
                <td>{fill.layer + 1}</td>
                <td>{fill.material}</td>
                <td>about {shown(fill.litres, fill.litres < 10 ? 1 : 0)} litres</td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/if}
    </div>

    <footer>
      <p>
        Outside <b>{sizes(evaluation.outsideMm)}</b>, <b>{mass(evaluation.grossMassKg)}</b> packed, without tape and labels.
      </p>
      <p>
        Rests on nominal foam constants, good to about 20 %, and on tables quoted from memory; rules' edition {evaluation.rules}{evaluation.workedInTime
          ? '; the falls were worked in time'
          : ''}. A prediction for planning: prove what is valuable or can hurt someone in a laboratory. Carriers' rules
        and local law come first.
      </p>
    </footer>
  </main>
{/if}

<style>
  .paper {
    box-sizing: border-box;
    width: 186mm;
    max-width: 100%;
    margin: 1rem auto 3rem;
    padding: 0 2mm;
    background: var(--color-base-100);
    color: var(--color-base-content);
    font-size: 9.5pt;
    line-height: 1.35;
  }
  header {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 6mm;
    border-bottom: 2px solid currentColor;
  }
  .paper,
  .paper :global(td) {
    overflow-wrap: anywhere;
  }
  h2 {
    font-size: 14pt;
    font-weight: 700;
  }
  .verdict {
    display: flex;
    align-items: baseline;
    gap: 2mm;
    margin: 1.5mm 0;
  }
  .sections {
    display: flex;
    flex-wrap: wrap;
    align-items: flex-end;
    gap: 2mm 6mm;
    padding: 2mm 0;
    border-top: 1px solid var(--color-base-300);
    border-bottom: 1px solid var(--color-base-300);
  }
  figure {
    max-width: 100%;
    overflow-x: auto;
  }
  .bar {
    flex-basis: 100%;
    display: flex;
    align-items: center;
    gap: 3mm;
    font-size: 8.5pt;
  }
  .bar span {
    height: 2mm;
    border: 1px solid currentColor;
    border-top: 0;
  }
  .tables {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    gap: 2mm 6mm;
    margin: 2mm 0;
  }
  .wide {
    grid-column: 1 / -1;
  }
  table {
    width: 100%;
    align-self: start;
    border-collapse: collapse;
  }
  caption {
    padding-bottom: 0.5mm;
    font-weight: 700;
    text-align: left;
  }
  th {
    font-weight: 400;
    text-align: left;
    /* The words of a head are ours and short. */
    overflow-wrap: normal;
  }
  td,
  th {
    padding: 0.4mm 3mm 0.4mm 0;
    border-top: 1px solid var(--color-base-300);
    vertical-align: top;
  }
  .number {
    text-align: right;
    white-space: nowrap;
  }
  footer {
    padding-top: 1.5mm;
    border-top: 2px solid currentColor;
  }
  [aria-pressed='true'] {
    border-bottom: 2px solid var(--color-accent);
    font-weight: 650;
  }
  @media (max-width: 640px) {
    .tables {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @page {
    margin: 12mm;
  }
  @media print {
    .on-screen {
      display: none;
    }
    .paper {
      width: auto;
      margin: 0;
      padding: 0;
      background: none;
    }
  }
</style>
