import { api, call, type Choice, type Lists, type Status } from './api/client';

/** What may be chosen from, and between what numbers: the server's lists, read once. */
class Words {
  all = $state.raw<Lists | null>(null);

  async load() {
    const { data } = await call(api.GET('/api/lists'));
    this.all = data ?? this.all;
  }

  /** A list as fields take it; its values are those of the pack file. */
  options<T extends string>(of: (lists: Lists) => Choice[]): { value: T; text: string }[] {
    return (this.all ? of(this.all) : []).map((each) => ({ value: each.value as T, text: each.words }));
  }

  /** One word of a list; the word itself until the lists are there. */
  choice(of: (lists: Lists) => Choice[], value: string): Choice {
    return (this.all ? of(this.all) : []).find((each) => each.value === value) ?? { value, words: value, detail: '' };
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
