<!-- Several things in one bed: what they are, how they are laid out, and what they are together. -->
<script lang="ts">
  import { Trash2 } from '@lucide/svelte';
  import { api, call, type Kit, type KitPiece, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, mass } from '../units';
  import { type Bed, pathOf, type Place, places, withBed } from './bed';

  let { bench, layer }: { bench: Bench; layer: number } = $props();

  let open = $state(false);
  let pieces = $state.raw<KitPiece[]>([]);
  let kit = $state.raw<Kit | null>(null);
  let told = $state('');
  let layers = $state(1);
  const latest = new Latest();

  let bed = $derived(kit?.bed as unknown as Bed | undefined);

  const plan = (outline: Place[]) =>
    pathOf(
      outline,
      (v) => v,
      (v) => -v
    );

  function begin() {
    open = !open;
    if (open && pieces.length === 0) {
      const { item } = bench.pack;
      set([
        {
          name: item.name.slice(0, 40),
          lengthMm: item.sizeMm.length,
          widthMm: item.sizeMm.width,
          heightMm: item.sizeMm.height,
          massKg: item.massKg,
          count: 1
        }
      ]);
    }
  }

  function set(next: KitPiece[]) {
    pieces = next;
    void lay();
  }

  function change(index: number, to: Partial<KitPiece>) {
    set(pieces.with(index, { ...pieces[index]!, ...to }));
  }

  async function lay() {
    const signal = latest.next();
    const { data, problem } = await call(api.POST('/api/kits', { body: { pieces, layers }, signal }));
    if (!signal.aborted) {
      told = problem ? words(problem) : '';
      kit = data ?? kit;
    }
  }

  function take() {
    const { item } = bench.pack;
    const [x, y, z] = kit!.centreMm.map((mm) => Math.round(mm * 10) / 10) as [number, number, number];
    bench.change(
      {
        ...bench.pack,
        item: { ...item, sizeMm: kit!.sizeMm, massKg: kit!.massKg, centreOfMassMm: { x, y, z } },
        layers: withBed(bench.pack, layer, bed!)
      },
      'kit'
    );
    open = false;
    pieces = [];
  }
</script>

