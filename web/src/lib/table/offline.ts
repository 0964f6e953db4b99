import type { Packing } from '../api/client';

const ANSWERS = 'table-answers-';

/** The table opens without a connection once it has been opened with one. Nothing is lost where a browser has no workers. */
export function keepForOffline(): void {
  if ('serviceWorker' in navigator && import.meta.env.PROD) {
    navigator.serviceWorker.register('/table-worker.js', { scope: '/table' }).catch(() => undefined);
  }
}

async function answers(): Promise<string[]> {
  return 'caches' in window ? (await caches.keys()).filter((name) => name.startsWith(ANSWERS)) : [];
}

/** A packing as it stands now, for a page that is opened without a connection. */
export async function keepPacking(packing: Packing): Promise<void> {
  for (const name of await answers()) {
    const kept = await caches.open(name);
    const path = `/api/packings/${packing.id}`;
    await kept.delete(path, { ignoreSearch: true });
    await kept.put(path, new Response(JSON.stringify(packing), { headers: { 'Content-Type': 'application/json' } }));
  }
}

/** Whoever signs out leaves nothing on the device that the next person could read. */
export async function forgetAnswers(): Promise<void> {
  for (const name of await answers()) {
    await caches.delete(name);
  }
}
