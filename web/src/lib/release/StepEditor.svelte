<!-- The packing steps: reworded and put into another order, as far as it can be done. -->
<script lang="ts">
  import { ArrowDown, ArrowUp } from '@lucide/svelte';
  import { api, call, type PackSteps, type Problem } from '../api/client';
  import type { Bench } from '../bench/bench.svelte';
  import { tick } from 'svelte';
  import { newId } from '../table/outbox';
  import PaperDrawing from '../paper/PaperDrawing.svelte';
  import Trouble from '../parts/Trouble.svelte';

  let { bench }: { bench: Bench } = $props();

  /** What ids of steps that somebody added begin with. */
  const OWN = 'own:';

  let steps = $state.raw<PackSteps | null>(null);
  let version = 0;
  let problem = $state.raw<Problem | null>(null);
  let told = $state('');

  void load();

  async function load() {
    await bench.save();
    const { data, problem: trouble } = await call(
      api.GET('/api/packs/{id}/steps', { params: { path: { id: bench.id } } })
    );
    problem = trouble ?? null;
    if (data) {
      steps = data.steps;
      version = data.version;
    }
  }

  async function keep(
    order: string[],
    words: Record<string, string>,
    said: string,
    own = added(),
    confirmed: string[] = []
  ) {
    const answer = await call(
      api.PUT('/api/packs/{id}/steps', {
        params: { path: { id: bench.id }, header: { 'If-Match': `"${version}"` } },
        body: { order, words, added: own, confirmed }
      })
    );
    problem = answer.problem ?? null;
    if (answer.data) {
      steps = answer.data.steps;
      version = answer.data.version;
      told = said;
    }
  }

  const order = () => steps?.steps.map((each) => each.id) ?? [];
  const changed = () =>
    Object.fromEntries((steps?.steps ?? []).filter((each) => each.changed).map((each) => [each.id, each.words]));

  /** Steps of one's own, each behind the step before it as they stand now. */
  const added = () => {
    const all = steps?.steps ?? [];
    return all
      .map((each, i) => ({
        id: each.id,
        behind: all[i - 1]?.id ?? all.find((other) => !other.id.startsWith(OWN))!.id,
        words: each.computed,
        must: each.must
      }))
      .filter((each) => each.id.startsWith(OWN));
  };

  async function add(behind: string) {
    const id = OWN + newId();
    const own = [...added(), { id, behind, words: 'Confirm: ', must: true }];
    await keep(order(), changed(), 'A step of your own: say what is done.', own);
    await tick();
    document.querySelector<HTMLTextAreaElement>(`[data-step="${id}"] textarea`)?.focus();
  }

  const ownWords = (id: string, words: string) =>
    keep(
      order(),
      changed(),
      words.trim() ? 'Your step is kept.' : 'Your step is taken out.',
      added()
        .map((each) => (each.id === id ? { ...each, words } : each))
        .filter((each) => each.words.trim())
    );

  const must = (id: string, on: boolean) =>
    keep(
      order(),
      changed(),
      on ? 'It cannot be skipped.' : 'It may be skipped.',
      added().map((each) => (each.id === id ? { ...each, must: on } : each))
    );

  async function move(id: string, by: number) {
    const ids = order();
    const from = ids.indexOf(id);
    ids.splice(from, 1);
    ids.splice(Math.max(0, from + by), 0, id);
    await keep(ids, changed(), '');
    const at = order().indexOf(id);
    told =
      at === from
        ? `Step ${at + 1} stays: it cannot be done ${by < 0 ? 'before' : 'after'} its neighbour.`
        : `Now step ${at + 1}.`;
  }

  /** Words, or a place, that were meant for another design, and are right for this one. */
  const confirm = (id: string) => keep(order(), changed(), 'Kept for the design as it is now.', added(), [id]);

  const say = (id: string, words: string) =>
    keep(order(), { ...changed(), [id]: words }, words.trim() ? 'Your words are kept.' : 'Back to the computed words.');
</script>

