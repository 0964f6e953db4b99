<!-- Drop tests against the law fitted to them: stress over energy, the law as a line, where nine results in ten lie as a band. -->
<script lang="ts">
  import type { FoamTests } from '../api/client';
  import { figure, numberOf, said, shown, stress, unitOf } from '../units';

  let { tests }: { tests: FoamTests } = $props();

  const W = 460;
  const H = 230;
  const LEFT = 44;
  const BOTTOM = 30;
  const TOP = 8;

  let xs = $derived(tests.points.map((p) => p.x));
  let ys = $derived([
    ...tests.points.map((p) => p.y),
    ...tests.lines.flatMap((l) => l.band.flatMap((b) => [b.low, b.high]))
  ]);
  let right = $derived(Math.max(...xs) * 1.06);
  let low = $derived(Math.log(Math.min(...ys) * 0.92));
  let high = $derived(Math.log(Math.max(...ys) * 1.08));

  const x = (v: number) => LEFT + (v / right) * (W - LEFT - 8);
  const y = (v: number) => TOP + ((high - Math.log(v)) / (high - low)) * (H - TOP - BOTTOM);
  const path = (points: [number, number][]) => points.map(([a, b], i) => `${i ? 'L' : 'M'}${x(a)} ${y(b)}`).join('');

  let ticksY = $derived(
    [10, 20, 50, 100, 200, 500, 1000, 2000, 5000].filter((v) => Math.log(v) > low && Math.log(v) < high)
  );
  let ticksX = $derived.by(() => {
    const step = [1, 2, 5, 10, 20, 50, 100].find((s) => right / s <= 7) ?? 200;
    return Array.from({ length: Math.floor(right / step) }, (_, i) => (i + 1) * step);
  });
  let odd = $derived(tests.points.filter((p) => p.outlier));
</script>

<figure>
  <svg
    viewBox="0 0 {W} {H}"
    role="img"
    aria-label="Drop tests and the law fitted to them; the table below has the points that do not fit"
  >
    {#each ticksY as tick (tick)}
      <line class="grid" x1={LEFT} x2={W - 8} y1={y(tick)} y2={y(tick)} />
      <text x={LEFT - 5} y={y(tick) + 3.5} text-anchor="end">{figure(numberOf('stress', tick))}</text>
    {/each}
    {#each ticksX as tick (tick)}
      <text x={x(tick)} y={H - BOTTOM + 13} text-anchor="middle">{figure(numberOf('stress', tick))}</text>
    {/each}
    <line class="axis" x1={LEFT} x2={W - 8} y1={H - BOTTOM} y2={H - BOTTOM} />
    <text x={W - 8} y={H - 4} text-anchor="end">energy density s h / t, {unitOf('stress')}</text>
    <text x={LEFT + 4} y={TOP + 9}>stress G s, {unitOf('stress')}</text>
    {#each tests.lines as line (line.repeated)}
      <path
        class="band"
        class:later={line.repeated}
        d="{path(line.band.map((b) => [b.x, b.high]))}{path([...line.band].reverse().map((b) => [b.x, b.low])).replace(
          'M',
          'L'
        )}Z"
      />
      <path class="law" class:later={line.repeated} d={path(line.band.map((b) => [b.x, b.law]))} />
    {/each}
    {#each tests.points as point (point.row)}
      {#if point.outlier}
        <path class="odd" d="M{x(point.x) - 4} {y(point.y) - 4}l8 8m-8 0l8 -8" />
      {:else}
        <circle
          class:later={point.impact > 1}
          class:unused={!point.used}
          cx={x(point.x)}
          cy={y(point.y)}
          r={point.used ? 3 : 2}
        />
      {/if}
    {/each}
  </svg>
  <figcaption class="quiet">
    Dots: first blows filled, later ones open. Line: the law. Band: nine results in ten. Crosses: points that do not
    fit; they count all the same.
  </figcaption>
</figure>
<dl>
  {#each [{ of: 'First blows', fit: tests.first }, { of: 'Second to fifth blow', fit: tests.repeated }] as { of, fit } (of)}
    {#if fit}
      <dt>{of}</dt>
      <dd>
        {fit.points} points, a = {stress(fit.aKpa)}, b = {said('perStress', fit.bPerKpa, 4)}, R² {shown(
          fit.rSquared,
          3
        )}, residual
        {shown(100 * fit.residual, 1)} %, covers {stress(fit.fromX)} to {stress(fit.toX)}
      </dd>
    {/if}
  {/each}
  {#if tests.creep}
    <dt>Creep</dt>
    <dd>
      {tests.creep.points} points at up to {stress(tests.creep.atKpa)}: {shown(100 * tests.creep.c1, 1)} % in the first hour,
      {shown(100 * tests.creep.c2, 1)} % more in each tenfold time, R² {shown(tests.creep.rSquared, 3)}, to {figure(
        tests.creep.toHours
      )} h
    </dd>
  {/if}
  {#if tests.vibration}
    <dt>Vibration</dt>
    <dd>
      {tests.vibration.points} readings of {tests.vibration.cushions}
      {tests.vibration.cushions === 1 ? 'cushion' : 'cushions'}: modulus {stress(tests.vibration.dynamicModulusKpa)}, Q {shown(
        tests.vibration.q,
        2
      )}
    </dd>
  {/if}
</dl>
{#each tests.doubts as doubt (doubt)}<p role="note"><b>{doubt}</b></p>{/each}
{#if odd.length > 0}
  <table class="figures-table">
    <caption class="text-left">Points that do not fit; look whether they were measured or typed wrongly</caption>
    <thead>
      <tr
        ><th scope="col">Row</th><th scope="col" class="number">Blow</th><th scope="col" class="number">Peak, G</th><th
          scope="col"
          class="number">Off by, residuals</th
        ></tr
      >
    </thead>
    <tbody>
      {#each odd as point (point.row)}
        <tr>
          <th scope="row">{point.row}</th>
          <td class="number">{point.impact}</td>
          <td class="number">{shown(point.peakG, 1)}</td>
          <td class="number">{shown(point.deviations, 1)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}

<style>
  figure {
    max-width: 34rem;
  }
  svg {
    width: 100%;
    font-size: 10px;
  }
  text {
    fill: var(--color-base-content);
  }
  .grid {
    stroke: var(--color-base-300);
  }
  .axis {
    stroke: var(--color-base-content);
  }
  .band {
    fill: color-mix(in oklab, var(--color-accent) 18%, transparent);
  }
  .band.later {
    fill: color-mix(in oklab, var(--color-base-content) 10%, transparent);
  }
  .law {
    fill: none;
    stroke: var(--color-accent);
    stroke-width: 2;
  }
  .law.later {
    stroke: var(--color-base-content);
    stroke-dasharray: 5 3;
  }
  circle {
    fill: var(--color-base-content);
    stroke: var(--color-base-content);
  }
  circle.later {
    fill: var(--color-base-100);
  }
  circle.unused {
    opacity: 0.45;
  }
  .odd {
    stroke: var(--color-error);
    stroke-width: 2;
  }
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.125rem 1rem;
    margin: 0.5rem 0;
  }
  dt {
    font-weight: 600;
  }
</style>
