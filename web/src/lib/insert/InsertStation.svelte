<!-- The bed: the item's shape cut out of a block, drawn from above and from the front, part by part. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type BedCut, call, type CushionLayer } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { area, length } from '../units';
  import BedPlan from './BedPlan.svelte';
  import Beginnings from './Beginnings.svelte';
  import BedSection from './BedSection.svelte';
  import { type Bed, bedLayer, bedOf, type Place, type Pocket, pocketOf, rectangle } from './bed';
  import KitPanel from './KitPanel.svelte';
  import LooseThing from './LooseThing.svelte';
  import Making from './Making.svelte';
  import Measured from './Measured.svelte';
  import OutlineImport from './OutlineImport.svelte';
  import PhotoTrace from './PhotoTrace.svelte';
  import PocketEditor from './PocketEditor.svelte';
  import { gone, type SectionLine } from './section';
  import Ties from './Ties.svelte';

  let { bench }: { bench: Bench } = $props();

  let layer = $derived(bedLayer(bench.pack));
  let bed = $derived(bedOf(bench.pack));
  let at = $derived(`/layers/${layer}/bed`);
  let chosen = $state.raw<Pocket | null>({ list: 'parts', index: 0 });
  let face = $state<'bottom' | 'top'>('bottom');
  let cut = $state.raw<BedCut | null>(null);
  let line = $state.raw<SectionLine>({ along: 'length', atMm: 0 });
  let went = $derived(gone(bench.blow, layer ?? -1));
  let balance = $derived.by((): Place => {
    const at = bench.pack.item.centreOfMassMm;
    return [at?.x ?? 0, at?.y ?? 0];
  });
  let pocket = $derived(bed && chosen ? pocketOf(bed, chosen) : undefined);
  /** What is refused of it, each with the part that it is about, beside the drawing in which it can be seen. */
  let refused = $derived(
    bench.problems
      .filter((p) => p.path.startsWith(`${at}/`) || p.path.startsWith(`/layers/${layer}/form`))
      .map((p) => {
        const [, list, index] = /\/(parts|wells)\/(\d+)/.exec(p.path) ?? [];
        const of = list && bed ? pocketOf(bed, { list: list as Pocket['list'], index: Number(index) }) : undefined;
        return `${of?.name ? `${of.name}: ` : ''}${p.message}`;
      })
  );
  let wrong = $derived((bench.evaluation?.checks ?? []).filter((c) => c.about === 'insert' && c.status !== 'holds'));
  let bears = $derived(bench.evaluation?.cushions.find((c) => c.layer === layer)?.bearingCm2);

  const latest = new Latest();

  // What the server accepts is drawn anew; what it refuses leaves the last drawing standing.
  $effect(() => {
    const body = bench.evaluation ? untrack(() => bench.pack) : null;
    if (body && untrack(() => bed)) {
      const signal = latest.next();
      void call(api.POST('/api/beds', { body, signal })).then(({ data }) => {
        if (data && !signal.aborted) {
          cut = data;
        }
      });
    }
  });

  function add(list: Pocket['list']) {
    const { height } = bench.pack.item.sizeMm;
    const to = list === 'parts' ? { bottomMm: 0, topMm: height / 2 } : { bottomMm: -10, topMm: height / 2 };
    const fresh = {
      name: list === 'parts' ? `part ${bed!.parts.length + 1}` : `well ${(bed!.wells?.length ?? 0) + 1}`,
      outlineMm: rectangle(40, 30),
      ...to
    };
    const all = [...(bed![list] ?? []), list === 'parts' ? { ...fresh, nature: 'strong' as const } : fresh];
    bench.put(`${at}/${list}`, all);
    chosen = { list, index: all.length - 1 };
  }

  function outline(places: Place[]) {
    bench.put(`${at}/${chosen!.list}/${chosen!.index}/outlineMm`, places);
  }

  function remove() {
    const { list, index } = chosen!;
    const left: NonNullable<Bed[Pocket['list']]> = (bed![list] ?? []).toSpliced(index, 1);
    bench.put(`${at}/${list}`, list === 'wells' && left.length === 0 ? undefined : left);
    chosen = { list: 'parts', index: 0 };
  }
