import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PackFile } from '../api/client';
import { Bench } from './bench.svelte';

/** The state of one open pack without a browser: a server that is nothing but answers. */

const server = vi.hoisted(() => {
  // The client takes both when it is made. Outside a browser an address has no origin of its own.
  const own = { answer: null as unknown as (request: Request) => Promise<Response> };
  const Plain = globalThis.Request;
  globalThis.Request = class extends Plain {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://localhost') : input, init);
    }
  };
  globalThis.fetch = (input) => own.answer(input as Request);
  return own;
});

const PACK = {
  format: 'rampart-pack/5',
  name: 'a pack',
  item: { name: 'it', sizeMm: { length: 100, width: 90, height: 80 }, massKg: 2, fragility: { basis: 'estimate' } },
  journey: { drop: { basis: 'parcel-1a' } },
  layers: [{ kind: 'box', style: '0201', board: 'c-32' }]
} as unknown as PackFile;

interface Asked {
  method: string;
  path: string;
  version: string | null;
  body: { item: { massKg: number } };
  answer: (status: number, body: unknown) => void;
}

let asked: Asked[] = [];

const DROP = { id: 'drop.face.3', faces: ['bottom'], counted: true, blow: { margin: 0.5 } };
const EVALUATION = { verdict: 'holds', weakest: null, doubted: false, checks: [], drops: [DROP] };

beforeEach(() => {
  vi.useFakeTimers();
  asked = [];
  document.cookie = 'XSRF-TOKEN=x';
  server.answer = async (request) => {
    const path = new URL(request.url).pathname;
    if (request.method === 'GET') {
      return json(200, { id: 'p', version: 1, savedAt: '2026-01-01T00:00:00Z', note: '', revision: null, pack: PACK });
    }
    if (path === '/api/evaluations') {
      return json(200, EVALUATION);
    }
    const body = (await request.json()) as Asked['body'];
    return new Promise<Response>((resolve) => {
      asked.push({
        method: request.method,
        path,
        version: request.headers.get('If-Match'),
        body,
        answer: (status, answer) => resolve(json(status, answer))
      });
    });
  };
});

afterEach(() => {
  vi.useRealTimers();
});

function json(status: number, body: unknown): Response {
  return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
}

/** Lets everything that waits for no timer go on. */
async function settle(ms = 0): Promise<void> {
  await vi.advanceTimersByTimeAsync(ms);
}

async function opened(): Promise<Bench> {
  const bench = new Bench('p', false);
  const opening = bench.open();
  await settle();
  expect(await opening).toBeNull();
  return bench;
}

const mass = (bench: Bench) => bench.pack.item.massKg;
const saved = (version: number) => ({ version, savedAt: '2026-01-01T00:00:01Z', savedBy: 'me' });

describe('undo', () => {
  it('takes typing in one field as one step, and another field as another', async () => {
    const bench = await opened();
    bench.put('/item/massKg', 3);
    bench.put('/item/massKg', 34);
    bench.put('/item/sizeMm/length', 120);
    bench.undo();
    expect(bench.pack.item.sizeMm.length).toBe(100);
    expect(mass(bench)).toBe(34);
    bench.undo();
    expect(mass(bench)).toBe(2);
    expect(bench.canUndo).toBe(false);
    bench.redo();
    expect(mass(bench)).toBe(34);
    bench.put('/item/massKg', 5);
    expect(bench.canRedo).toBe(false);
  });

  it('does nothing for who may only read', async () => {
    const bench = new Bench('p', true);
    const opening = bench.open();
    await settle();
    await opening;
    bench.put('/item/massKg', 3);
    expect(mass(bench)).toBe(2);
  });
});

describe('saving', () => {
  it('sends the last of quick changes, once, with the version it was made from', async () => {
    const bench = await opened();
    bench.put('/item/massKg', 3);
    bench.put('/item/massKg', 4);
    await settle(1000);
    expect(asked).toHaveLength(1);
    expect(asked[0]).toMatchObject({ method: 'PUT', version: '"1"', body: { item: { massKg: 4 } } });
    asked[0]!.answer(200, saved(2));
    await settle();
    expect(bench.saving.kind).toBe('saved');
  });

  it('waits for the save that is under way before it sends what was changed meanwhile', async () => {
    const bench = await opened();
    bench.put('/item/massKg', 3);
    await settle(1000);
    bench.put('/item/massKg', 4);
    const through = bench.save();
    await settle();
    expect(asked).toHaveLength(1);
    asked[0]!.answer(200, saved(2));
    await settle();
    expect(asked).toHaveLength(2);
    expect(asked[1]).toMatchObject({ version: '"2"', body: { item: { massKg: 4 } } });
    asked[1]!.answer(200, saved(3));
    await settle();
    expect(await through).toBe(true);
    expect(bench.saving.kind).toBe('saved');
  });

  it('freezes at the version of the save that was under way, not at the one before', async () => {
    const bench = await opened();
    bench.put('/item/massKg', 3);
    await settle(1000);
    const frozen = bench.freeze('as sent');
    await settle();
    asked[0]!.answer(200, saved(2));
    await settle();
    expect(asked[1]).toMatchObject({ method: 'POST', path: '/api/packs/p/revisions', version: '"2"' });
    asked[1]!.answer(201, { number: 1 });
    await settle();
    expect(await frozen).toBeNull();
    expect(bench.revision).toBe(1);
  });

  it('keeps what is typed and tries again when the server does not answer', async () => {
    const bench = await opened();
    bench.put('/item/massKg', 3);
    await settle(1000);
    asked[0]!.answer(503, { status: 503, detail: 'The database does not answer just now.' });
    await settle();
    expect(bench.saving.kind).toBe('failed');
    expect(mass(bench)).toBe(3);
    await settle(3100);
    expect(asked).toHaveLength(2);
    asked[1]!.answer(200, saved(2));
    await settle();
    expect(bench.saving.kind).toBe('saved');
  });
});

describe('a conflict', () => {
  async function conflicted(): Promise<Bench> {
    const bench = await opened();
    bench.put('/item/massKg', 3);
    await settle(1000);
    const theirs = { ...PACK, name: 'their name', item: { ...PACK.item, massKg: 7 } };
    asked[0]!.answer(409, { version: 5, savedAt: '2026-01-01T00:00:02Z', savedBy: 'them', theirs, yours: bench.pack });
    await settle();
    expect(bench.conflict).not.toBeNull();
    return bench;
  }

  it('saves nothing until it is settled', async () => {
    const bench = await conflicted();
    bench.put('/item/massKg', 4);
    await settle(5000);
    expect(asked).toHaveLength(1);
  });

  it('takes parts of theirs into mine and saves over theirs', async () => {
    const bench = await conflicted();
    bench.settle(['/name']);
    await settle(1000);
    expect(bench.pack.name).toBe('their name');
    expect(mass(bench)).toBe(3);
    expect(asked[1]!.version).toBe('"5"');
  });

  it('takes all of theirs and keeps mine one undo away', async () => {
    const bench = await conflicted();
    bench.settle('all');
    await settle(1000);
    expect(mass(bench)).toBe(7);
    expect(bench.saving.kind).toBe('saved');
    bench.undo();
    expect(mass(bench)).toBe(3);
  });

  it('keeps all of mine', async () => {
    const bench = await conflicted();
    bench.settle([]);
    await settle(1000);
    expect(mass(bench)).toBe(3);
    expect(asked[1]!.version).toBe('"5"');
  });
});
