import type { PackFile } from '../api/client';

/** What a station needs to show and change part of a pack file: the bench, or a draft of one part. */
export interface Editable {
  readonly pack: PackFile;
  readonly readOnly: boolean;
  problemAt(pointer: string): string | undefined;
  put(pointer: string, value: unknown): void;
  change(pack: PackFile, key: string): void;
}
