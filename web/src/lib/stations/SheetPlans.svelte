<!-- The sheets that the pieces are cut from: how many, how full, and in which order they are cut. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, call, type SheetPlan, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, money } from '../units';

  let { bench }: { bench: Bench } = $props();

  /** Nothing is asked for while nobody looks. */
  let open = $state(false);
  let lengthMm = $state(2000);
  let widthMm = $state(1000);
  let kerfMm = $state(0);
  let trimMm = $state(0);
  let packs = $state(1);
  let how = $state<'edge' | 'free'>('edge');
  let turned = $state<'turned' | 'grain'>('turned');
  let sides = $state<'butted' | 'pinwheel'>('butted');
  /** How much of the time that it may take is gone. */
  let gone = $state(0);
  const LOOK_EVERY_MS = 300;
  let plans = $state.raw<SheetPlan[] | null>(null);
  let told = $state('');
  let busy = $state(false);

  /** More packs than this are not counted on one sheet. */
  const MOST_PACKS = 60;

  const latest = new Latest();

  let asked = $derived({
    lengthMm,
    widthMm,
    kerfMm,
    trimMm,
    packs,
    freely: how === 'free',
    pinwheel: sides === 'pinwheel'
  });

  $effect(() => {
    const query = asked;
    const body = open && bench.evaluation ? untrack(() => bench.pack) : null;
    if (body) {
      const signal = latest.next();
      busy = true;
      void call(api.POST('/api/sheet-plans', { params: { query }, body, signal })).then(({ data, problem }) => {
        if (!signal.aborted) {
          busy = false;
          plans = data ?? plans;
          told = problem ? words(problem) : '';
        }
      });
    }
  });

  $effect(() => {
    if (!busy) {
      gone = 0;
      return;
    }
    const looking = setInterval(async () => {
      const { data } = await call(api.GET('/api/searches'));
      const own = data?.find((search) => search.what === 'sheets');
      gone = own && own.of > 0 ? own.done / own.of : gone;
    }, LOOK_EVERY_MS);
    return () => clearInterval(looking);
  });

  /** Leaves: the server lays no more pieces for who is gone. */
  function stop() {
    latest.next();
    busy = false;
  }

  function summary(plan: SheetPlan): string {
    const sheets = plan.sheets.length === 1 ? 'one sheet' : `${plan.sheets.length} sheets`;
    const each =
      plan.packsPerSheet > 0
        ? `; ${plan.packsPerSheet === 1 ? 'one pack' : `${plan.packsPerSheet}${plan.packsPerSheet === MOST_PACKS ? ' or more' : ''} packs`} from a sheet`
        : '; a pack needs more than one sheet';
    const cost = plan.costPerPack === null ? '' : `; ${money(plan.costPerPack)} a pack when all of it is used`;
    return `${sheets}, ${Math.round(plan.yieldPercent)} % of it used${each}${cost}`;
  }
</script>

