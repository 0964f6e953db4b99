import type { CushionLayer, PackFile } from '../api/client';
import { firstRound, withForm } from '../bench/edit';

export type Bed = NonNullable<CushionLayer['bed']>;
export type Part = Bed['parts'][number];
export type Well = NonNullable<Bed['wells']>[number];
export type Place = [number, number];
/** A part or a well, by its list and its place in it. */
export type Pocket = { list: 'parts' | 'wells'; index: number };

/** The layer of a pack that is a bed, or could be one: the first round the item but for wraps, if it is a cushion. */
export function bedLayer(pack: PackFile): number | null {
  const index = firstRound(pack);
  return pack.layers[index]?.kind === 'cushion' ? index : null;
}

export function bedOf(pack: PackFile): Bed | null {
  const index = bedLayer(pack);
  const layer = index === null ? undefined : pack.layers[index];
  return layer?.kind === 'cushion' && layer.form === 'bed' ? (layer.bed ?? null) : null;
}

export function pocketOf(bed: Bed, { list, index }: Pocket): Part | Well | undefined {
  return bed[list]?.[index];
}

export function places(pocket: Part | Well): Place[] {
  return pocket.outlineMm as Place[];
}

/** A layer's cushion cut in this shape, with nothing left of another form. */
export function withBed(pack: PackFile, layer: number, bed: Bed): PackFile['layers'] {
  const cushion = withForm(pack.layers[layer] as CushionLayer, 'bed', pack.item.sizeMm);
  return pack.layers.with(layer, { ...cushion, bed });
}

/** To a tenth: what a ruler shows and a knife keeps. */
export function tenth(mm: number): number {
  return Math.round(mm * 10) / 10;
}

export function rectangle(width: number, depth: number, [x, y]: Place = [0, 0]): Place[] {
  return [
    [x - width / 2, y - depth / 2],
    [x + width / 2, y - depth / 2],
    [x + width / 2, y + depth / 2],
    [x - width / 2, y + depth / 2]
  ];
}

/** A circle as straight lines that stray less than a tenth from it up to a radius of 80 mm. */
export function circle(diameter: number, [x, y]: Place = [0, 0], corners = 64): Place[] {
  return Array.from({ length: corners }, (_, i): Place => {
    const angle = (2 * Math.PI * i) / corners;
    return [x + (diameter / 2) * Math.cos(angle), y + (diameter / 2) * Math.sin(angle)];
  });
}

/** How far places reach: width along the length, depth along the width, and the middle of both. */
export function reach(of: Place[]): { width: number; depth: number; middle: Place } {
  const xs = of.map((p) => p[0]);
  const ys = of.map((p) => p[1]);
  return {
    width: tenth(Math.max(...xs) - Math.min(...xs)),
    depth: tenth(Math.max(...ys) - Math.min(...ys)),
    middle: middle(of)
  };
}

/** True while a bed is as it began: one box as large as the item. It makes room for the first outline that is brought. */
export function asItBegan(bed: Bed, size: PackFile['item']['sizeMm']): boolean {
  const only = bed.parts.length === 1 ? places(bed.parts[0]!) : [];
  const { width, depth } = only.length === 4 ? reach(only) : { width: 0, depth: 0 };
  return Math.abs(width - size.length) < 0.06 && Math.abs(depth - size.width) < 0.06;
}

/** The pack with its item as large as the parts of its bed reach, and all of the bed moved so that their middle is the item's. */
export function sizedByParts(pack: PackFile, layer: number, bed: Bed): PackFile {
  const { middle: by } = reach(bed.parts.flatMap(places));
  const moved = <T extends Part | Well>(pocket: T): T => ({
    ...pocket,
    outlineMm: movedBy(places(pocket), -by[0], -by[1])
  });
  const centred: Bed = {
    ...bed,
    parts: bed.parts.map(moved),
    ...(bed.wells ? { wells: bed.wells.map(moved) } : {})
  };
  // Of the places as they have been rounded: none may lie outside of the item.
  const all = centred.parts.flatMap(places);
  const along = (axis: 0 | 1) => tenth(2 * Math.max(...all.map((place) => Math.abs(place[axis]))));
  return {
    ...pack,
    item: { ...pack.item, sizeMm: { ...pack.item.sizeMm, length: along(0), width: along(1) } },
    layers: withBed(pack, layer, centred)
  };
}

export function middle(of: Place[]): Place {
  const xs = of.map((p) => p[0]);
  const ys = of.map((p) => p[1]);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

export function movedBy(of: Place[], dx: number, dy: number): Place[] {
  return of.map(([x, y]) => [tenth(x + dx), tenth(y + dy)]);
}

/** Another place between this one and the next. */
export function withPlaceAfter(of: Place[], index: number): Place[] {
  const [ax, ay] = of[index]!;
  const [bx, by] = of[(index + 1) % of.length]!;
  return of.toSpliced(index + 1, 0, [tenth((ax + bx) / 2), tenth((ay + by) / 2)]);
}

/** A place more where it lies nearest to the outline, between the two whose edge that is. */
export function withPlaceAt(of: Place[], at: Place): Place[] {
  let after = 0;
  let nearest = Infinity;
  of.forEach(([ax, ay], i) => {
    const [bx, by] = of[(i + 1) % of.length]!;
    const long = (bx - ax) ** 2 + (by - ay) ** 2;
    const along =
      long === 0 ? 0 : Math.min(1, Math.max(0, ((at[0] - ax) * (bx - ax) + (at[1] - ay) * (by - ay)) / long));
    const away = Math.hypot(at[0] - ax - along * (bx - ax), at[1] - ay - along * (by - ay));
    if (away < nearest) {
      nearest = away;
      after = i;
    }
  });
  return of.toSpliced(after + 1, 0, [tenth(at[0]), tenth(at[1])]);
}

/** Three places are the least. */
export function withoutPlace(of: Place[], index: number): Place[] {
  return of.length > 3 ? of.toSpliced(index, 1) : of;
}

export function pathOf(of: number[][], x: (mm: number) => number, y: (mm: number) => number): string {
  return of.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p[0]!).toFixed(2)} ${y(p[1]!).toFixed(2)}`).join('') + 'Z';
}
