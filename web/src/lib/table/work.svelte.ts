import { api, call, type Packing, sendFor, type TableAct, type TableStep, words } from '../api/client';
import { dropPicture, keepActs, keepPicture, newId, waitingActs, waitingPictures } from './outbox';

const AGAIN_MS = 2500;

export type Deed = TableAct['deed'];

/**
 * One pack at the table. What is done is kept on the device first and then sent, in order, until the server has it; each act
 * has an id of its own, so that what is sent twice is written once.
 */
export class TableWork {
  packing = $state.raw<Packing | null>(null);
  trouble = $state('');
  /** Acts that are not sent yet. */
  waiting = $state.raw<TableAct[]>([]);
  picturesWaiting = $state(0);
  away = $state(false);
  /** Why an act was not taken, by step. */
  refused = $state<Record<string, string>>({});

  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(readonly id: string) {
    this.waiting = waitingActs(id);
  }

  async open(): Promise<void> {
    const { data, problem } = await call(api.GET('/api/packings/{id}', { params: { path: { id: this.id } } }));
    if (data) {
      this.packing = data;
      this.trouble = '';
      await this.flush();
    } else if (problem.status === 0) {
      this.again();
      this.away = true;
      this.trouble = this.packing ? '' : words(problem);
    } else {
      this.trouble = words(problem);
    }
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

  async act(step: string, deed: Deed, value: number | undefined, note: string): Promise<void> {
    const act: TableAct = { id: newId(), step, deed, value: value ?? null, note, doneAt: new Date().toISOString() };
    this.keep([...this.waiting, act]);
    this.refused = { ...this.refused, [step]: '' };
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
      while (this.waiting.length > 0 && (await this.sendActs())) {
        // What was done meanwhile is sent as well.
      }
    } finally {
      this.sending = false;
    }
    this.picturesWaiting = (await waitingPictures(this.id)).length;
    if (this.waiting.length > 0 || this.picturesWaiting > 0) {
      this.again();
    }
  }

  private async sendActs(): Promise<boolean> {
    const acts = this.waiting.slice(0, 100);
    const { data, problem } = await call(
      api.POST('/api/packings/{id}/acts', { params: { path: { id: this.id } }, body: { acts } })
    );
    if (data) {
      const sent = new Set(acts.map((act) => act.id));
      this.packing = data.packing;
      this.keep(this.waiting.filter((act) => !sent.has(act.id)));
      for (const outcome of data.acts) {
        const act = acts.find((each) => each.id === outcome.id);
        if (act && outcome.refused) {
          this.refused = { ...this.refused, [act.step]: outcome.refused };
        }
      }
      this.away = false;
      this.trouble = '';
      return true;
    }
    this.away = true;
    this.trouble = problem.status === 0 ? '' : words(problem);
    return false;
  }

  private async sendPictures(): Promise<void> {
    for (const picture of await waitingPictures(this.id)) {
      const path = `/api/packings/${this.id}/photographs?step=${encodeURIComponent(picture.step)}`;
      const { data, problem } = await sendFor<Packing>(path, picture.blob.type || 'image/jpeg', picture.blob);
      if (data) {
        this.packing = data;
        this.away = false;
        await dropPicture(picture.id);
      } else if (problem.status >= 400 && problem.status < 500 && problem.status !== 401 && problem.status !== 429) {
        // It will never be taken: said, and let go.
        this.refused = { ...this.refused, [picture.step]: words(problem) };
        await dropPicture(picture.id);
      } else {
        this.away = true;
        return;
      }
    }
  }

  private again() {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void (this.packing ? this.flush() : this.open()), AGAIN_MS);
  }

  close(): void {
    clearTimeout(this.timer);
  }
}
