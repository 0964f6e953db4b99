<!-- An outline out of measurements: shapes one after the other, each a sentence with fields, what they make drawn beside. -->
<script lang="ts">
  import { Plus, Trash2 } from '@lucide/svelte';
  import { api, type BroughtOutline, call, type MeasuredShape, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { type Bed, pathOf, type Pocket } from './bed';
  import { COLUMNS, KINDS, shapeOf, type ShapeKind, withRowAfter } from './measured';
  import TakeOutlines from './TakeOutlines.svelte';

  let { bench, bed, at, ondone }: { bench: Bench; bed: Bed; at: string; ondone: (pocket: Pocket) => void } = $props();

  let open = $state(false);
  let shapes = $state.raw<MeasuredShape[]>([]);
  let outlines = $state.raw<BroughtOutline[]>([]);
  let remarks = $state.raw<string[]>([]);
  let told = $state('');
  let taken = $state.raw<number[]>([0]);
  const latest = new Latest();

  let size = $derived(bench.pack.item.sizeMm);
  let box = $derived.by(() => {
    const all = outlines.flatMap((o) => o.placesMm);
    const xs = all.map((p) => p[0]!).concat([-size.length / 2, size.length / 2]);
    const ys = all.map((p) => p[1]!).concat([-size.width / 2, size.width / 2]);
    return { left: Math.min(...xs), right: Math.max(...xs), front: Math.min(...ys), back: Math.max(...ys) };
  });

  function begin() {
    open = !open;
    if (open && shapes.length === 0) {
      set([shapeOf('rectangle', size.length, size.width)]);
    }
  }

  function set(next: MeasuredShape[]) {
    shapes = next;
    void work();
  }

  function change(index: number, to: Partial<MeasuredShape>) {
    set(shapes.with(index, { ...shapes[index]!, ...to }));
  }

  async function work() {
    const signal = latest.next();
    const { data, problem } = await call(api.POST('/api/outlines/measured', { body: { shapes }, signal }));
    if (signal.aborted) {
      return;
    }
    told = problem ? words(problem) : '';
    if (data) {
      outlines = data.outlines;
      remarks = data.remarks;
      taken = outlines.map((_, i) => i);
    }
  }

  function leave() {
    open = false;
    shapes = [];
    outlines = [];
    told = '';
  }
</script>

{#snippet figure(
  index: number,
  key: 'lengthMm' | 'widthMm' | 'radiusMm' | 'rightMm' | 'backMm',
  label: string,
  least: number,
  optional: boolean
)}
  <QuantityField
    kind="length"
    label="Shape {index + 1}, {label}"
    value={shapes[index]![key] ?? undefined}
    {least}
    step={1}
    {optional}
    onset={(v) => (v !== undefined || optional) && change(index, { [key]: v })}
  />
{/snippet}