</script>

{#snippet choice(list: Pocket['list'], index: number, name: string | undefined)}
  <button
    type="button"
    class="plain-button"
    aria-pressed={chosen?.list === list && chosen.index === index}
    onclick={() => (chosen = { list, index })}>{name ?? `${list === 'parts' ? 'part' : 'well'} ${index + 1}`}</button
  >
{/snippet}

<div class="station">
  {#if layer === null}
    <p>
      A bed lies next to the item, wraps between. Here a box comes first: put a cushion inside it at the station
      Cushion, and its bed can be cut here.
    </p>
  {:else if !bed}
    <p>
      The first cushion is not a bed: it lies round the item as it is, whatever its shape. Cut to the item it holds it
      in its place and keeps foam away from what must not be pressed.
    </p>
    {#if !bench.readOnly}
      <Beginnings {bench} {layer} />
      <div class="row"><span class="quiet">or lay</span><KitPanel {bench} {layer} /></div>
    {/if}
  {:else}
    <div class="drawings">
      <div>
        <div class="row" role="group" aria-label="Where foam bears">
          <span class="quiet">Tinted: where foam bears on the</span>
          {#each ['bottom', 'top'] as const as side (side)}
            <button type="button" class="plain-button" aria-pressed={face === side} onclick={() => (face = side)}
              >{side}</button
            >
          {/each}
          {#if bears}<span class="quiet">{area(bears[face] ?? 0)}</span>{/if}
          {#if face === 'top'}<span class="quiet">; the lid as it lies closed</span>{/if}
        </div>
        {#each refused as words, i (i)}<p class="refused" role="alert">{words}</p>{/each}
        {#if cut}
          <BedPlan
            {bed}
            {cut}
            {chosen}
            {face}
            {line}
            {balance}
            {went}
            online={(l) => (line = l)}
            readOnly={bench.readOnly}
            onchoose={(p) => (chosen = p)}
            onmove={outline}
          />
          {#if !bench.readOnly}
            <p class="quiet text-xs">
              Drag a corner, or move it by arrow keys. Pressed twice, an edge has another corner and a corner goes; by
              keys Insert and Delete.
            </p>
          {/if}
        {/if}
      </div>
      <div class="beside">
        {#if cut}
          <div class="row" role="group" aria-label="The section">
            <span class="quiet">Section along the</span>
            {#each ['length', 'width'] as const as along (along)}
              <button
                type="button"
                class="plain-button"
                aria-pressed={line.along === along}
                onclick={() => (line = { along, atMm: 0 })}>{along}</button
              >
            {/each}
            <span class="quiet">at {length(line.atMm)}</span>
          </div>
          <BedSection {bed} {cut} {line} {chosen} {went} onchoose={(p) => (chosen = p)} />
          {#if bench.blow && went.some((mm) => Math.abs(mm) >= 0.5)}
            <p class="quiet text-xs">
              Dashed: where the item has gone at the peak of the chosen blow, {bench.blow.faces.join('-')}.
            </p>
          {/if}
        {/if}
        <div class="row" role="group" aria-label="Parts">
          <span class="quiet">Parts</span>
          {#each bed.parts as part, i (i)}{@render choice('parts', i, part.name)}{/each}
          {#if !bench.readOnly}
            <button type="button" class="btn btn-xs" onclick={() => add('parts')}>Another part</button>
          {/if}
        </div>
        <div class="row" role="group" aria-label="Wells">
          <span class="quiet">Wells</span>
          {#each bed.wells ?? [] as well, i (i)}{@render choice('wells', i, well.name)}{/each}
          {#if !bench.readOnly}
            <button type="button" class="btn btn-xs" onclick={() => add('wells')}>Another well</button>
            <LooseThing {bench} {bed} {at} ondone={(pocket) => (chosen = pocket)} />
          {/if}
        </div>
        {#if pocket && chosen}
          <PocketEditor
            {bench}
            {pocket}
            which={chosen}
            at="{at}/{chosen.list}/{chosen.index}"
            onoutline={outline}
            onremove={remove}
          />
        {/if}
      </div>
    </div>
    {#if !bench.readOnly}
      <div class="row" role="group" aria-label="Outline from">
        <span class="quiet">Outline from</span>
        <Measured {bench} {bed} {at} ondone={(pocket) => (chosen = pocket)} />
        <PhotoTrace {bench} {bed} {at} ondone={(pocket) => (chosen = pocket)} />
        <OutlineImport {bench} {bed} {at} ondone={(pocket) => (chosen = pocket)} />
        <span class="quiet">; or lay</span>
        <KitPanel {bench} {layer} />
      </div>
    {/if}
    <p class="sentence">
      Base and lid part at
      <QuantityField
        kind="length"
        label="Height of the parting plane"
        value={bed.splitMm ?? 0}
        least={-10000}
        disabled={bench.readOnly}
        problem={bench.problemAt(`${at}/splitMm`)}
        onset={(v) => v !== undefined && bench.put(`${at}/splitMm`, v)}
      />; the lid presses the strong parts by
      <QuantityField
        kind="length"
        label="How much the lid presses"
        value={bed.holdDownMm ?? 0}
        step={1}
        disabled={bench.readOnly}
        problem={bench.problemAt(`${at}/holdDownMm`)}
        onset={(v) => v !== undefined && bench.put(`${at}/holdDownMm`, v)}
      />.
    </p>
    <Ties {bench} {bed} {at} />
    {#if cut && cut.traysMm.length > 0}
      <p>
        The base is {cut.traysMm.length + 1} trays, one on the other, hinged along the back so that none is lost: what lies
        between is foam that no part passes. The checks count what lies in the upper ones as open at its sides: they are on
        the careful side.
      </p>
    {/if}
    {#if cut && cut.remarks.length > 0}
      <ol class="checks" aria-label="What cannot be as it is drawn">
        {#each cut.remarks as remark, i (i)}<li>{i + 1}. {remark.says}.</li>{/each}
      </ol>
    {/if}
    {#if wrong.length > 0}
      <ul class="checks" aria-label="What is not right with the bed">
        {#each wrong as check (check.id)}
          <li><Glyph status={check.status} size={14} /> {check.because}</li>
        {/each}
      </ul>
    {/if}
    {#if cut}
      <details>
        <summary>Levels to cut</summary>
        <table class="levels">
          <thead
            ><tr><th scope="col">half</th><th scope="col">from</th><th scope="col">to</th><th scope="col">open</th></tr
            ></thead
          >
          <tbody>
            {#each cut.levels as level, i (i)}
              <tr>
                <td>{level.half}</td><td>{length(level.bottomMm)}</td><td>{length(level.topMm)}</td>
                <td>{level.openCm2 > 0 ? area(level.openCm2) : 'nothing'}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </details>
      <Making {bench} foam={(bench.pack.layers[layer] as CushionLayer).material} />
    {/if}
  {/if}
</div>

<style>
  .station {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.75rem;
  }
  .drawings {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: 1rem;
  }
  .drawings > * {
    min-width: 0;
  }
  @media (width < 56rem) {
    .drawings {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.5rem;
    align-items: center;
  }
  .row [aria-pressed='true'] {
    font-weight: 700;
    box-shadow: inset 0 -3px 0 var(--color-primary);
  }
  .beside {
    display: grid;
    gap: 0.5rem;
    align-content: start;
  }
  .sentence {
    line-height: 2;
  }
  .checks {
    display: grid;
    gap: 0.25rem;
    font-size: 0.8125rem;
  }
  .refused {
    color: var(--color-error);
  }
  .levels {
    font-size: 0.8125rem;
  }
  .levels th,
  .levels td {
    padding-right: 1rem;
    text-align: left;
    font-weight: 500;
  }
</style>
