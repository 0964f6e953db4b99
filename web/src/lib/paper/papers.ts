import type { paths } from '../api/schema';

export type PaperKind = NonNullable<NonNullable<paths['/api/packs/{id}/page']['get']['parameters']['query']>['kind']>;

/** The papers of a pack and who takes each. */
export const PAPERS: { kind: PaperKind; name: string; use: string }[] = [
  { kind: 'page', name: "Packer's page", use: 'One leaf for the table: section, what to cut, what to buy.' },
  { kind: 'specification', name: 'Specification', use: 'For a supplier or a laboratory; also as text for a mail.' },
  { kind: 'drawings', name: 'Drawings', use: 'Insert and carton on the flat, to scale.' },
  { kind: 'materials', name: 'Materials', use: 'What to buy for one pack and for several, with its cost.' },
  { kind: 'cutting', name: 'Cut list and plan', use: 'Every piece, and how the pieces lie on sheets.' },
  { kind: 'packing', name: 'Packing steps', use: 'For the table: one step after another, with drawings.' },
  { kind: 'unpacking', name: 'Unpacking', use: 'For the receiver: what first, what must not be pulled.' },
  { kind: 'inspection', name: 'Note for inspectors', use: 'On top: how far to open it, and how to close it again.' },
  {
    kind: 'parts',
    name: 'Parts, out and back',
    use: 'For a pack that comes back: each part, its place, ticked twice.'
  },
  { kind: 'labels', name: 'Labels', use: 'Address, handling marks and notices at true size, and where each goes.' }
];

/** The paper that an address names; the page where it names none. */
export function isPaper(word: string | number | boolean | null | undefined): PaperKind {
  return PAPERS.find((each) => each.kind === word)?.kind ?? 'page';
}
