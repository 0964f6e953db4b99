<!-- All 26 blows as three slices of the box seen from above; the middle of the middle slice is the item. -->
<script lang="ts">
  import type { Drop } from '../api/client';
  import { dropOn, type FaceWord } from '../faces';
  import Glyph from '../parts/Glyph.svelte';
  import { figure } from '../units';
  import type { Bench } from './bench.svelte';
  import { blowFigure } from './words';

  let { bench }: { bench: Bench } = $props();

  const SLICES: { name: string; face: FaceWord | null }[] = [
    { name: 'top of the box', face: 'top' },
    { name: 'half way down', face: null },
    { name: 'bottom of the box', face: 'bottom' }
  ];
  const ROWS: (FaceWord | null)[] = ['back', null, 'front'];
  const COLUMNS: (FaceWord | null)[] = ['left', null, 'right'];

  let evaluation = $derived(bench.evaluation!);

  function at(...faces: (FaceWord | null)[]): Drop | undefined {
    return dropOn(
      evaluation,
      faces.filter((face) => face !== null)
    );
  }

  /** Percent of the bar, the limit standing at two thirds; drawn as a background, so that an edit moves no box. */
  function bar(drop: Drop): number {
    const { demand, limit } = drop.blow;
    return limit === null ? 0 : Math.min(100, (demand / limit) * 66.7);
  }
</script>

<section aria-labelledby="blow-map-title">
  <h2 id="blow-map-title" class="flex justify-between font-semibold">
    All 26 blows <span class="quiet font-normal"
      >{bench.pack.journey.drop.sequence === 'all' || !bench.pack.journey.drop.sequence
        ? 'all counted'
        : 'those in ink count on this journey'}</span
    >
  </h2>
  <div class="slices">
    {#each SLICES as slice (slice.name)}
      <div>
        <div class="quiet text-xs">{slice.name}</div>
        <div class="slice">
          {#each ROWS as row (row)}
            {#each COLUMNS as column (column)}
              {@const drop = at(slice.face, row, column)}
              {#if drop}
                <button
                  type="button"
                  class="cell"
                  class:light={!drop.counted}
                  aria-pressed={bench.chosenBlow === drop.id}
                  aria-label="{drop.blow.title}: {blowFigure(drop)}, {drop.blow.status}{drop.counted
                    ? ''
                    : ', not counted'}"
                  title="{drop.blow.title}: {blowFigure(drop)}, {drop.blow.status}"
                  onclick={() => bench.chooseBlow(drop)}
                >
                  <span class="line"><Glyph status={drop.blow.status} size={11} /><span>{figure(drop.g)}</span></span>
                  <span class="bar"
                    ><span class="fill status-{drop.blow.status}" style:background-size="{bar(drop)}% 100%"></span><span
                      class="post"
                    ></span></span
                  >
                </button>
              {:else}
                <svg class="cell" aria-hidden="true"><rect width="100%" height="100%" fill="url(#hatch-item)" /></svg>
              {/if}
            {/each}
          {/each}
        </div>
      </div>
    {/each}
  </div>
</section>

<style>
  .slices {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.5rem;
    margin-top: 0.25rem;
  }
  .slice {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    border: 1px solid var(--color-base-300);
    gap: 1px;
    background: var(--color-base-300);
  }
  .cell {
    display: flex;
    flex-direction: column;
    justify-content: center;
    gap: 3px;
    width: 100%;
    height: 32px;
    padding: 0 3px;
    background: var(--color-base-100);
    font-size: 12px;
    font-stretch: 80%;
    font-weight: 600;
    contain: content;
  }
  .cell.light {
    font-weight: 400;
    background: var(--color-base-200);
  }
  button.cell:hover {
    background: var(--color-base-200);
  }
  .cell[aria-pressed='true'] {
    z-index: 1;
    outline: 2px solid var(--color-base-content);
    outline-offset: 0;
  }
  .line {
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
  .bar {
    position: relative;
    height: 3px;
    background: color-mix(in oklab, var(--color-base-300) 60%, transparent);
  }
  .fill {
    position: absolute;
    inset: 0;
    background: linear-gradient(currentColor, currentColor) no-repeat;
  }
  .post {
    position: absolute;
    top: -2px;
    left: 66.7%;
    width: 1.5px;
    height: 7px;
    background: var(--color-base-content);
  }
</style>
