import { fetchAs, type PackFile, type Problem } from '../api/client';

/** Has the whole evaluation of a pack written to a file by the browser; the problem where that fails. */
export async function save(pack: PackFile, kind: 'json' | 'csv'): Promise<Problem | null> {
  const { blob, problem } = await fetchAs(kind === 'csv' ? '/api/evaluations.csv' : '/api/evaluations', pack);
  if (!blob) {
    return problem;
  }
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `${pack.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-evaluation.${kind}`;
  link.click();
  URL.revokeObjectURL(link.href);
  return null;
}
