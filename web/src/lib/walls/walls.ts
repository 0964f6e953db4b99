import type { Proposal } from '../api/client';
import { length, mass, money, said, shown, sizeText } from '../units';

/** A measure by which proposed walls differ. */
export interface Measure {
  key: 'size' | 'longest' | 'girth' | 'mass' | 'cost' | 'margin' | 'layers' | 'pieces' | 'cuts' | 'minutes';
  name: string;
  /** Better where it is more. */
  more: boolean;
  of: (wall: Proposal) => number | null;
  text: (wall: Proposal) => string;
  tick: (value: number) => string;
}

export const MEASURES: Measure[] = [
  {
    key: 'size',
    name: 'outside volume',
    more: false,
    of: (wall) => wall.figures.volumeL,
    text: (wall) => `${said('volume', wall.figures.volumeL)}, ${sizeText(wall.figures.outsideMm)}`,
    tick: (value) => said('volume', value)
  },
  {
    key: 'longest',
    name: 'longest edge',
    more: false,
    of: (wall) => wall.figures.longestMm,
    text: (wall) => length(wall.figures.longestMm, 0),
    tick: (value) => length(value, 0)
  },
  {
    key: 'girth',
    name: 'length and girth',
    more: false,
    of: (wall) => wall.figures.lengthAndGirthMm,
    text: (wall) => length(wall.figures.lengthAndGirthMm, 0),
    tick: (value) => length(value, 0)
  },
  {
    key: 'mass',
    name: 'gross mass',
    more: false,
    of: (wall) => wall.figures.grossMassKg,
    text: (wall) => mass(wall.figures.grossMassKg),
    tick: (value) => mass(value, 2)
  },
  {
    key: 'cost',
    name: 'cost of material',
    more: false,
    of: (wall) => wall.cost,
    text: (wall) => (wall.cost === null ? 'not known' : money(wall.cost)),
    tick: (value) => shown(value, 2)
  },
  {
    key: 'margin',
    name: 'least margin, %',
    more: true,
    of: (wall) => wall.margin * 100,
    text: (wall) => `${shown(wall.margin * 100, 0)} %`,
    tick: (value) => shown(value, 0)
  },
  counted('layers', 'layers', (wall) => wall.figures.layers),
  counted('pieces', 'pieces', (wall) => wall.figures.pieces),
  counted('cuts', 'cuts', (wall) => wall.figures.cuts),
  counted('minutes', 'minutes, about', (wall) => wall.figures.minutes)
];

/** A count of which less is better. */
function counted(key: Measure['key'], name: string, of: (wall: Proposal) => number): Measure {
  return { key, name, more: false, of, text: (wall) => shown(of(wall), 0), tick: (value) => shown(value, 0) };
}

/** The parts of a wall in a packer's words, from the item outward. */
export function wallInWords(wall: Proposal, name: (id: string) => string, stock: (id: string) => string): string[] {
  const layers = wall.pack.layers;
  return layers.map((layer, index) => {
    if (layer.kind === 'wrap') {
      return name(layer.material);
    }
    if (layer.kind === 'box') {
      const outer = index === layers.length - 1;
      return outer ? `in ${wall.stock ? stock(wall.stock) : `a carton of ${name(layer.board)}`}` : 'an inner box';
    }
    if (layer.kind === 'boards') {
      return `between boards of ${name(layer.board)}`;
    }
    const t = layer.thicknessMm;
    const sides = [...new Set([t.all, t.left, t.right, t.front, t.back, t.top, t.bottom].filter((v) => v))] as number[];
    const thick =
      sides.length === 1
        ? length(sides[0]!, 0)
        : `${length(Math.min(...sides), 0)} to ${length(Math.max(...sides), 0)}`;
    return `${thick} of ${name(layer.material)}${layer.form === 'pads' ? ' in pads' : layer.form === 'corners' ? ' in corner blocks' : ''}`;
  });
}