<Trouble {problem} />
<p role="status">{told}</p>
{#if steps}
  <p>
    {steps.steps.length} steps, about {Math.round(steps.minutes)} minutes (assumed). Computed from the layers, the bed, the
    boxes and how they close.
  </p>
  {#if steps.lost.length > 0}
    <p class="flag">
      Words for steps that are no more: {steps.lost.map((each) => each.words).join(' ')}
    </p>
  {/if}
  <ol>
    {#each steps.steps as step, index (step.id)}
      <li data-step={step.id}>
        <b>{step.number}</b>
        <div>
          {#if bench.readOnly}
            <p>{step.words}</p>
          {:else}
            <textarea
              aria-label="Step {step.number}"
              rows="1"
              maxlength="1000"
              value={step.words}
              onchange={(event) => {
                const words = event.currentTarget.value;
                if (step.id.startsWith(OWN)) {
                  void ownWords(step.id, words);
                  return;
                }
                void say(step.id, words.trim() === step.computed ? '' : words);
              }}></textarea>
          {/if}
          {#if step.outdated}<p class="flag">
              The design has changed since. {step.id.startsWith(OWN)
                ? 'What this step stood behind is no more.'
                : `It says now: ${step.computed}`}
              {#if !bench.readOnly}<button type="button" class="back" onclick={() => confirm(step.id)}
                  >{step.id.startsWith(OWN) ? 'keep it here' : 'keep my words'}</button
                >{/if}
            </p>{/if}
          {#if step.held}<p class="flag">Wanted earlier than it can be done.</p>{/if}
          {#each [...step.details, ...step.cautions] as detail, at (at)}<p class="quiet">{detail}</p>{/each}
          <p class="quiet">
            {step.stage}{step.must ? ', must' : ''}, {step.minutes} min{step.changed ? ', your words' : ''}
            {#if step.id.startsWith(OWN) && !bench.readOnly}
              <label
                ><input
                  type="checkbox"
                  checked={step.must}
                  onchange={(event) => must(step.id, event.currentTarget.checked)}
                /> must</label
              >
              <button type="button" class="back" onclick={() => ownWords(step.id, '')}>take it out</button>
            {/if}
            {#if !bench.readOnly}<button type="button" class="back" onclick={() => add(step.id)}
                >a step after it<span class="sr-only">, step {step.number}</span></button
              >{/if}
            {#if step.changed && !bench.readOnly}<button type="button" class="back" onclick={() => say(step.id, '')}
                >take the computed words</button
              >{/if}
          </p>
        </div>
        <div class="drawing">
          {#if step.drawing}<PaperDrawing drawing={step.drawing} />{/if}
        </div>
        {#if !bench.readOnly}
          <div>
            <button
              type="button"
              class="plain-button"
              disabled={index === 0}
              aria-label="Step {step.number} earlier"
              onclick={() => move(step.id, -1)}><ArrowUp size={16} aria-hidden="true" /></button
            >
            <button
              type="button"
              class="plain-button"
              disabled={index === steps.steps.length - 1}
              aria-label="Step {step.number} later"
              onclick={() => move(step.id, 1)}><ArrowDown size={16} aria-hidden="true" /></button
            >
          </div>
        {/if}
      </li>
    {/each}
  </ol>
{/if}

<style>
  ol {
    line-height: 1.4;
  }
  li {
    display: grid;
    grid-template-columns: 1.75rem minmax(0, 1fr) auto auto;
    gap: 0.75rem;
    padding: 0.375rem 0;
    border-top: 1px solid var(--color-base-300);
  }
  textarea {
    display: block;
    width: 100%;
    padding: 0 0.25rem;
    border-bottom: 1px dashed var(--color-base-content);
    background: transparent;
    font-weight: 600;
    field-sizing: content;
    resize: none;
  }
  .flag {
    padding-left: 0.5rem;
    border-left: 3px solid var(--color-warning);
  }
  .back {
    text-decoration: underline;
  }
  .drawing {
    width: 8.5rem;
  }
  p:empty {
    display: none;
  }
  @media (max-width: 640px) {
    .drawing {
      display: none;
    }
  }
</style>
