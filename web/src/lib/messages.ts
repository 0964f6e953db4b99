import all from './messages.json';

/** The page's own messages; docs/messages.md is made from the same file. The server has its own. */

type Key = keyof typeof all.messages;
type FieldKey = keyof typeof all.fields;

export const { messages } = all;

/** What happened, what is kept, what to do. */
export function say(key: Key): string {
  const { what, kept, todo } = all.messages[key];
  return `${what} ${kept} ${todo}`;
}

/** Why a field cannot be read, with these values put in. */
export function fieldReason(key: FieldKey, ...values: string[]): string {
  return values.reduce((text, value, i) => text.replace(`{${i}}`, () => value), all.fields[key]);
}
