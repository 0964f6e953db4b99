import { api, call, type OwnMaterial, type Problem, type TestTables } from '../api/client';

export type Kind = 'foam' | 'board' | 'wrap' | 'consumable';

/** Writes a material of the house, or a new one; the version that was seen must still be the newest. */
export async function write(
  kind: Kind,
  seen: OwnMaterial | null,
  document: Record<string, unknown>,
  tests: TestTables | null
): Promise<{ data?: OwnMaterial; problem?: Problem }> {
  const body = { document: document as never, tests };
  const answer = seen
    ? await call(
        api.PUT('/api/stores/materials/{id}', {
          params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.version}"` } },
          body
        })
      )
    : await call(api.POST('/api/stores/materials/{kind}', { params: { path: { kind } }, body }));
  return { data: answer.data as OwnMaterial | undefined, problem: answer.problem };
}

/** Takes a material away; the server's words if that fails. */
export async function remove(material: OwnMaterial): Promise<Problem | null> {
  const { problem } = await call(
    api.DELETE('/api/stores/materials/{id}', {
      params: { path: { id: material.id }, header: { 'If-Match': `"${material.version}"` } }
    })
  );
  return problem ?? null;
}

/** What the house's materials may be made of, as the pack file says it and as people do. */
export const STRUCTURES = [
  { value: 'foam', text: 'foam, in sheets' },
  { value: 'moulded', text: 'moulded beads' },
  { value: 'foamed-in-place', text: 'foamed in place' },
  { value: 'bubble', text: 'bubble, in layers' },
  { value: 'air-cells', text: 'air cells' },
  { value: 'loose', text: 'loose fill' },
  { value: 'paper', text: 'crumpled paper' }
];

export const SUBSTANCES = [
  { value: 'pe', text: 'polyethylene' },
  { value: 'pp', text: 'polypropylene' },
  { value: 'ps', text: 'polystyrene' },
  { value: 'pet', text: 'polyester' },
  { value: 'pu', text: 'polyurethane' },
  { value: 'pu-ether', text: 'polyether urethane' },
  { value: 'pu-ester', text: 'polyester urethane' },
  { value: 'pvc', text: 'PVC' },
  { value: 'rubber', text: 'rubber' },
  { value: 'wool', text: 'wool felt' },
  { value: 'paper', text: 'paper' },
  { value: 'paper-acid-free', text: 'acid-free paper' },
  { value: 'starch', text: 'starch' },
  { value: 'other', text: 'something else' }
];
