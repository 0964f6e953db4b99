import type { TableAct } from '../api/client';

/** A photograph that waits for the connection. */
export interface WaitingPicture {
  id: string;
  packing: string;
  step: string;
  blob: Blob;
}

const ACTS = 'rampart.table.acts.';
const PICTURES = 'pictures';

/** An id that no other device gives. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = (bytes[6]! & 0x0f) | 0x40;
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}

/** Acts of a packing that are not sent yet, in their order; they outlive the page. */
export function waitingActs(packing: string): TableAct[] {
  try {
    return JSON.parse(localStorage.getItem(ACTS + packing) ?? '[]') as TableAct[];
  } catch {
    return [];
  }
}

/** Where the browser keeps nothing, what waits lives as long as the page. */
export function keepActs(packing: string, acts: TableAct[]): void {
  try {
    if (acts.length === 0) {
      localStorage.removeItem(ACTS + packing);
    } else {
      localStorage.setItem(ACTS + packing, JSON.stringify(acts));
    }
  } catch {
    // Full, or switched off: the page itself still has them.
  }
}

function store(): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const request = indexedDB.open('rampart-table', 1);
    request.onupgradeneeded = () => request.result.createObjectStore(PICTURES, { keyPath: 'id' });
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('no store'));
  });
}

async function within<T>(mode: IDBTransactionMode, use: (pictures: IDBObjectStore) => IDBRequest<T>): Promise<T> {
  const database = await store();
  try {
    return await new Promise<T>((resolve, reject) => {
      const request = use(database.transaction(PICTURES, mode).objectStore(PICTURES));
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error ?? new Error('no store'));
    });
  } finally {
    database.close();
  }
}

/** Pictures that the browser's database would not take. */
const inMemory: WaitingPicture[] = [];

export async function keepPicture(picture: WaitingPicture): Promise<void> {
  try {
    await within('readwrite', (pictures) => pictures.put(picture));
  } catch {
    inMemory.push(picture);
  }
}

export async function dropPicture(id: string): Promise<void> {
  const at = inMemory.findIndex((picture) => picture.id === id);
  if (at >= 0) {
    inMemory.splice(at, 1);
    return;
  }
  await within('readwrite', (pictures) => pictures.delete(id) as IDBRequest<unknown>).catch(() => undefined);
}

export async function waitingPictures(packing: string): Promise<WaitingPicture[]> {
  const kept = await within<WaitingPicture[]>('readonly', (pictures) => pictures.getAll()).catch(() => []);
  return [...kept, ...inMemory].filter((picture) => picture.packing === packing);
}
