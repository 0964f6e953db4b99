<!-- What a bed can begin as: snug all round, caps, rails or blocks, each with what it would come to. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type BedBeginning, call } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import Glyph from '../parts/Glyph.svelte';
  import { area, length, money, shown } from '../units';
  import { type Bed, withBed } from './bed';

  let { bench, layer }: { bench: Bench; layer: number } = $props();

  let beginnings = $state.raw<BedBeginning[] | null>(null);
  const latest = new Latest();

  $effect(() => {
    const body = bench.evaluation ? untrack(() => bench.pack) : null;
    if (body) {
      const signal = latest.next();
      void call(api.POST('/api/beds/beginnings', { body, signal })).then(({ data }) => {
        if (data && !signal.aborted) {
          beginnings = data;
        }
      });
    }
  });

  const WORDS: Record<string, string> = {
    snug: 'Cut a bed for it',
    end_caps: 'Two caps over its ends',
    rails: 'Rails along its edges',
    corner_blocks: 'Blocks at its corners'
  };

  function begin(beginning: BedBeginning) {
    bench.change({ ...bench.pack, layers: withBed(bench.pack, layer, beginning.bed as unknown as Bed) }, 'form');
  }
</script>

{#if beginnings?.length === 0}
  <p>Nothing is cut out of this material: take a foam that comes in blocks or sheets.</p>
{/if}
<ul>
  {#each beginnings ?? [] as beginning, i (beginning.kind)}
    <li>
      <button type="button" class={i === 0 ? 'btn btn-primary btn-sm' : 'btn btn-sm'} onclick={() => begin(beginning)}
        >{WORDS[beginning.kind]}</button
      >
      <span>
        {beginning.widthMm > 0 ? `${length(beginning.widthMm)} wide, ` : ''}{area(beginning.bearsBelowCm2)} below:
        <Glyph status={beginning.verdict} size={14} />
        {beginning.verdict}{beginning.verdict === 'holds' ? `, ${Math.round(beginning.marginPercent)} % to spare` : ''}
      </span>
      <span class="quiet">
        {beginning.pieces} pieces, {beginning.cuts} cuts, {Math.round(beginning.minutes)} minutes, {shown(
          beginning.foamLitres,
          1
        )} l of foam{beginning.cost === null ? '' : `, ${money(beginning.cost)}`}
      </span>
    </li>
  {/each}
</ul>
{#if beginnings && beginnings.length > 0}
  <p class="quiet text-xs">
    The first is cut from the solid; caps, rails and blocks are of strips, each ripped and cut to length. Minutes by
    hand are assumed.
  </p>
{/if}

<style>
  ul {
    display: grid;
    gap: 0.5rem;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
    font-size: 0.8125rem;
  }
</style>
