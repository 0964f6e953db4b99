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
