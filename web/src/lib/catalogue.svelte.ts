import { api, call, type Catalogue, type Layer, type Stores } from './api/client';

/** The materials a pack may name, loaded once. */
class Materials {
  all = $state.raw<Catalogue>({ foams: [], boards: [], wraps: [] });

  /** What lies in the stores, as it was last read. */
  stock = $state.raw<Stores>({ cartons: [], sheets: [] });

  async loadStock() {
    const { data } = await call(api.GET('/api/stores'));
    if (data) {
      this.stock = data;
    }
  }

  /** Thicknesses in which a foam lies in the store, thinnest first, mm. */
  sheetsOf(foam: string): number[] {
    return this.stock.sheets.filter((s) => s.foam === foam).map((s) => s.thicknessMm);
  }

  async load() {
    void this.loadStock();
    if (this.all.foams.length === 0) {
      const { data } = await call(api.GET('/api/catalogue'));
      if (data) {
        this.all = data;
      }
    }
  }

  name(id: string): string {
    const found =
      this.all.foams.find((f) => f.id === id) ??
      this.all.boards.find((b) => b.id === id) ??
      this.all.wraps.find((w) => w.id === id);
    return found?.name ?? id;
  }
}

export const materials = new Materials();

export function materialOf(layer: Layer): string {
  return layer.kind === 'box' ? layer.board : layer.material;
}

const hatches: [RegExp, string][] = [
  [/^pe-|^xpe-/, 'dots'],
  [/^pp-/, 'chevron'],
  [/^eps-/, 'beads'],
  [/^pu-/, 'grain'],
  [/^fip-/, 'wave'],
  [/^bubble/, 'rings'],
  [/^air-/, 'cells'],
  [/^(tissue|foam-sheet|film)$/, 'sheet']
];

/** The hatch of a material; boards are all drawn alike. */
export function hatchOf(material: string): string {
  return `hatch-${hatches.find(([pattern]) => pattern.test(material))?.[1] ?? 'flute'}`;
}
