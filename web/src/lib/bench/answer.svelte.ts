import { untrack } from 'svelte';
import { call, type PackFile, words } from '../api/client';
import { Latest } from '../api/latest';
import type { Bench } from './bench.svelte';

/** What the server says of the pack as it stands; what it refuses leaves the last answer standing. */
export class Answer<T> {
  value = $state.raw<T | null>(null);
  trouble = $state('');
  /** Asked, and not answered yet. */
  waiting = $state(false);
}

/** The last answers of each bench: a station that is opened again shows what it showed until the new one is there. */
const last = new WeakMap<Bench, Map<string, unknown>>();

/**
 * Asks while a component lives: anew with each evaluation, and when what `ask` reads changes.
 *
 * @param ask sends the question; null where there is nothing to ask
 * @param name under which the last answer is kept for when the component comes again; none where it is not
 */
export function answerOf<T>(
  bench: () => Bench,
  ask: (body: PackFile, signal: AbortSignal) => Promise<{ data?: T; error?: unknown; response: Response }> | null,
  name?: string
): Answer<T> {
  const answer = new Answer<T>();
  if (name) {
    answer.value = (last.get(untrack(bench))?.get(name) as T | undefined) ?? null;
  }
  const latest = new Latest();
  $effect(() => {
    const of = bench();
    const body = of.evaluation ? untrack(() => of.pack) : null;
    const signal = latest.next();
    const asked = body && ask(body, signal);
    if (asked) {
      answer.waiting = true;
      void call(asked).then(({ data, problem }) => {
        if (!signal.aborted) {
          answer.waiting = false;
          answer.value = data ?? answer.value;
          if (name && data) {
            last.set(of, (last.get(of) ?? new Map<string, unknown>()).set(name, data));
          }
          answer.trouble = problem ? words(problem) : '';
        }
      });
    }
    return () => latest.end();
  });
  return answer;
}
