<!-- A rigid case of sheet with finger joints round what the pack holds: its panels, a trial of their fit, the files to cut by. -->
<script lang="ts">
  import { api, call, type CaseParts, words } from '../api/client';
  import { Latest } from '../api/latest';
  import type { Bench } from '../bench/bench.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { length, lengthIn, sizeText } from '../units';

  let { bench }: { bench: Bench } = $props();

  const EDGES = ['length', 'width', 'height'] as const;

  let own = $state.raw<{ length: number; width: number; height: number } | null>(null);
  let inside = $state(true);
  let sheetMm = $state(4);
  let fingerMm = $state(12);
  let allowanceMm = $state(0.1);
  let tag = $state.raw<{ length?: number; width?: number }>({});
  let tagAllowanceMm = $state(0.05);
  let found = $state.raw<CaseParts | null>(null);
  let trouble = $state('');
  const latest = new Latest();

  /** Round the contents of the innermost box, until another size is given. */
  let size = $derived(own ?? bench.evaluation?.boxes[0]?.contentsMm ?? bench.pack.item.sizeMm);
  let asked = $derived({
    lengthMm: size.length,
    widthMm: size.width,
    heightMm: size.height,
    inside,
    sheetMm,
    fingerMm,
    allowanceMm,
    ...(tag.length && tag.width ? { tagLengthMm: tag.length, tagWidthMm: tag.width, tagAllowanceMm } : {})
  });

  $effect(() => {
    const query = asked;
    const signal = latest.next();
    void call(api.GET('/api/cases', { params: { query }, signal })).then(({ data, problem }) => {
      if (!signal.aborted) {
        found = data ?? found;
        trouble = problem ? words(problem) : '';
      }
    });
    return () => latest.end();
  });

  function address(file: string, piece?: string): string {
    const query = new URLSearchParams({ file });
    Object.entries(asked).forEach(([key, value]) => query.set(key, String(value)));
    if (piece) {
      query.set('piece', piece);
    }
    return `/api/case-files?${query}`;
  }

  const path = (outline: number[][], high: number) =>
    outline.map((p, i) => `${i === 0 ? 'M' : 'L'}${p[0]} ${high - p[1]!}`).join('') + 'Z';
</script>

<section aria-label="A rigid case">
  <p class="sentence">
    {#each EDGES as edge, i (edge)}
      <QuantityField
        kind="length"
        label="{edge} of the case"
        value={size[edge]}
        showUnit={i === 2}
        onset={(value) => value !== undefined && (own = { ...size, [edge]: value })}
      />{i < 2 ? ' × ' : ''}
    {/each}
    <ChoiceField
      label="Size of the case"
      value={inside ? 'inside' : 'outside'}
      options={[
        { value: 'inside' as const, text: 'inside' },
        { value: 'outside' as const, text: 'outside' }
      ]}
      onset={(value) => (inside = value === 'inside')}
    />, of sheet
    <QuantityField
      kind="length"
      label="Thickness of the sheet"
      value={sheetMm}
      step={0.5}
      onset={(v) => (sheetMm = v ?? 4)}
    />
    thick, fingers of
    <QuantityField
      kind="length"
      label="Width of a finger"
      value={fingerMm}
      step={1}
      onset={(v) => (fingerMm = v ?? 12)}
    />, every edge cut larger by
    <QuantityField
      kind="length"
      label="Allowance of an edge"
      value={allowanceMm}
      step={0.01}
      onset={(v) => (allowanceMm = v ?? 0)}
    />
    as the trial says. A tag let into the lid of
    <QuantityField
      kind="length"
      label="Length of the tag"
      value={tag.length}
      optional
      onset={(v) => (tag = { ...tag, length: v })}
    />
    ×
    <QuantityField
      kind="length"
      label="Width of the tag"
      value={tag.width}
      optional
      onset={(v) => (tag = { ...tag, width: v })}
    />, cut larger on each side by
    <QuantityField
      kind="length"
      label="Allowance of the tag"
      value={tagAllowanceMm}
      step={0.01}
      onset={(v) => (tagAllowanceMm = v ?? 0)}
    />.
  </p>
  {#if trouble}<p class="status-breaks" role="alert">{trouble}</p>{/if}
  {#if found}
    <p>
      Outside <b>{sizeText(found.outsideMm, 1)}</b>, inside under the lid <b>{sizeText(found.insideMm, 1)}</b>.
      <a class="underline" href={address('zip')} download>All files</a>,
      <a class="underline" href={address('pdf')} download>PDF at true size</a>,
      <a class="underline" href={address('svg', 'case-fit-trial')} download>the trial of the fit</a>
    </p>
    <div class="panels">
      {#each found.panels as panel (panel.file)}
        <figure>
          <svg viewBox="-2 -2 {panel.widthMm + 4} {panel.heightMm + 4}" role="img" aria-label={panel.name}>
            <path d={panel.outlines.map((outline) => path(outline, panel.heightMm)).join('')} />
          </svg>
          <figcaption>
            {panel.name}, {length(panel.widthMm, 1)} × {length(panel.heightMm, 1)}:
            <a class="underline" href={address('svg', panel.file)} download>SVG</a>
            <a class="underline" href={address('dxf', panel.file)} download>DXF</a>
          </figcaption>
        </figure>
      {/each}
    </div>
    <p class="quiet">
      Cut the trial first, of the same sheet on the same machine: the right allowance joins by light tapping, stays, and
      leaves room for glue ({lengthIn(0.07)} to {length(0.13, 2)} is common practice). Fit everything dry before glue. The
      pins of the lid go into their holes before the second side is tapped home. Check the sheet's data sheet before a laser
      cuts it: never PVC or what nobody can name.
    </p>
  {/if}
</section>

<style>
  .sentence {
    line-height: 2;
  }
  .panels {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(12rem, 100%), 1fr));
    gap: 0.75rem;
  }
  svg {
    width: 100%;
    max-height: 9rem;
  }
  path {
    fill: var(--color-base-200);
    stroke: currentColor;
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
    fill-rule: evenodd;
  }
  figure {
    display: flex;
    flex-direction: column;
  }
  figcaption {
    font-size: 0.75rem;
  }
</style>
