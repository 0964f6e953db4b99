import type { CushionLayer, Layer, PackFile } from '../api/client';
import { AROUND, type FaceWord } from '../faces';

/** Changes to a pack file, each giving a new one and leaving the old alone. */

type SixSided = Partial<Record<FaceWord | 'all', number>>;

/** The value of a side: its own, else that of `all`, else what stands for neither. */
export function side(sides: SixSided | undefined, face: FaceWord, otherwise = 0): number {
  return sides?.[face] ?? sides?.all ?? otherwise;
}

/** One value for all sides, or null where they differ. */
export function common(sides: SixSided | undefined, otherwise = 0): number | null {
  const first = side(sides, 'left', otherwise);
  return AROUND.every((face) => side(sides, face, otherwise) === first) ? first : null;
}

/** With another value on one side; sides that equal `all` are not written apart. */
export function withSide(sides: SixSided | undefined, face: FaceWord, value: number, otherwise = 0): SixSided {
  const all = sides?.all ?? otherwise;
  const result: SixSided = { all };
  for (const each of AROUND) {
    const own = each === face ? value : side(sides, each, otherwise);
    if (own !== all) {
      result[each] = own;
    }
  }
  return result;
}

/** With a value put at a JSON Pointer; undefined takes the field, or the entry of a list, away. */
export function put(pack: PackFile, pointer: string, value: unknown): PackFile {
  const copy = structuredClone(pack);
  const keys = pointer.split('/').slice(1);
  const last = keys.pop()!;
  let at = copy as unknown as Record<string, unknown>;
  for (const key of keys) {
    at[key] ??= {};
    at = at[key] as Record<string, unknown>;
  }
  if (value === undefined && Array.isArray(at)) {
    at.splice(Number(last), 1);
  } else if (value === undefined) {
    delete at[last];
  } else {
    at[last] = value;
  }
  return copy;
}

/** The value at a JSON Pointer; undefined where there is none. */
export function valueAt(pack: PackFile, pointer: string): unknown {
  return pointer
    .split('/')
    .slice(1)
    .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], pack);
}

/** The newest format; a changed file is written in it. */
const FORMAT = 'rampart-pack/5';

/**
 * The file with the house's materials that its layers name, whole, so that it stands alone; what it brings already stays
 * as it is, what no layer names goes.
 */
export function withMaterials(
  pack: PackFile,
  documentOf: (id: string) => Record<string, unknown> | undefined
): PackFile {
  const brought: Record<string, unknown[]> = {};
  for (const [kinds, list] of [
    [['cushion'], 'foams'],
    [['box', 'boards'], 'boards'],
    [['wrap'], 'wraps']
  ] as [Layer['kind'][], 'foams' | 'boards' | 'wraps'][]) {
    const ids = new Set(
      pack.layers
        .filter((layer) => kinds.includes(layer.kind))
        .map((layer) => ('board' in layer ? layer.board : layer.material))
        .concat(list === 'boards' ? [pack.item.pieces?.dividerBoard ?? ''] : [])
        .filter((id) => id.startsWith('own.'))
    );
    const all = [...ids].flatMap((id) => {
      const found = pack.materials?.[list]?.find((m) => m.id === id) ?? documentOf(id);
      return found ? [found] : [];
    });
    if (all.length > 0) {
      brought[list] = all;
    }
  }
  const whole: PackFile = { ...pack, format: FORMAT };
  delete whole.materials;
  return Object.keys(brought).length > 0 ? { ...whole, materials: brought as PackFile['materials'] } : whole;
}

const ID_LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

/** A random id, so that none is ever used twice. */
export function newId(): string {
  const numbers = crypto.getRandomValues(new Uint8Array(8));
  return Array.from(numbers, (n) => ID_LETTERS[n % ID_LETTERS.length]).join('');
}

/** The first layer round the item but for wraps; as many as there are layers where all are wraps. */
export function firstRound(pack: PackFile): number {
  const index = pack.layers.findIndex((layer) => layer.kind !== 'wrap');
  return index < 0 ? pack.layers.length : index;
}

/** Whether a layer of a kind may be put in there: what lies first round the item stands there alone of its kind. */
export function mayStand({ kind, first }: { kind: string; first: boolean }, pack: PackFile, index: number): boolean {
  return !first || (index <= firstRound(pack) && pack.layers.every((layer) => layer.kind !== kind));
}

export function insertLayer(pack: PackFile, index: number, layer: Layer): PackFile {
  return { ...pack, layers: [...pack.layers.slice(0, index), layer, ...pack.layers.slice(index)] };
}

export function removeLayer(pack: PackFile, index: number): PackFile {
  return { ...pack, layers: pack.layers.filter((_, i) => i !== index) };
}

export function moveLayer(pack: PackFile, from: number, to: number): PackFile {
  const layers = pack.layers.filter((_, i) => i !== from);
  return { ...pack, layers: [...layers.slice(0, to), pack.layers[from]!, ...layers.slice(to)] };
}

/** The last layer is the outer carton: it stays, and nothing goes outside it but another box. */
export function isOuter(pack: PackFile, index: number): boolean {
  return index === pack.layers.length - 1;
}

/** A bed to begin with: the item as one block, as long, wide and high as it is. */
function blockBed({ length, width, height }: PackFile['item']['sizeMm']): NonNullable<CushionLayer['bed']> {
  const [x, y, z] = [length / 2, width / 2, height / 2];
  return {
    parts: [
      {
        name: 'body',
        outlineMm: [
          [-x, -y],
          [x, -y],
          [x, y],
          [-x, y]
        ],
        bottomMm: -z,
        topMm: z,
        nature: 'strong'
      }
    ]
  };
}

/** The cushion in another form, with the fields that form has and only those. */
export function withForm(
  cushion: CushionLayer,
  form: CushionLayer['form'],
  size: PackFile['item']['sizeMm']
): CushionLayer {
  const { id, kind, material, thicknessMm } = cushion;
  const base = { ...(id === undefined ? {} : { id }), kind, material, form, thicknessMm };
  switch (form) {
    case 'full':
      return base;
    case 'pads':
      return { ...base, bearingCm2: cushion.bearingCm2 ?? { all: 150 }, padCount: cushion.padCount ?? { all: 1 } };
    case 'corners':
      return { ...base, blockMm: cushion.blockMm ?? { length: 80, width: 80, height: 80 } };
    case 'bed':
      return { ...base, bed: cushion.bed ?? blockBed(size) };
  }
}
