import { api, call, type Packing, type Problem, sendFor, type TableAct, type TableStep, words } from '../api/client';
import { fieldReason } from '../messages';
import { session } from '../session.svelte';
import { keepPacking } from './offline';
import { dropPicture, keepActs, keepPicture, newId, waitingActs, waitingPictures } from './outbox';

const AGAIN_MS = 2500;
/** Somebody else's device on the same packing is seen within this. */
const LOOK_MS = 3000;
const SENT_AT_ONCE = 100;

export type Deed = TableAct['deed'];

/** Refused for good: sending it again would be refused again. */
const final = (problem: Problem) =>
  problem.status >= 400 && problem.status < 500 && ![401, 403, 404, 408, 429].includes(problem.status);

/**
 * One pack at the table. What is done is kept on the device first and then sent, in order, until the server has it; each act
 * has an id of its own, so that what is sent twice is written once. What a step asks, and within what bounds, comes with the step, so
 * that it is asked without a connection as with one.
 */
export class TableWork {
  packing = $state.raw<Packing | null>(null);
  trouble = $state('');
  /** Acts that are not sent yet. */
  waiting = $state.raw<TableAct[]>([]);
  picturesWaiting = $state(0);
  away = $state(false);
  /** Signed out meanwhile; what was done waits on this device. */
  signedOut = $state(false);
  /** Why an act was not taken, by step. */
  refused = $state<Record<string, string>>({});

  private sending = false;
  private again: ReturnType<typeof setTimeout> | undefined;
  private looking: ReturnType<typeof setInterval> | undefined;

  constructor(readonly id: string) {
    this.waiting = waitingActs(id);
  }

  async open(): Promise<void> {
    this.looking ??= setInterval(() => void this.look(), LOOK_MS);
    const { data, problem } = await call(api.GET('/api/packings/{id}', { params: { path: { id: this.id } } }));
    if (data) {
      this.stands(data);
      await this.flush();
    } else if (problem.status === 0) {
      this.soon();
      this.away = true;
      this.trouble = this.packing ? '' : words(problem);
    } else {
      this.failed(problem);
    }
  }

  /** What other devices did meanwhile. */
  private async look(): Promise<void> {
    if (document.hidden || this.sending || this.signedOut || this.waiting.length > 0 || !this.packing) {
      return;
    }
    const { data, problem } = await call(api.GET('/api/packings/{id}', { params: { path: { id: this.id } } }));
    // An act that was done while this was asked is newer than the answer.
    if (data && !this.sending && this.waiting.length === 0) {
      this.stands(data);
    } else if (problem && problem.status !== 0) {
      this.failed(problem);
    }
  }

  private stands(packing: Packing): void {
    this.packing = packing;
    this.away = false;
    this.trouble = '';
    this.signedOut = false;
    void keepPacking(packing);
  }

  private failed(problem: Problem): void {
    this.signedOut = problem.status === 401;
    this.away = problem.status === 0 || problem.status >= 500;
    this.trouble = problem.status === 0 || problem.status === 401 ? '' : words(problem);
  }

  /** Steps as they stand with what is not sent yet. */
  get steps(): TableStep[] {
    const last = new Map(this.waiting.map((act) => [act.step, act]));
    return (this.packing?.steps ?? []).map((each) => {
      const act = last.get(each.step.id);
      if (!act) {
        return each;
      }
      const state = act.deed === 'reopened' ? 'open' : act.deed;
      return { ...each, state, value: act.value ?? null, note: act.note };
    });
  }

  /** Why a step cannot be done so; empty where it can. The server says the same, and has the last word. */
  private async wrong(id: string, value: number | undefined, note: string): Promise<string> {
    const step = this.steps.find((each) => each.step.id === id)?.step;
    if (!step) {
      return '';
    }
    const before = this.steps.find(
      (each) => step.after.includes(each.step.id) && each.step.must && !['done', 'differs'].includes(each.state)
    );
    if (before) {
      return fieldReason('stepBefore', String(before.step.number));
    }
    const { least, most, noteWillDo, otherwise } = step.ask;
    const outside = value !== undefined && ((least ?? value) > value || (most ?? value) < value);
    if (outside && (!noteWillDo || !note.trim())) {
      return otherwise;
    }
    return step.ask.kind === 'photograph' && !note.trim() && (await this.pictures(id)) === 0 ? otherwise : '';
  }