{#snippet mm(index: number, key: 'lengthMm' | 'widthMm' | 'heightMm', label: string)}
  <QuantityField
    kind="length"
    label="Thing {index + 1}, {label}"
    value={pieces[index]![key]}
    showUnit={false}
    onset={(v) => v !== undefined && change(index, { [key]: v })}
  />
{/snippet}

<button type="button" class="btn btn-xs" aria-expanded={open} onclick={begin}>several things in it</button>
{#if open}
  <div class="kit">
    <div class="things">
      <table>
        <thead>
          <tr>
            <th scope="col">thing</th><th scope="col">length</th><th scope="col">width</th><th scope="col">height</th>
            <th scope="col">mass of one</th><th scope="col">how many</th><td></td>
          </tr>
        </thead>
        <tbody>
          {#each pieces as piece, i (i)}
            <tr>
              <td>
                <input
                  class="in-sentence"
                  aria-label="Thing {i + 1}, name"
                  maxlength="40"
                  value={piece.name}
                  onchange={(e) => e.currentTarget.value.trim() && change(i, { name: e.currentTarget.value.trim() })}
                />
              </td>
              <td>{@render mm(i, 'lengthMm', 'length')}</td>
              <td>{@render mm(i, 'widthMm', 'width')}</td>
              <td>{@render mm(i, 'heightMm', 'height')}</td>
              <td>
                <QuantityField
                  kind="mass"
                  label="Thing {i + 1}, mass of one"
                  value={piece.massKg}
                  onset={(v) => v !== undefined && change(i, { massKg: v })}
                />
              </td>
              <td>
                <QuantityField
                  kind="number"
                  label="Thing {i + 1}, how many"
                  value={piece.count}
                  decimals={0}
                  least={1}
                  onset={(v) => v !== undefined && change(i, { count: Math.round(v) })}
                />
              </td>
              <td>
                {#if pieces.length > 1}
                  <button
                    type="button"
                    class="plain-button"
                    aria-label="Take thing {i + 1} away"
                    onclick={() => set(pieces.toSpliced(i, 1))}><Trash2 size={14} aria-hidden="true" /></button
                  >
                {/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p>
        <button
          type="button"
          class="btn btn-xs"
          disabled={pieces.length >= 60}
          onclick={() =>
            set([
              ...pieces,
              { name: `thing ${pieces.length + 1}`, lengthMm: 60, widthMm: 40, heightMm: 40, massKg: 0.2, count: 1 }
            ])}>Another thing</button
        >
        in
        <QuantityField
          kind="number"
          label="Layers of the kit"
          value={layers}
          decimals={0}
          least={1}
          onset={(v) => {
            layers = Math.max(1, Math.round(v ?? 1));
            void lay();
          }}
        />
        {layers === 1 ? 'layer' : 'layers'}
      </p>
      {#if told}<p role="alert">{told}</p>{/if}
      {#if kit}
        <p>
          Together <b>{length(kit.sizeMm.length)} by {length(kit.sizeMm.width)} by {length(kit.sizeMm.height)}</b>,
          {mass(kit.massKg)}. The centre of mass is {Math.round(kit.offPercent)} % of the way from the middle to the side{kit.balanced
            ? ''
            : ': it will hang to one side when it is lifted'}. All lie level on top, so that the lid is a plain sheet.
        </p>
        {#if kit.layers.length > 1}
          <p>
            {kit.layers.length} trays, one on the other with foam between, hinged along the back with cloth tape so that each
            opens like a page and none is lost; the heaviest lie lowest.
          </p>
        {/if}
        <p>Taken out in this order: {kit.takingOut.join(', ')}; laid in the other way round.</p>
        <p class="flex flex-wrap gap-2">
          <button type="button" class="btn btn-primary btn-sm" onclick={take}>Take it as the item and its bed</button>
          <button type="button" class="plain-button" onclick={() => (open = false)}>Cancel</button>
        </p>
      {/if}
    </div>
    {#if kit && bed}
      {@const half = kit.sizeMm.length / 2}
      {@const deep = kit.sizeMm.width / 2}
      <div class="trays">
        {#each kit.layers.toReversed() as names, tray (tray)}
          <svg
            viewBox="{-half - 20} {-deep - 20} {2 * half + 40} {2 * deep + 40}"
            role="img"
            aria-label="{names.length} things laid out{kit.layers.length > 1
              ? ` in tray ${kit.layers.length - tray}`
              : ''}, the centre of mass marked"
          >
            {#each (bed.wells ?? []).filter((w) => names.some((n) => w.name === `finger, ${n}`)) as well, i (i)}
              <path class="scoop" d={plan(places(well))} />
            {/each}
            {#each bed.parts.filter((p) => names.includes(p.name ?? '')) as part, i (i)}
              {@const outline = part.outlineMm as Place[]}
              <path d={plan(outline)} />
              <text
                x={(outline[0]![0] + outline[1]![0]) / 2}
                y={-(outline[0]![1] + outline[2]![1]) / 2}
                text-anchor="middle"
                font-size={Math.max(8, half / 16)}>{part.name}</text
              >
            {/each}
            <path class="centre" d="M{kit.centreMm[0]! - 8} {-kit.centreMm[1]!}h16m-8 -8v16" />
          </svg>
        {/each}
      </div>
    {/if}
  </div>
{/if}

<style>
  .kit {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: 1rem;
    order: 1;
    width: 100%;
    padding-left: 0.75rem;
    border-left: 3px solid var(--color-primary);
    font-size: 0.8125rem;
  }
  @media (width < 56rem) {
    .kit {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  .things {
    display: grid;
    gap: 0.5rem;
    align-content: start;
    overflow-x: auto;
  }
  th {
    padding-right: 0.75rem;
    font-weight: 500;
    text-align: left;
  }
  .trays {
    display: grid;
    gap: 0.5rem;
    align-content: start;
  }
  svg {
    width: 100%;
    max-height: 18rem;
  }
  path {
    fill: url(#hatch-item);
    stroke: currentColor;
    stroke-width: 1.2px;
    vector-effect: non-scaling-stroke;
  }
  .scoop {
    fill: none;
    stroke-dasharray: 2 2;
  }
  .centre {
    stroke: var(--color-error);
    stroke-width: 2.5px;
  }
  text {
    fill: currentColor;
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 3px;
  }
</style>