<button type="button" class="btn btn-xs" aria-expanded={open} onclick={begin}>measurements</button>
{#if open}
  <div class="measured">
    <div class="shapes">
      {#each shapes as shape, i (i)}
        {@const columns = COLUMNS[shape.kind]}
        <div class="sentence" role="group" aria-label="Shape {i + 1}">
          {#if i === 0}
            Begin with
          {:else}
            <ChoiceField
              label="Shape {i + 1}, what it does"
              value={shape.use}
              options={[
                { value: 'added', text: 'Add' },
                { value: 'cut_away', text: 'Cut away' }
              ]}
              onset={(use) => change(i, { use })}
            />
          {/if}
          <ChoiceField
            label="Shape {i + 1}, kind"
            value={shape.kind}
            options={KINDS}
            onset={(kind: ShapeKind) =>
              set(shapes.with(i, { ...shapeOf(kind, shape.lengthMm ?? 40, shape.widthMm ?? 30), use: shape.use }))}
          />{#if columns}:{:else if shape.kind === 'circle'}
            of {@render figure(i, 'lengthMm', 'diameter', 0.5, false)} across,
          {:else}
            {@render figure(i, 'lengthMm', 'length', 0.5, false)} by {@render figure(
              i,
              'widthMm',
              'width',
              0.5,
              false
            )},
            {#if shape.kind === 'rectangle'}corners rounded by {@render figure(
                i,
                'radiusMm',
                'corner radius',
                0,
                true
              )},{/if}
          {/if}
          {#if columns && shape.placesMm}
            <table>
              <thead>
                <tr
                  >{#each columns as column (column)}<th scope="col">{column}</th>{/each}<td></td></tr
                >
              </thead>
              <tbody>
                {#each shape.placesMm as row, r (r)}
                  <tr>
                    {#each columns as column, c (column)}
                      <td>
                        <QuantityField
                          kind="length"
                          label="Shape {i + 1}, row {r + 1}, {column}"
                          value={row[c]}
                          least={-5000}
                          step={1}
                          showUnit={false}
                          onset={(v) =>
                            v !== undefined && change(i, { placesMm: shape.placesMm!.with(r, row.with(c, v)) })}
                        />
                      </td>
                    {/each}
                    <td class="acts">
                      <button
                        type="button"
                        aria-label="Shape {i + 1}, a row after row {r + 1}"
                        onclick={() => change(i, { placesMm: withRowAfter(shape.placesMm!, r) })}
                        ><Plus size={14} aria-hidden="true" /></button
                      >
                      <button
                        type="button"
                        aria-label="Shape {i + 1}, take row {r + 1} away"
                        disabled={shape.placesMm!.length <= 2}
                        onclick={() => change(i, { placesMm: shape.placesMm!.toSpliced(r, 1) })}
                        ><Trash2 size={14} aria-hidden="true" /></button
                      >
                    </td>
                  </tr>
                {/each}
              </tbody>
            </table>
          {/if}
          its middle {@render figure(i, 'rightMm', 'right of the middle', -5000, false)} right and
          {@render figure(i, 'backMm', 'behind the middle', -5000, false)} back, turned by
          <QuantityField
            kind="number"
            unit="°"
            label="Shape {i + 1}, turned by"
            value={shape.turnDegrees}
            least={-360}
            step={5}
            onset={(v) => v !== undefined && change(i, { turnDegrees: v })}
          />;
          <ChoiceField
            label="Shape {i + 1}, again on the other side"
            value={shape.twin}
            options={[
              { value: 'none', text: 'once' },
              { value: 'left_and_right', text: 'left and right alike' },
              { value: 'front_and_back', text: 'front and back alike' }
            ]}
            onset={(twin) => change(i, { twin })}
          />.
          {#if shapes.length > 1}
            <button type="button" class="plain-button" onclick={() => set(shapes.toSpliced(i, 1))}
              >Take shape {i + 1} away</button
            >
          {/if}
        </div>
      {/each}
      <p>
        <button
          type="button"
          class="btn btn-xs"
          disabled={shapes.length >= 60}
          onclick={() => set([...shapes, shapeOf('rectangle', 40, 30)])}>Another shape</button
        >
      </p>
      {#if told}<p role="alert">{told}</p>{/if}
    </div>
    {#if outlines.length > 0}
      <div class="shapes">
        <svg
          viewBox="{box.left - 5} {-box.back - 5} {box.right - box.left + 10} {box.back - box.front + 10}"
          role="img"
          aria-label="What these shapes make, in the size of the item"
        >
          <rect x={-size.length / 2} y={-size.width / 2} width={size.length} height={size.width} />
          {#each outlines as outline, i (i)}
            <path
              class:taken={taken.includes(i)}
              d={pathOf(
                outline.placesMm,
                (mm) => mm,
                (mm) => -mm
              )}
            />
          {/each}
        </svg>
        {#each remarks as remark, i (i)}<p class="quiet">{remark}</p>{/each}
        <TakeOutlines
          {bench}
          {bed}
          {at}
          outlines={outlines.map((outline, index) => ({ outline, index }))}
          bind:taken
          name="measured"
          ondone={(pocket) => {
            leave();
            ondone(pocket);
          }}
          onleave={leave}
        />
      </div>
    {/if}
  </div>
{/if}

<style>
  .shapes {
    display: grid;
    gap: 0.5rem;
    align-content: start;
  }
  .measured {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 1rem;
    order: 1;
    width: 100%;
    padding-left: 0.75rem;
    border-left: 3px solid var(--color-primary);
    font-size: 0.8125rem;
  }
  @media (width < 56rem) {
    .measured {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  .sentence {
    line-height: 2;
  }
  svg {
    width: 100%;
    max-height: 14rem;
  }
  rect {
    fill: none;
    stroke: currentColor;
    stroke-dasharray: 2 3;
    vector-effect: non-scaling-stroke;
  }
  path {
    fill: transparent;
    stroke: currentColor;
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
  }
  .taken {
    fill: color-mix(in oklab, var(--color-info) 35%, transparent);
    stroke-width: 2.5px;
  }
  th {
    padding-right: 0.75rem;
    font-weight: 500;
    text-align: left;
  }
  .acts button {
    padding: 0.25rem;
    cursor: pointer;
  }
  .acts button:disabled {
    opacity: 0.3;
  }
</style>