  /** How many pictures a step has, those that wait among them. */
  async pictures(step: string): Promise<number> {
    const waiting = (await waitingPictures(this.id)).filter((each) => each.step === step).length;
    return waiting + (this.packing?.photographs ?? []).filter((each) => each.step === step).length;
  }

  async act(step: string, deed: Deed, value: number | undefined, note: string): Promise<void> {
    const wrong = deed === 'done' ? await this.wrong(step, value, note) : '';
    this.refused = { ...this.refused, [step]: wrong };
    if (wrong) {
      return;
    }
    const act: TableAct = { id: newId(), step, deed, value: value ?? null, note, doneAt: new Date().toISOString() };
    this.keep([...this.waiting, act]);
    await this.flush();
  }

  async picture(step: string, blob: Blob): Promise<void> {
    await keepPicture({ id: newId(), packing: this.id, step, blob });
    await this.flush();
  }

  private keep(acts: TableAct[]) {
    this.waiting = acts;
    keepActs(this.id, acts);
  }

  /** Sends what waits, in its order; what cannot be sent waits on. */
  async flush(): Promise<void> {
    if (this.sending) {
      return;
    }
    this.sending = true;
    try {
      await this.sendPictures();
      while (this.waiting.length > 0 && (await this.sendActs(this.waiting.slice(0, SENT_AT_ONCE)))) {
        // What was done meanwhile is sent as well.
      }
    } finally {
      this.sending = false;
    }
    this.picturesWaiting = (await waitingPictures(this.id)).length;
    if ((this.waiting.length > 0 || this.picturesWaiting > 0) && !this.signedOut) {
      this.soon();
    }
  }

  /** True where the server has them, or refused what it will never take. */
  private async sendActs(acts: TableAct[]): Promise<boolean> {
    const { data, problem } = await call(
      api.POST('/api/packings/{id}/acts', { params: { path: { id: this.id } }, body: { acts } })
    );
    if (data) {
      this.sent(acts);
      this.stands(data.packing);
      for (const outcome of data.acts) {
        const act = acts.find((each) => each.id === outcome.id);
        if (act && outcome.refused) {
          this.refused = { ...this.refused, [act.step]: outcome.refused };
        }
      }
      return true;
    }
    if (!final(problem)) {
      this.failed(problem);
      return false;
    }
    if (acts.length > 1) {
      // One among them is refused: each is judged by itself, so that it holds nothing up.
      for (const act of acts) {
        if (!(await this.sendActs([act]))) {
          return false;
        }
      }
      return true;
    }
    this.sent(acts);
    this.refused = { ...this.refused, [acts[0]!.step]: words(problem) };
    return true;
  }

  private sent(acts: TableAct[]) {
    const ids = new Set(acts.map((act) => act.id));
    this.keep(this.waiting.filter((act) => !ids.has(act.id)));
  }

  private async sendPictures(): Promise<void> {
    for (const picture of await waitingPictures(this.id)) {
      const path = `/api/packings/${this.id}/photographs?step=${encodeURIComponent(picture.step)}`;
      const { data, problem } = await sendFor<Packing>(path, picture.blob.type || 'image/jpeg', picture.blob);
      if (data) {
        this.stands(data);
        await dropPicture(picture.id);
      } else if (final(problem)) {
        // It will never be taken: said, and let go.
        this.refused = { ...this.refused, [picture.step]: words(problem) };
        await dropPicture(picture.id);
      } else {
        this.failed(problem);
        return;
      }
    }
  }

  private soon() {
    clearTimeout(this.again);
    this.again = setTimeout(() => void (this.packing ? this.flush() : this.open()), AGAIN_MS);
  }

  /** Gives it up: a wrong scan, or a pack that will not go. True where it is. */
  async cancel(reason: string): Promise<boolean> {
    const { data, problem } = await call(
      api.POST('/api/packings/{id}/cancellation', { params: { path: { id: this.id } }, body: { reason } })
    );
    if (problem) {
      this.failed(problem);
      return false;
    }
    this.keep([]);
    this.stands(data);
    return true;
  }

  /** To the form that asks for name and password; this page comes back after it. */
  signIn(): void {
    void session.refresh();
  }

  close(): void {
    clearTimeout(this.again);
    clearInterval(this.looking);
  }
}