<details bind:open>
  <summary>Sheets it is cut from</summary>
  {#if open}
    {#if busy}
      <p role="status">
        Laying the pieces, five seconds at most.
        <progress class="progress w-32" value={gone} max="1" aria-label="Time gone of that"></progress>
        <button type="button" class="btn btn-xs" onclick={stop}>Stop</button>
      </p>
    {/if}
    <p class="sentence">
      For
      <QuantityField
        kind="number"
        label="Packs to cut for"
        value={packs}
        least={1}
        onset={(v) => v !== undefined && (packs = Math.min(100, Math.max(1, Math.round(v))))}
      />
      {packs === 1 ? 'pack' : 'packs'}, from sheets of
      <QuantityField
        kind="length"
        label="Length of a sheet"
        value={lengthMm}
        step={50}
        onset={(v) => v !== undefined && (lengthMm = v)}
      />
      by
      <QuantityField
        kind="length"
        label="Width of a sheet"
        value={widthMm}
        step={50}
        onset={(v) => v !== undefined && (widthMm = v)}
      />, cut
      <ChoiceField
        label="How sheets are cut"
        value={how}
        options={[
          { value: 'edge' as const, text: 'from edge to edge, by hand' },
          { value: 'free' as const, text: 'freely, by a machine' }
        ]}
        onset={(v) => (how = v)}
      />, pieces
      <ChoiceField
        label="Whether pieces may be turned"
        value={turned}
        options={[
          { value: 'turned' as const, text: 'lying either way' },
          { value: 'grain' as const, text: 'all along the grain of the sheet' }
        ]}
        onset={(v) => (turned = v)}
      />, the sides of a lining
      <ChoiceField
        label="How the sides of a lining meet"
        value={sides}
        options={[
          { value: 'butted' as const, text: 'two between the other two' },
          { value: 'pinwheel' as const, text: 'each against the next, like a pinwheel' }
        ]}
        onset={(v) => (sides = v)}
      />; a cut takes
      <QuantityField
        kind="length"
        label="Kerf of the saw"
        value={kerfMm}
        step={0.5}
        onset={(v) => v !== undefined && (kerfMm = v)}
      />, and
      <QuantityField
        kind="length"
        label="Trim of the edges"
        value={trimMm}
        step={5}
        onset={(v) => v !== undefined && (trimMm = v)}
      />
      is trimmed off all round.
    </p>
    {#if told}<p role="alert">{told}</p>{/if}
    {#each plans ?? [] as plan (`${plan.foam} ${plan.sheetMm}`)}
      <section>
        <h3 class="font-semibold">{plan.foamName}, {length(plan.sheetMm)}</h3>
        <p>{summary(plan)}.</p>
        {#if plan.leftOver.length > 0}
          <p role="alert">
            Larger than a sheet: {plan.leftOver
              .map((p) => `${p.name} (${length(p.lengthMm)} by ${length(p.widthMm)})`)
              .join(', ')}.
          </p>
        {/if}
        <p class="quiet text-xs">
          {plan.parts.map((p) => `${p.name}: ${p.count} of ${length(p.lengthMm)} by ${length(p.widthMm)}`).join('; ')}
        </p>
        <ul class="sheets">
          {#each plan.sheets as sheet, i (i)}
            <li>
              <svg
                viewBox="-5 -5 {plan.lengthMm + 10} {plan.widthMm + 10}"
                role="img"
                aria-label="Sheet {i + 1} of {plan.sheets.length}: {sheet.placed.length} pieces"
              >
                <rect class="sheet" width={plan.lengthMm} height={plan.widthMm} />
                {#each sheet.placed as piece, j (j)}
                  <rect
                    class="piece"
                    x={piece.xMm}
                    y={plan.widthMm - piece.yMm - piece.acrossMm}
                    width={piece.alongMm}
                    height={piece.acrossMm}
                  />
                  <text
                    x={piece.xMm + piece.alongMm / 2}
                    y={plan.widthMm - piece.yMm - piece.acrossMm / 2}
                    font-size={Math.min(60, piece.acrossMm * 0.6, piece.alongMm * 0.6)}
                    text-anchor="middle"
                    dominant-baseline="central">{piece.name}</text
                  >
                {/each}
              </svg>
              {#if sheet.cuts.length > 0}
                <details>
                  <summary>Order of the {sheet.cuts.length} cuts</summary>
                  <ol>
                    {#each sheet.cuts as cut, j (j)}
                      <li>
                        {length(cut.atMm)} from the {cut.across ? 'left' : 'front'}, from {length(cut.fromMm)} to {length(
                          cut.toMm
                        )}
                      </li>
                    {/each}
                  </ol>
                </details>
              {/if}
            </li>
          {/each}
        </ul>
      </section>
    {/each}
  {/if}
</details>

<style>
  summary {
    cursor: pointer;
  }
  .sentence {
    line-height: 2;
  }
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(18rem, 1fr));
    gap: 0.75rem;
  }
  svg {
    width: 100%;
  }
  rect {
    stroke: currentColor;
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
  }
  .sheet {
    fill: var(--color-base-200);
  }
  .piece {
    fill: color-mix(in oklab, var(--color-accent) 22%, var(--color-base-100));
  }
  text {
    fill: currentColor;
    font-weight: 650;
  }
  ol {
    padding-left: 1.5rem;
    list-style: decimal;
    font-size: 0.8125rem;
  }
</style>
