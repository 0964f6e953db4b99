<!-- All that a box can have, as a sentence with fields in it. -->
<script lang="ts">
  import type { BoxLayer } from '../api/client';
  import { materials } from '../catalogue.svelte';
  import { AROUND } from '../faces';
  import { lists } from '../lists.svelte';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import type { Bench } from './bench.svelte';
  import { isOuter, side, withSide } from './edit';
  import { length } from '../units';

  let { bench, index }: { bench: Bench; index: number } = $props();

  let box = $derived(bench.pack.layers[index] as BoxLayer);
  let at = $derived(`/layers/${index}`);
  let outer = $derived(isOuter(bench.pack, index));
  let style = $derived(lists.all?.styles.find((s) => s.code === box.style));
  let styles = $derived(
    (lists.all?.styles ?? [])
      .filter((s) => s.closes || !outer)
      .map((s) => ({
        value: s.code as BoxLayer['style'],
        text: /^\d/.test(s.code) ? `${s.words} (${s.code})` : s.words
      }))
  );

  function put(changed: BoxLayer) {
    bench.change({ ...bench.pack, layers: bench.pack.layers.with(index, changed) }, `box ${index}`);
  }

  /** What another style cannot have goes with the old one. */
  function setStyle(code: BoxLayer['style']) {
    const next: BoxLayer = { ...box, style: code };
    if (!lists.all?.styles.find((s) => s.code === code)?.lid) {
      delete next.lidMm;
    }
    if (next.stock && code !== lists.stockStyle) {
      next.stock = { insideMm: next.stock.insideMm };
    }
    put(next);
  }

  function byFace() {
    const half = Math.max(0, (box.slackMm ?? 0) / 2);
    const next: Partial<BoxLayer> = { ...box, gapsMm: { all: half } };
    delete next.slackMm;
    put(next as BoxLayer);
  }

  function allRound() {
    const next: BoxLayer = { ...box, slackMm: 2 * (box.gapsMm?.all ?? 0) };
    delete next.gapsMm;
    put(next);
  }
</script>

<p class="sentence">
  A
  <ChoiceField label="Style of the box" value={box.style} disabled={bench.readOnly} options={styles} onset={setStyle} />
  box of
  <ChoiceField
    label="Board"
    value={box.board}
    disabled={bench.readOnly}
    options={materials.choices('boards')}
    onset={(value) => bench.put(`${at}/board`, value)}
  />
  {#if box.stock}
    from stock; its inside is given, and what is left round the contents is play.
  {:else if box.gapsMm}
    with a gap on each face of
    {#each AROUND as face (face)}
      <span class="whitespace-nowrap"
        >{face}
        <QuantityField
          kind="length"
          label="Gap on the {face}"
          value={side(box.gapsMm, face)}
          step={1}
          disabled={bench.readOnly}
          problem={bench.problemAt(`${at}/gapsMm/${face}`)}
          onset={(value) => value !== undefined && bench.put(`${at}/gapsMm`, withSide(box.gapsMm, face, value, 0))}
        /></span
      >
    {/each}
    <button type="button" class="plain-button underline" disabled={bench.readOnly} onclick={allRound}
      >the same all round</button
    >.
  {:else}
    with
    <QuantityField
      kind="length"
      label="Slack of the box"
      value={box.slackMm ?? 0}
      step={1}
      least={lists.limit('box/slackMm').least}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/slackMm`)}
      onset={(value) => bench.put(`${at}/slackMm`, value)}
    />
    of play in length, width and height{(box.slackMm ?? 0) < 0 ? ': what is inside is pressed together' : ''}
    <button type="button" class="plain-button underline" disabled={bench.readOnly} onclick={byFace}>face by face</button
    >.
  {/if}
  {#if style?.lid}
    {box.style === 'caps' ? 'Each cap is' : 'Its lid is'}
    <QuantityField
      kind="length"
      label="Depth of the lid"
      value={box.lidMm}
      optional
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/lidMm`)}
      onset={(value) => bench.put(`${at}/lidMm`, value)}
    />
    deep inside; left empty, {box.style === 'caps' ? length(60, 0) : 'as deep as the box'}.
  {/if}
  {#if (box.slackMm ?? 0) >= 0}
    What fills the play:
    <ChoiceField
      label="What fills the play"
      value={box.fill ?? 'unsaid'}
      disabled={bench.readOnly}
      options={[
        { value: 'unsaid', text: 'not said, so settling is not judged' },
        ...lists.options<NonNullable<BoxLayer['fill']>>((l) => l.fills)
      ]}
      onset={(value) => bench.put(`${at}/fill`, value === 'unsaid' ? undefined : value)}
    />.
  {/if}
  {#if outer}
    The carton is
    <ChoiceField
      label="State of the carton"
      value={box.condition ?? 'new'}
      disabled={bench.readOnly}
      options={lists.options((l) => l.conditions)}
      onset={(value) => bench.put(`${at}/condition`, value === 'new' ? undefined : value)}
    />
    and bulges by
    <QuantityField
      kind="length"
      label="Bulge of the carton"
      value={box.bulgeMm}
      optional
      step={1}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/bulgeMm`)}
      onset={(value) => bench.put(`${at}/bulgeMm`, value)}
    />. {#if style && !style.computed}What it carries in a pile cannot be computed:{:else}In a pile it carries what the
      board says, or,{/if}
    tested, new and dry,
    <QuantityField
      kind="force"
      label="Strength in a compression test"
      value={box.compressionN}
      optional
      step={100}
      disabled={bench.readOnly}
      problem={bench.problemAt(`${at}/compressionN`)}
      onset={(value) => bench.put(`${at}/compressionN`, value)}
    />.
  {/if}
</p>

<style>
  .sentence {
    line-height: 2;
  }
</style>
