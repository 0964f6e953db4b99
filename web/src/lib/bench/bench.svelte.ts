import {
  api,
  call,
  type Drop,
  type Evaluation,
  type FieldProblem,
  type Problem,
  type Layer,
  type PackFile,
  type Remedy,
  type Stale
} from '../api/client';
import { materials } from '../catalogue.svelte';
import { type View, viewFor } from '../faces';
import { say } from '../messages';
import { put, valueAt, withMaterials } from './edit';

const SAVE_AFTER_MS = 700;
const TRY_AGAIN_MS = 3000;
/** A fall is worked in time when the pack has been left alone this long. */
const SIMULATE_AFTER_MS = 300;
/** Typing in one field within this time is one step to undo. */
const ONE_EDIT_MS = 1200;

export type Saving =
  | { kind: 'saved'; at: string }
  | { kind: 'unsaved' }
  | { kind: 'saving' }
  | { kind: 'failed'; reason: string; signedOut: boolean }
  | { kind: 'refused' };

export type Station = 'Item' | 'Journey' | 'Cushion' | 'Insert' | 'Carton' | 'Walls' | 'Release';

/** One open pack: the draft, what the server says of it, undo, and saving. */
export class Bench {
  readonly id: string;
  pack = $state.raw<PackFile>()!;
  evaluation = $state.raw<Evaluation | null>(null);
  /** Whether the quick reckoning is enough, or the falls are being worked in time, or have been (rule 34). */
  timed = $state<'enough' | 'working' | 'there' | 'failed'>('enough');
  /** Fields the server refuses, by JSON Pointer; the last good evaluation keeps driving the drawing. */
  problems = $state.raw<FieldProblem[]>([]);
  saving = $state.raw<Saving>({ kind: 'unsaved' });
  conflict = $state.raw<Stale | null>(null);
  /** What people want to remember of the item; kept beside the pack file. */
  note = $state('');
  revision = $state<number | null>(null);
  changedSinceRevision = $state(false);

  station = $state<Station>('Cushion');
  view = $state<View>('front');
  chosenBlow = $state('');
  chosenLayer = $state(0);
  /** The margin that stands open, by its line. */
  openMargin = $state<string | null>(null);
  /** The remedy that is looked at but not taken. */
  ghost = $state.raw<Remedy | null>(null);

  private past = $state.raw<PackFile[]>([]);
  private future = $state.raw<PackFile[]>([]);
  /** The draft as it was last read from the server or saved there. */
  base = $state.raw<PackFile>()!;
  private version = 0;
  private lastKey = '';
  private lastEdit = 0;
  private asked = 0;
  private answered = 0;
  private timeTimer: ReturnType<typeof setTimeout> | undefined;
  private saveTimer: ReturnType<typeof setTimeout> | undefined;
  private underWay: Promise<boolean> | null = null;
  private dirty = false;

  constructor(
    id: string,
    readonly readOnly: boolean
  ) {
    this.id = id;
  }

  /** Reads the pack; the server's words if that fails. */
  async open(): Promise<string | null> {
    const { data, problem } = await call(api.GET('/api/packs/{id}', { params: { path: { id: this.id } } }));
    if (!data) {
      return problem.detail;
    }
    this.pack = data.pack;
    materials.brought = data.pack.materials ?? {};
    this.base = data.pack;
    this.note = data.note;
    this.version = data.version;
    this.revision = data.revision;
    this.saving = { kind: 'saved', at: data.savedAt };
    await this.evaluate();
    const weakest = this.evaluation?.weakest;
    const worst = this.evaluation?.drops.find((d) => d.id === weakest) ?? this.worstDrop();
    if (worst) {
      this.chooseBlow(worst);
    }
    const cushion = this.pack.layers.findIndex((layer) => layer.kind === 'cushion');
    this.chosenLayer = Math.max(0, cushion);
    if (data.revision !== null) {
      await this.compareWithRevision(data.revision);
    }
    return null;
  }

  get canUndo() {
    return this.past.length > 0;
  }

  get canRedo() {
    return this.future.length > 0;
  }

  get blow(): Drop | undefined {
    return this.evaluation?.drops.find((d) => d.id === this.chosenBlow);
  }

  get layer(): Layer | undefined {
    return this.pack.layers[this.chosenLayer];
  }

  problemAt(pointer: string): string | undefined {
    return this.problems.find((p) => p.path === pointer)?.message;
  }

  chooseBlow(drop: Drop) {
    this.chosenBlow = drop.id;
    this.view = viewFor(drop.faces, this.view);
  }

