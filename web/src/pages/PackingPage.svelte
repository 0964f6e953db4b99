<!-- One pack at the table, one step at a time, large and for touch. -->
<script lang="ts">
  import { CloudOff, ListChecks } from '@lucide/svelte';
  import { onDestroy } from 'svelte';
  import Head from '../lib/parts/Head.svelte';
  import PaperDrawing from '../lib/paper/PaperDrawing.svelte';
  import { navigate, route } from '../lib/router';
  import { say } from '../lib/messages';
  import { keepForOffline } from '../lib/table/offline';
  import StepAsk from '../lib/table/StepAsk.svelte';
  import { TableWork } from '../lib/table/work.svelte';

  const WORDS = { open: 'to do', done: 'done', differs: 'done, differs', skipped: 'skipped' };

  let work = new TableWork(String((route.params as { id?: string }).id));
  let chosen = $state<string | null>(null);
  let listed = $state(false);
  let scrolls = $state<HTMLElement>();
  let value = $state<number | undefined>(undefined);
  let note = $state('');
  let ofStep = $state('');

  void work.open();
  keepForOffline();
  onDestroy(() => work.close());

  let steps = $derived(work.steps);
  let first = $derived(steps.find((each) => each.state === 'open') ?? steps.at(-1));
  let now = $derived(steps.find((each) => each.step.id === chosen) ?? first);
  let place = $derived(now ? steps.indexOf(now) : 0);
  let finished = $derived(steps.length > 0 && steps.every((each) => each.state !== 'open'));
  let left = $derived(steps.filter((each) => each.state === 'open').length);
  let pictures = $derived(
    now ? (work.packing?.photographs ?? []).filter((each) => each.step === now.step.id).length : 0
  );
  let taken = $state<Record<string, number>>({});
  /** A second tap of the same finger would fall on the next step: after each act the buttons rest until that is seen. */
  const REST_MS = 500;
  let busy = $state(false);
  let rests = $state(false);
  let asksToCancel = $state(false);
  let reason = $state('');
  let waits = $derived(work.waiting.length + work.picturesWaiting);

  $effect(() => {
    if (now && now.step.id !== ofStep) {
      ofStep = now.step.id;
      value = now.value ?? undefined;
      note = now.note;
    }
  });

  let asksValue = $derived(now ? !['tick', 'photograph'].includes(now.step.ask.kind) : false);
  let wantsPicture = $derived(
    now?.step.ask.kind === 'photograph' && pictures + (taken[now.step.id] ?? 0) === 0 && !note.trim()
  );
  let refusal = $derived(now ? (work.refused[now.step.id] ?? '') : '');

  /** One act at a time, whatever fingers do. */
  async function act(deed: 'done' | 'skipped', found: number | undefined) {
    if (!now || busy || rests) {
      return;
    }
    busy = true;
    const id = now.step.id;
    try {
      await work.act(id, deed, found, note);
      chosen = work.refused[id] ? id : null;
    } finally {
      busy = false;
      rests = true;
      setTimeout(() => (rests = false), REST_MS);
    }
    scrolls?.scrollTo({ top: 0 });
  }

  const done = () => act('done', asksValue ? value : undefined);
  const skip = () => act('skipped', undefined);

  async function cancel() {
    if (await work.cancel(reason)) {
      void navigate('/table');
    }
  }

  async function reopen() {
    if (now) {
      const id = now.step.id;
      await work.act(id, 'reopened', undefined, '');
      chosen = id;
    }
  }

  function go(by: number) {
    chosen = steps[Math.min(steps.length - 1, Math.max(0, place + by))]?.step.id ?? null;
  }

  async function picture(blob: Blob) {
    if (now) {
      const id = now.step.id;
      await work.picture(id, blob);
      taken = { ...taken, [id]: (taken[id] ?? 0) + 1 };
    }
  }
</script>

<svelte:head><title>{work.packing ? `${work.packing.number}, packing` : 'Packing'}</title></svelte:head>

<Head compact places={false}>
  <h1 class="gives max-w-96 truncate font-semibold">{work.packing?.name ?? 'Packing'}</h1>
  <span class="quiet text-sm">{work.packing?.number ?? ''}</span>
  <span class="grow"></span>
  <a class="plain-button" href="/table">To the table</a>
</Head>

