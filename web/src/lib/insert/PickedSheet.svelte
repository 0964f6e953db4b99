<!-- One sheet of foam in columns: what is picked out of it, row by row, from above. -->
<script lang="ts">
  import type { PickedSheet } from '../api/client';
  import { length } from '../units';

  let { sheet }: { sheet: PickedSheet } = $props();

  /** Every fifth row and column is numbered. */
  const fifths = (count: number) => Array.from({ length: Math.floor(count / 5) }, (_, i) => 5 * (i + 1));
  let rows = $derived([...new Set(sheet.runs.map((run) => run[0]!))]);
  let title = $derived(`${sheet.half === 'base' ? 'Base' : 'Lid'}, sheet ${sheet.number} from the parting plane`);

  function row(fromFront: number): string {
    return sheet.runs
      .filter((run) => run[0] === fromFront)
      .map((run) => (run[1] === run[2] ? `${run[1]}` : `${run[1]} to ${run[2]}`))
      .join(', ');
  }
</script>

<figure>
  <svg viewBox="-2 -1 {sheet.across + 3} {sheet.along + 3}" role="img" aria-label={title}>
    <rect class="foam" width={sheet.across} height={sheet.along} />
    {#each sheet.runs as [fromFront, first, last], i (i)}
      <rect class="picked" x={first! - 1} y={sheet.along - fromFront!} width={last! - first! + 1} height="1" />
    {/each}
    <path
      class="grid"
      d={Array.from({ length: sheet.across - 1 }, (_, i) => `M${i + 1} 0v${sheet.along}`).join('') +
        Array.from({ length: sheet.along - 1 }, (_, i) => `M0 ${i + 1}h${sheet.across}`).join('')}
    />
    {#each fifths(sheet.across) as column (column)}
      <text x={column - 0.5} y={sheet.along + 1.2} text-anchor="middle">{column}</text>
    {/each}
    {#each fifths(sheet.along) as fromFront (fromFront)}
      <text x="-0.3" y={sheet.along - fromFront + 0.8} text-anchor="end">{fromFront}</text>
    {/each}
  </svg>
  <figcaption>
    {title}{sheet.looseMm > 0.05 ? `, ${length(sheet.looseMm)} looser than cut` : ''}
    <details>
      <summary>Row by row</summary>
      <ol>
        {#each rows as fromFront (fromFront)}<li>row {fromFront}: columns {row(fromFront)}</li>{/each}
      </ol>
    </details>
  </figcaption>
</figure>

<style>
  svg {
    width: 100%;
    max-height: 16rem;
  }
  .foam {
    fill: var(--color-base-200);
    stroke: currentColor;
    stroke-width: 0.15;
  }
  .picked {
    fill: color-mix(in oklab, currentColor 55%, transparent);
  }
  .grid {
    fill: none;
    stroke: color-mix(in oklab, currentColor 30%, transparent);
    stroke-width: 0.05;
  }
  text {
    font-size: 1.2px;
    fill: currentColor;
  }
  figcaption {
    font-size: 0.8125rem;
  }
</style>
