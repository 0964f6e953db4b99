import { api, call, type Choice, type Layer, type Lists, type PackFile, type Status } from './api/client';
import { newId } from './bench/edit';

/** What may be chosen from, and between what numbers: the server's lists, read once. */
class Words {
  all = $state.raw<Lists | null>(null);

  async load() {
    const { data } = await call(api.GET('/api/lists'));
    this.all = data ?? this.all;
  }

  /** A layer of this kind as it begins, with an id of its own. */
  newLayer(kind: Layer['kind']): Layer {
    const begins = this.all!.layers.find((each) => each.kind === kind)!.begins as unknown as Layer;
    return { ...begins, id: newId() };
  }

  /** A plain box of foam to begin with. */
  plainPack(): PackFile {
    const begins = this.all!.plainPack as unknown as PackFile;
    return { ...begins, layers: begins.layers.map((layer) => ({ ...layer, id: newId() })) };
  }

  /** The style of the cartons that are sold, which can be cut down. */
  get stockStyle(): string | undefined {
    return this.all?.styles.find((style) => style.stock)?.code;
  }

  /** A list as fields take it; its values are those of the pack file. */
  options<T extends string>(of: (lists: Lists) => Pick<Choice, 'value' | 'words'>[]): { value: T; text: string }[] {
    return (this.all ? of(this.all) : []).map((each) => ({ value: each.value as T, text: each.words }));
  }

  /** One word of a list; the word itself until the lists are there. */
  choice(of: (lists: Lists) => Pick<Choice, 'value' | 'words'>[], value: string): Choice {
    return { value, words: value, detail: '', ...(this.all ? of(this.all) : []).find((each) => each.value === value) };
  }

  /** The least and the greatest number of a field, such as box/slackMm. */
  limit(field: string): { least?: number; most?: number } {
    return this.all?.limits.find((range) => range.field === field) ?? {};
  }

  /** The worse, the less. */
  rank(status: Status): number {
    return this.all?.statuses.indexOf(status) ?? 0;
  }
}

export const lists = new Words();
