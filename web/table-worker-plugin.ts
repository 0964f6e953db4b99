import type { Plugin } from 'vite';

const WORKER = 'table-worker.js';

/** Builds the table's worker beside the page, with the files of this build that it keeps and a name that changes with any of them. */
export function tableWorker(): Plugin {
  return {
    name: 'table-worker',
    apply: 'build',
    buildStart() {
      this.emitFile({ type: 'chunk', id: 'src/lib/table/table-worker.js', fileName: WORKER });
    },
    async generateBundle(_, bundle) {
      const worker = bundle[WORKER];
      if (worker?.type !== 'chunk') {
        this.error('the table has no worker');
      }
      const files = Object.keys(bundle)
        .filter((name) => name !== WORKER && /\.(js|css|woff2)$/.test(name))
        .map((name) => `/${name}`)
        .sort();
      const all = new TextEncoder().encode(worker.code + files.join('\n'));
      const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', all));
      const build = [...hash.subarray(0, 8)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
      worker.code = worker.code.replace('__BUILD__', build).replace('__FILES__', JSON.stringify(files));
    }
  };
}
