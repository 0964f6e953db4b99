import type { JourneyChoice, PackFile, Problem } from '../api/client';
import type { Editable } from '../bench/editable';
import { put } from '../bench/edit';

/** A journey that is being changed, shown by the same station as a pack's. */
export class JourneyDraft implements Editable {
  pack = $state.raw<PackFile>()!;
  words = $state('');
  detail = $state('');
  problem = $state.raw<Problem | null>(null);
  readonly readOnly = false;

  constructor(from: JourneyChoice) {
    this.pack = { journey: from.journey } as PackFile;
    this.words = from.words;
    this.detail = from.detail;
  }

  problemAt(pointer: string): string | undefined {
    return this.problem?.errors?.find((e) => e.path === pointer)?.message;
  }

  put(pointer: string, value: unknown) {
    this.pack = put(this.pack, pointer, value);
  }

  change(pack: PackFile) {
    this.pack = pack;
  }
}
