<!-- The item lying every other way in the same walls: which of the 24 holds best and keeps blows off what is delicate. -->
<script lang="ts">
  import { api, call, type Orientation, type PackFile } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import Dialog from '../parts/Dialog.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import { numberOf, shown, sizeText, unitOf } from '../units';

  let { bench }: { bench: Bench } = $props();

  let open = $state(false);
  let ways = $state.raw<Orientation[]>([]);
  let trouble = $state('');
  const latest = new Latest();

  // Whoever closes it waits no longer.
  $effect(() => {
    if (!open) {
      latest.end();
    }
  });

  async function ask() {
    open = true;
    ways = [];
    trouble = '';
    const signal = latest.next();
    const { data, problem } = await call(api.POST('/api/orientations', { body: bench.pack, signal }));
    if (signal.aborted) {
      return;
    }
    ways = data ?? [];
    trouble = problem?.detail ?? '';
  }

  function take(way: Orientation) {
    bench.change(way.pack as PackFile, `lay ${way.up} ${way.front}`);
    open = false;
  }

  /** Ways that come to the same are one row; the way it lies now is a row of its own. */
  let rows = $derived.by(() => {
    const groups: { way: Orientation; alike: number }[] = [];
    for (const way of ways) {
      const same = groups.find(
        (g) =>
          !g.way.asNow &&
          !way.asNow &&
          g.way.verdict === way.verdict &&
          Math.abs(g.way.margin - way.margin) < 5e-4 &&
          Math.abs(g.way.bottomCm2 - way.bottomCm2) < 0.5 &&
          Math.abs(g.way.hits - way.hits) < 5e-4
      );
      if (same) {
        same.alike++;
      } else {
        groups.push({ way, alike: 0 });
      }
    }
    return groups;
  });

  function words(way: Orientation): string {
    if (way.asNow) {
      return 'as it lies now';
    }
    return way.up === 'top'
      ? `turned, its ${way.front} to the front`
      : `its ${way.up} up, its ${way.front} to the front`;
  }
</script>

<p>
  <button type="button" class="btn btn-sm" onclick={ask}>Which way should it lie?</button>
  <span class="quiet"
    >All 24 ways in these walls, by margin, by what it stands on and by the blows a delicate face would take.</span
  >
</p>
<Dialog title="Which way should it lie?" bind:open>
  <div aria-live="polite">
    {#if trouble}<p>{trouble}</p>{:else if ways.length === 0}<p class="quiet">Turning it.</p>{/if}
  </div>
  {#if ways.length > 0}
    <table class="figures-table">
      <thead>
        <tr>
          <th scope="col">It lies</th>
          <th scope="col">Verdict</th>
          <th scope="col" class="number">Margin, %</th>
          <th scope="col" class="number">Stands on, {unitOf('area')}</th>
          <th scope="col" class="number">Blows on delicate faces, %</th>
          <th scope="col"><span class="sr-only">Take</span></th>
        </tr>
      </thead>
      <tbody>
        {#each rows as { way, alike } (way.up + way.front)}
          <tr>
            <th scope="row" class:font-bold={way.asNow} title="outside {sizeText(way.outsideMm)}"
              >{words(way)}{#if alike > 0}<span class="quiet font-normal">, and {alike} like it</span>{/if}</th
            >
            <td><Glyph status={way.verdict} size={12} /> {way.verdict}</td>
            <td class="number">{shown(100 * way.margin, 0)}</td>
            <td class="number">{shown(numberOf('area', way.bottomCm2), 0)}</td>
            <td class="number">{shown(100 * way.hits, 0)}</td>
            <td>
              {#if !bench.readOnly && !way.asNow}
                <button type="button" class="plain-button" onclick={() => take(way)}
                  >Lay it so<span class="sr-only">, {words(way)}</span></button
                >
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="quiet mt-2">
      Two blows in five are taken to land on the bottom, one in eight on each side, one in ten on the top (assumed). The
      walls stay where they are; cushions fitted to the item may then not fit it any more: look at the section.
    </p>
  {/if}
</Dialog>
