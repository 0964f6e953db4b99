import { describe, expect, it } from 'vitest';
import type { CushionLayer, PackFile } from '../api/client';
import {
  common,
  firstRound,
  insertLayer,
  mayStand,
  moveLayer,
  newId,
  put,
  removeLayer,
  side,
  withForm,
  withMaterials,
  withSide
} from './edit';
import { newLayer, plainPack } from './begins.fixture';

const SIZE = { length: 200, width: 120, height: 80 };

describe('six-sided values', () => {
  it('reads a side from its own, from all, or from what stands for neither', () => {
    expect(side({ all: 45, bottom: 40 }, 'bottom')).toBe(40);
    expect(side({ all: 45, bottom: 40 }, 'top')).toBe(45);
    expect(side({ bottom: 40 }, 'top')).toBe(0);
    expect(side(undefined, 'top', 1)).toBe(1);
  });

  it('has a common value only where all sides agree', () => {
    expect(common({ all: 45 })).toBe(45);
    expect(common({ all: 45, bottom: 40 })).toBeNull();
    expect(common({ all: 45, bottom: 45 })).toBe(45);
  });

  it('writes a side apart only where it differs', () => {
    expect(withSide({ all: 45 }, 'bottom', 40)).toEqual({ all: 45, bottom: 40 });
    expect(withSide({ all: 45, bottom: 40 }, 'bottom', 45)).toEqual({ all: 45 });
    expect(withSide({ top: 10 }, 'left', 5)).toEqual({ all: 0, top: 10, left: 5 });
  });
});

describe('changes to a pack', () => {
  it('leave the old pack alone', () => {
    const before = plainPack();
    const copy = structuredClone(before);
    put(before, '/item/massKg', 9);
    put(before, '/layers/0/thicknessMm/all', 9);
    insertLayer(before, 0, newLayer('wrap'));
    removeLayer(before, 0);
    moveLayer(before, 0, 1);
    expect(before).toEqual(copy);
  });

  it('put and take away fields by pointer', () => {
    const pack = put(plainPack(), '/item/fragility/componentFrequencyHz', 60);
    expect(pack.item.fragility.componentFrequencyHz).toBe(60);
    expect('componentFrequencyHz' in put(pack, '/item/fragility/componentFrequencyHz', undefined).item.fragility).toBe(
      false
    );
  });

  it('move a layer to where it is asked', () => {
    const pack = insertLayer(plainPack(), 0, newLayer('wrap'));
    expect(moveLayer(pack, 0, 1).layers.map((l) => l.kind)).toEqual(['cushion', 'wrap', 'box']);
  });

  it('puts what lies on the item itself on the item itself, and once', () => {
    const boards = { kind: 'boards', first: true };
    const wrapped = insertLayer(plainPack(), 0, newLayer('wrap'));
    expect([0, 1, 2, 3].map((at) => mayStand(boards, wrapped, at))).toEqual([true, true, false, false]);
    expect(mayStand(boards, insertLayer(wrapped, 1, newLayer('boards')), 1)).toBe(false);
    expect(mayStand({ kind: 'wrap', first: false }, wrapped, 3)).toBe(true);
    expect(firstRound(wrapped)).toBe(1);
    expect(firstRound({ ...wrapped, layers: [newLayer('wrap')] })).toBe(1);
  });

  it('give a form the fields it has and only those', () => {
    const pads = plainPack().layers[0] as CushionLayer;
    expect(withForm(pads, 'full', SIZE)).not.toHaveProperty('bearingCm2');
    expect(withForm(pads, 'full', SIZE)).not.toHaveProperty('padCount');
    expect(withForm(pads, 'corners', SIZE)).toHaveProperty('blockMm');
    expect(withForm(withForm(pads, 'corners', SIZE), 'pads', SIZE)).toHaveProperty('bearingCm2');
    expect(withForm(pads, 'bed', SIZE).bed?.parts[0]).toMatchObject({ bottomMm: -40, topMm: 40 });
    expect(withForm(pads, 'corners', SIZE).id).toBe(pads.id);
  });

  it('never use an id twice', () => {
    expect(new Set(Array.from({ length: 2000 }, newId)).size).toBe(2000);
  });
});

describe('materials of the house inside the file', () => {
  const foam = { id: 'own.blue', name: 'Blue', version: 1 };
  const documents: Record<string, Record<string, unknown>> = { 'own.blue': foam, 'own.grey': { id: 'own.grey' } };
  const bare = plainPack();
  const of = (id: string) => documents[id];

  function withFoam(material: string): PackFile {
    const layers = bare.layers.map((layer) => (layer.kind === 'cushion' ? { ...layer, material } : layer));
    return { ...bare, layers } as PackFile;
  }

  it('brings what a layer names, whole, and raises the format', () => {
    const file = withMaterials({ ...withFoam('own.blue'), format: 'rampart-pack/1' }, of);
    expect(file.materials).toEqual({ foams: [foam] });
    expect(file.format).toBe('rampart-pack/5');
  });

  it('keeps what the file brings already, even where the stores have another version', () => {
    const brought = { ...foam, name: 'as it was' };
    const file = withMaterials({ ...withFoam('own.blue'), materials: { foams: [brought] } } as unknown as PackFile, of);
    expect(file.materials?.foams?.[0]?.name).toBe('as it was');
  });

  it('takes out what no layer names any more', () => {
    const before = withMaterials(withFoam('own.blue'), of);
    expect(withMaterials({ ...before, layers: bare.layers }, of).materials).toBeUndefined();
  });

  it('leaves a name that nobody knows for the server to refuse', () => {
    expect(withMaterials(withFoam('own.unknown'), of).materials).toBeUndefined();
  });
});
