import { afterEach, describe, expect, it, vi } from 'vitest';
import type { TableAct } from '../api/client';
import { dropPicture, keepActs, keepPicture, newId, waitingActs, waitingPictures } from './outbox';

const act = (id: string): TableAct =>
  ({ id, step: 'look', deed: 'done', value: null, note: '', doneAt: '2026-12-02T10:00:00Z' }) as TableAct;

afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
});

describe('acts that wait for the connection', () => {
  it('outlive the page in their order, each packing by itself', () => {
    keepActs('one', [act('a'), act('b')]);
    keepActs('two', [act('c')]);
    expect(waitingActs('one').map(({ id }) => id)).toEqual(['a', 'b']);
    expect(waitingActs('two').map(({ id }) => id)).toEqual(['c']);
    expect(waitingActs('three')).toEqual([]);
  });

  it('leave nothing behind when all are sent', () => {
    keepActs('one', [act('a')]);
    keepActs('one', []);
    expect(localStorage.length).toBe(0);
  });

  it('are none where what the browser kept cannot be read', () => {
    keepActs('one', [act('a')]);
    localStorage.setItem(localStorage.key(0)!, '[{"id":"a"');
    expect(waitingActs('one')).toEqual([]);
  });

  it('stop nothing where the browser keeps nothing', () => {
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(() => keepActs('one', [act('a')])).not.toThrow();
  });
});

describe('an id of an act', () => {
  it('is a random UUID (RFC 9562, version 4) and no two are alike', () => {
    const ids = Array.from({ length: 500 }, newId);
    for (const id of ids) {
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    }
    expect(new Set(ids).size).toBe(ids.length);
  });
});

describe('pictures, where the browser has no database', () => {
  it('live as long as the page, each with its packing, until they are sent', async () => {
    const picture = (id: string, packing: string) => ({ id, packing, step: 'look', blob: new Blob(['x']) });
    await keepPicture(picture('a', 'one'));
    await keepPicture(picture('b', 'two'));
    expect((await waitingPictures('one')).map(({ id }) => id)).toEqual(['a']);
    await dropPicture('a');
    await dropPicture('never');
    expect(await waitingPictures('one')).toEqual([]);
    expect((await waitingPictures('two')).map(({ id }) => id)).toEqual(['b']);
  });
});