<main id="main" class="packing">
  <div class="scrolls" bind:this={scrolls}>
    {#if work.trouble}<p role="alert" class="wrong">{work.trouble}</p>{/if}
    {#if work.signedOut}
      <p role="alert" class="wrong">
        {say('tableSignedOut')}
        <button type="button" class="plain-button" onclick={() => work.signIn()}>Sign in</button>
      </p>
    {/if}
    {#if work.packing?.cancelled}<p role="alert" class="wrong">Cancelled {work.packing.cancelled}</p>{/if}
    {#if now}
      <div class="how-far">
        <span>Step {now.step.number} of {steps.length}, {now.step.stage}</span>
        <progress max={steps.length} value={steps.length - left} aria-label="Steps done"></progress>
        <button type="button" class="plain-button" aria-expanded={listed} onclick={() => (listed = !listed)}
          ><ListChecks size={22} aria-hidden="true" /> All steps</button
        >
      </div>
      {#if listed}
        <ol>
          {#each steps as each (each.step.id)}
            <li aria-current={each === now ? 'step' : undefined}>
              <button
                type="button"
                onclick={() => {
                  chosen = each.step.id;
                  listed = false;
                }}><b>{each.step.number}</b> <span>{each.step.words}</span> <em>{WORDS[each.state]}</em></button
              >
            </li>
          {/each}
        </ol>
      {/if}
      {#if listed && !work.packing?.cancelled}
        {#if asksToCancel}
          <form
            class="cancel"
            onsubmit={(event) => {
              event.preventDefault();
              void cancel();
            }}
          >
            <label class="note">Why it is cancelled <input bind:value={reason} maxlength="1000" /></label>
            <p>What was done stays written; the number can be begun again.</p>
            <button type="submit" class="plain-button">Cancel this packing</button>
            <button type="button" class="plain-button" onclick={() => (asksToCancel = false)}>Go on packing</button>
          </form>
        {:else}
          <button type="button" class="plain-button" onclick={() => (asksToCancel = true)}
            >A wrong scan? Cancel this packing</button
          >
        {/if}
      {/if}
      {#if finished && chosen === null}
        <section class="finished" aria-live="polite">
          <h2>Packed</h2>
          <p>
            Every step is done or was skipped. What was counted, weighed and photographed is kept with {work.packing
              ?.number}.
          </p>
          <a class="primary" href="/table">To the table</a>
        </section>
      {:else}
        <article data-step={now.step.id} data-state={now.state}>
          <div class="said">
            <h2>{now.step.words}</h2>
            {#each now.step.details as detail, index (index)}<p>{detail}</p>{/each}
            {#each now.step.cautions as caution (caution)}<p class="caution"><b>Mind:</b> {caution}</p>{/each}
            {#if now.step.outdated}
              <p class="caution">
                The design has changed since these words were written.{now.step.computed === now.step.words
                  ? ''
                  : ` It says now: ${now.step.computed}`}
              </p>
            {/if}
            <StepAsk
              step={now.step}
              bind:value
              pictures={Math.max(pictures, taken[now.step.id] ?? 0)}
              onpicture={picture}
            />
            <label class="note">
              Note <input bind:value={note} maxlength="1000" autocomplete="off" />
            </label>
            <p role="alert" class="wrong">{refusal}</p>
          </div>
          {#if now.step.drawing}
            <figure><PaperDrawing drawing={now.step.drawing} scaled /></figure>
          {/if}
        </article>
      {/if}
    {/if}
  </div>
  <p class="connection" role="status" data-waiting={waits}>
    {#if waits > 0}
      <CloudOff size={20} aria-hidden="true" />
      {waits === 1 ? '1 thing waits' : `${waits} things wait`} for the connection; kept on this device, go on.
    {:else if work.away}
      <CloudOff size={20} aria-hidden="true" /> No connection just now; go on, it is kept on this device.
    {/if}
  </p>
  {#if now && !(finished && chosen === null)}
    <nav class="deeds" aria-label="This step">
      <button type="button" disabled={place === 0} onclick={() => go(-1)}>Back</button>
      {#if now.state === 'open'}
        {#if now.step.must}
          <span class="must">required</span>
        {:else}
          <button type="button" aria-disabled={busy || rests} onclick={skip}>Skip</button>
        {/if}
        <button
          type="button"
          class="primary"
          aria-disabled={busy || rests}
          disabled={(asksValue && value === undefined) || wantsPicture}
          onclick={done}>Done</button
        >
      {:else}
        <button type="button" onclick={reopen}>Not done after all</button>
        <button
          type="button"
          class="primary"
          onclick={() => (chosen = place + 1 < steps.length ? steps[place + 1]!.step.id : null)}>Next</button
        >
      {/if}
    </nav>
  {/if}
</main>

<style>
  /* The row of buttons stands under what scrolls, never over it. */
  :global(.app:has(.packing)) {
    height: 100dvh;
    overflow: hidden;
  }
  .packing {
    display: flex;
    flex: 1;
    flex-direction: column;
    min-height: 0;
    font-size: 1.25rem;
    line-height: 1.35;
  }
  .scrolls {
    display: grid;
    flex: 1;
    align-content: start;
    gap: 0.75rem;
    width: 100%;
    max-width: 72rem;
    min-height: 0;
    margin: 0 auto;
    padding: 0.75rem 1.125rem 1.5rem;
    overflow-y: auto;
  }
  .connection {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    padding: 0.5rem 0.75rem;
    border-left: 4px solid var(--color-warning);
    background: var(--color-base-200);
  }
  .connection:not(:has(*)),
  .wrong:empty {
    display: none;
  }
  .how-far {
    display: grid;
    grid-template-columns: 1fr auto;
    align-items: center;
    gap: 0.25rem 0.75rem;
    font-size: 1.0625rem;
  }
  progress {
    grid-row: 2;
    grid-column: 1 / -1;
    width: 100%;
    height: 0.75rem;
    border: 1px solid var(--color-base-content);
    background: var(--color-base-100);
    appearance: none;
  }
  progress::-webkit-progress-bar {
    background: var(--color-base-100);
  }
  progress::-webkit-progress-value {
    background: var(--color-accent);
  }
  progress::-moz-progress-bar {
    background: var(--color-accent);
  }
  .how-far button {
    min-height: 2.75rem;
  }
  ol {
    border-top: 1px solid var(--color-base-300);
  }
  li button {
    display: grid;
    grid-template-columns: 2rem minmax(0, 1fr) auto;
    gap: 0.5rem;
    width: 100%;
    min-height: 3rem;
    padding: 0.375rem 0.25rem;
    border-bottom: 1px solid var(--color-base-300);
    text-align: left;
    font-size: 1.0625rem;
  }
  li[aria-current] button {
    background: var(--color-base-200);
  }
  article {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: 1.5rem;
  }
  .said {
    display: grid;
    align-content: start;
    gap: 0.625rem;
  }
  h2 {
    font-size: 1.75rem;
    font-weight: 650;
    line-height: 1.25;
  }
  figure {
    height: min(46vh, 26rem);
  }
  .caution {
    padding-left: 0.75rem;
    border-left: 4px solid var(--color-warning);
  }
  .note {
    display: flex;
    align-items: center;
    gap: 0.625rem;
  }
  .note input {
    flex: 1;
    min-width: 0;
    min-height: 2.75rem;
    padding: 0 0.5rem;
    border-bottom: 2px solid var(--color-accent);
    background: transparent;
  }
  .wrong {
    padding: 0.5rem 0.75rem;
    border-left: 4px solid var(--color-error);
    background: var(--color-base-200);
    font-weight: 650;
  }
  .deeds {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 0.75rem;
    padding: 0.75rem 1.125rem;
    border-top: 2px solid var(--color-base-content);
    background: var(--color-base-200);
  }
  .deeds button,
  .primary {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    min-width: 6rem;
    min-height: 3.75rem;
    padding: 0 1.25rem;
    border: 2px solid var(--color-base-content);
    font-weight: 650;
  }
  .deeds .primary,
  .primary {
    min-width: 10rem;
    background: var(--color-neutral);
    color: var(--color-neutral-content);
  }
  .deeds button:disabled {
    opacity: 0.5;
  }
  .must {
    min-width: 6rem;
    text-align: center;
  }
  .cancel {
    display: grid;
    justify-items: start;
    gap: 0.625rem;
  }
  .finished {
    display: grid;
    justify-items: start;
    gap: 1rem;
  }
  @media (max-width: 760px) {
    article {
      grid-template-columns: minmax(0, 1fr);
    }
    figure {
      order: -1;
      height: 30vh;
    }
    h2 {
      font-size: 1.5rem;
    }
    .deeds button {
      min-width: 4.5rem;
      padding: 0 0.75rem;
    }
    .deeds .primary {
      flex: 1;
      min-width: 6rem;
    }
  }
</style>