  /** To the next weaker of the counted blows, from the weakest on; after the last it begins anew. */
  nextBlow() {
    const order = [...(this.evaluation?.drops ?? [])]
      .filter((d) => d.counted)
      .sort((a, b) => (a.blow.margin ?? 0) - (b.blow.margin ?? 0));
    const next = order[(order.findIndex((d) => d.id === this.chosenBlow) + 1) % order.length];
    if (next) {
      this.chooseBlow(next);
    }
  }

  /** Puts a value at a JSON Pointer. */
  put(pointer: string, value: unknown) {
    this.change(put(this.pack, pointer, value), pointer);
  }

  /** Takes a changed pack; changes under one key in quick succession are one step to undo. */
  change(pack: PackFile, key: string) {
    if (this.readOnly) {
      return;
    }
    const now = performance.now();
    if (key !== this.lastKey || now - this.lastEdit > ONE_EDIT_MS) {
      this.past = [...this.past, this.pack];
    }
    this.lastKey = key;
    this.lastEdit = now;
    this.future = [];
    this.take(pack);
  }

  /** Takes a remedy: all its changes are one step to undo. */
  mend(remedy: Remedy) {
    let pack = this.pack;
    for (const change of remedy.changes) {
      pack = put(pack, change.path, change.value ?? undefined);
    }
    this.ghost = null;
    this.lastKey = '';
    const layer = /^\/layers\/(\d+)/.exec(remedy.changes[0]?.path ?? '');
    if (layer) {
      this.chosenLayer = Number(layer[1]);
    }
    this.change(pack, remedy.title);
  }

  undo() {
    const before = this.past.at(-1);
    if (before && !this.readOnly) {
      this.past = this.past.slice(0, -1);
      this.future = [this.pack, ...this.future];
      this.lastKey = '';
      this.take(before);
    }
  }

  redo() {
    const after = this.future[0];
    if (after && !this.readOnly) {
      this.future = this.future.slice(1);
      this.past = [...this.past, this.pack];
      this.lastKey = '';
      this.take(after);
    }
  }

  private take(changed: PackFile) {
    const pack = withMaterials(changed, (id) => materials.own.find((m) => m.id === id)?.document);
    this.pack = pack;
    materials.brought = pack.materials ?? {};
    this.chosenLayer = Math.min(this.chosenLayer, pack.layers.length - 1);
    this.dirty = true;
    this.changedSinceRevision = true;
    if (this.saving.kind !== 'saving') {
      this.saving = { kind: 'unsaved' };
    }
    void this.evaluate();
  }

  private async evaluate() {
    const turn = ++this.asked;
    const pack = this.pack;
    const { data, problem } = await call(
      api.POST('/api/evaluations', { params: { query: { simulate: 'never' } }, body: pack })
    );
    if (turn < this.answered) {
      return;
    }
    this.answered = turn;
    if (data) {
      this.evaluation = data;
      this.problems = [];
      this.timed = data.doubted ? 'working' : 'enough';
      clearTimeout(this.timeTimer);
      if (data.doubted) {
        this.timeTimer = setTimeout(() => void this.simulate(turn, pack), SIMULATE_AFTER_MS);
      }
      if (this.dirty) {
        this.saveSoon();
      }
    } else if (problem.status === 400) {
      this.problems = problem.errors ?? [{ path: '', message: problem.detail }];
      // What was stored so has not been typed just now.
      this.saving = this.dirty ? { kind: 'refused' } : this.saving;
    } else {
      this.saving = { kind: 'failed', reason: problem.detail, signedOut: problem.status === 401 };
      setTimeout(() => turn === this.asked && void this.evaluate(), TRY_AGAIN_MS);
    }
  }

  /** The verdict with the falls worked in time, where the quick one is in doubt; an older answer is dropped. */
  private async simulate(turn: number, pack: PackFile) {
    const { data } = await call(api.POST('/api/evaluations', { params: { query: { simulate: 'auto' } }, body: pack }));
    if (turn !== this.answered) {
      return;
    }
    if (data) {
      this.evaluation = data;
    }
    this.timed = data ? 'there' : 'failed';
  }

  private worstDrop(): Drop | undefined {
    const rank = (d: Drop) => d.blow.margin ?? 0;
    return this.evaluation?.drops.reduce((worst, d) => (rank(d) < rank(worst) ? d : worst));
  }

  private saveSoon(after = SAVE_AFTER_MS) {
    clearTimeout(this.saveTimer);
    this.saveTimer = setTimeout(() => void this.save(), after);
  }

