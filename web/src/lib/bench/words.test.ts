import { describe, expect, it } from 'vitest';
import type { Check, Lists } from '../api/client';
import { lists } from '../lists.svelte';
import { marginGroups } from './words';

const ABOUT: Record<string, Check['about']> = { face: 'faceDrop', edge: 'edgeDrop', corner: 'cornerDrop' };

function check(
  id: string,
  demand: number,
  limit: number | null,
  status: Check['status'],
  face: string | null = null
): Check {
  return {
    id,
    about: ABOUT[id.split('.')[1] ?? ''] ?? 'other',
    title: `title of ${id}`,
    layer: null,
    face,
    demand,
    limit,
    unit: 'G',
    margin: limit === null ? null : 1 - demand / limit,
    status,
    byRule: null,
    said: { demand: String(demand), limit: limit === null ? null : String(limit), unit: 'G' },
    spread: null,
    because: '',
    formula: { symbols: '', numbers: '' },
    steps: [],
    working: [],
    notes: [],
    curve: false
  };
}

lists.all = { statuses: ['breaks', 'unknown', 'thin', 'holds'] } as Lists;

describe('margins, thinnest first', () => {
  it('tells equal blows as one and puts the worst first', () => {
    const groups = marginGroups([
      check('drop.face.2', 44, 62, 'holds', 'right'),
      check('drop.face.4', 44, 62, 'holds', 'left'),
      check('drop.edge.1-2', 50, 62, 'holds'),
      check('drop.edge.3-5', 70, 62, 'breaks'),
      check('lift', 7, 23, 'holds'),
      check('vibration', 3, null, 'unknown')
    ]);
    expect(groups.map((g) => g.title)).toEqual([
      'Falls on an edge, worst of two',
      'title of vibration',
      'Falls flat on the right or the left',
      'title of lift'
    ]);
    expect(groups[0]!.check.id).toBe('drop.edge.3-5');
  });

  it('keeps flat drops apart that are not alike', () => {
    const groups = marginGroups([
      check('drop.face.1', 44, 62, 'holds', 'top'),
      check('drop.face.3', 44, 40, 'breaks', 'bottom')
    ]);
    expect(groups).toHaveLength(2);
  });
});
