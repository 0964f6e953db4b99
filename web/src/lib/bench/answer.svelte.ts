import { untrack } from 'svelte';
import { call, type PackFile, words } from '../api/client';
import { Latest } from '../api/latest';
import type { Bench } from './bench.svelte';

/** What the server says of the pack as it stands; what it refuses leaves the last answer standing. */
export class Answer<T> {
  value = $state.raw<T | null>(null);
  trouble = $state('');
}

/**
 * Asks while a component lives: anew with each evaluation, and when what `ask` reads changes.
 *
 * @param ask sends the question; null where there is nothing to ask
 */
export function answerOf<T>(
  bench: () => Bench,
  ask: (body: PackFile, signal: AbortSignal) => Promise<{ data?: T; error?: unknown; response: Response }> | null
): Answer<T> {
  const answer = new Answer<T>();
  const latest = new Latest();
  $effect(() => {
    const of = bench();
    const body = of.evaluation ? untrack(() => of.pack) : null;
    const signal = latest.next();
    const asked = body && ask(body, signal);
    if (asked) {
      void call(asked).then(({ data, problem }) => {
        if (!signal.aborted) {
          answer.value = data ?? answer.value;
          answer.trouble = problem ? words(problem) : '';
        }
      });
    }
    return () => latest.end();
  });
  return answer;
}