  /** Saves the draft now if it has changed; true when what is on screen is stored. */
  async save(): Promise<boolean> {
    clearTimeout(this.saveTimer);
    if (this.underWay) {
      // What is being sent may be older than what is on screen, and its new version is not known yet.
      await this.underWay;
      return this.save();
    }
    if (!this.dirty) {
      return true;
    }
    if (this.conflict || this.problems.length > 0) {
      return false;
    }
    this.underWay = this.send();
    const through = await this.underWay;
    this.underWay = null;
    return through;
  }

  /** One save; false where it did not go through, or something was changed meanwhile. */
  private async send(): Promise<boolean> {
    this.dirty = false;
    const sent = this.pack;
    this.saving = { kind: 'saving' };
    const { data, problem, error } = await call(
      api.PUT('/api/packs/{id}/draft', {
        params: { path: { id: this.id }, header: { 'If-Match': `"${this.version}"` } },
        body: sent
      })
    );
    if (data) {
      this.version = data.version;
      this.base = sent;
      this.saving = this.dirty ? { kind: 'unsaved' } : { kind: 'saved', at: data.savedAt };
      if (this.dirty) {
        this.saveSoon();
      }
      return !this.dirty;
    }
    this.dirty = true;
    if (problem.status === 409) {
      this.conflict = error as Stale;
      this.saving = { kind: 'unsaved' };
    } else if (problem.status === 400) {
      this.problems = problem.errors ?? [];
      this.saving = { kind: 'refused' };
    } else {
      this.saving = { kind: 'failed', reason: problem.detail, signedOut: problem.status === 401 };
      this.saveSoon(TRY_AGAIN_MS);
    }
    return false;
  }

  /**
   * Settles a conflict: the parts at these paths are taken from the other version, or all of it; ours is kept one undo
   * away.
   */
  settle(theirs: string[] | 'all') {
    const conflict = this.conflict;
    if (!conflict) {
      return;
    }
    this.version = conflict.version;
    this.base = conflict.theirs;
    this.conflict = null;
    if (theirs === 'all') {
      this.past = [...this.past, this.pack];
      this.future = [];
      this.pack = conflict.theirs;
      this.chosenLayer = Math.min(this.chosenLayer, this.pack.layers.length - 1);
      this.dirty = false;
      this.saving = { kind: 'saved', at: conflict.savedAt };
      void this.evaluate();
    } else if (theirs.length > 0) {
      const merged = theirs.reduce((pack, path) => put(pack, path, valueAt(conflict.theirs, path)), this.pack);
      this.past = [...this.past, this.pack];
      this.future = [];
      this.take(merged);
    } else {
      void this.save();
    }
  }

  /** Freezes the draft, unless it is a revision already, and releases that. */
  async release(note: string, reason: string): Promise<Problem | null> {
    if (!(await this.save())) {
      return { status: 0, detail: say('notSavedYet') };
    }
    const { data, problem, error } = await call(
      api.POST('/api/packs/{id}/releases', {
        params: { path: { id: this.id }, header: { 'If-Match': `"${this.version}"` } },
        body: { note, reason }
      })
    );
    if (data) {
      this.revision = data.revision;
      this.changedSinceRevision = false;
      return null;
    }
    if (problem.status === 409) {
      this.conflict = error as Stale;
    }
    return problem;
  }

  /** Freezes the draft; the server's words if that fails. */
  async freeze(note: string): Promise<string | null> {
    if (!(await this.save())) {
      return say('notSavedYet');
    }
    const { data, problem, error } = await call(
      api.POST('/api/packs/{id}/revisions', {
        params: { path: { id: this.id }, header: { 'If-Match': `"${this.version}"` } },
        body: { note }
      })
    );
    if (data) {
      this.revision = data.number;
      this.changedSinceRevision = false;
      return null;
    }
    if (problem.status === 409) {
      this.conflict = error as Stale;
    }
    return problem.detail;
  }

  private async compareWithRevision(number: number) {
    const { data } = await call(
      api.GET('/api/packs/{id}/revisions/{number}', { params: { path: { id: this.id, number } } })
    );
    this.changedSinceRevision = data !== undefined && JSON.stringify(data.pack) !== JSON.stringify(this.pack);
  }

  /** Takes the document of a revision as the draft; one undo away. */
  async takeRevision(number: number): Promise<string | null> {
    const { data, problem } = await call(
      api.GET('/api/packs/{id}/revisions/{number}', { params: { path: { id: this.id, number } } })
    );
    if (!data) {
      return problem.detail;
    }
    this.change(data.pack, `revision ${number}`);
    return null;
  }
}
