import { api, call, type Catalogue, type Layer, type OwnMaterial, type PackFile, type Stores } from './api/client';

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

  /** Materials of the house, as they were last read. */
  own = $state.raw<OwnMaterial[]>([]);
  /** Materials that the pack on the bench brings; they may be older than those of the house, or of another house. */
  brought = $state.raw<NonNullable<PackFile['materials']>>({});

  async load() {
    void this.loadStock();
    if (this.all.foams.length === 0) {
      await this.reload();
    }
  }

  /** Reads the catalogue and the house's own materials anew. */
  async reload() {
    const [catalogue, own] = await Promise.all([
      call(api.GET('/api/catalogue')),
      call(api.GET('/api/stores/materials'))
    ]);
    this.all = catalogue.data ?? this.all;
    this.own = (own.data as OwnMaterial[] | undefined) ?? this.own;
  }

  /** Ids and names of what a layer may be made of: the catalogue's, and what the pack brings besides. */
  choices(list: 'foams' | 'boards' | 'wraps'): { value: string; text: string }[] {
    const known = this.all[list].map((m) => ({ value: m.id, text: m.name }));
    const others = (this.brought[list] ?? []).filter((m) => !known.some((k) => k.value === m.id));
    return [...known, ...others.map((m) => ({ value: m.id, text: m.name }))];
  }

  name(id: string): string {
    const found =
      this.all.foams.find((f) => f.id === id) ??
      this.all.boards.find((b) => b.id === id) ??
      this.all.wraps.find((w) => w.id === id) ??
      [...(this.brought.foams ?? []), ...(this.brought.boards ?? []), ...(this.brought.wraps ?? [])].find(
        (m) => m.id === id
      );
    return found?.name ?? id;
  }
}

export const materials = new Materials();

/** Of a layer that a drawing still shows and the pack has no more: nothing. */
export function materialOf(layer: Layer | undefined): string {
  if (layer === undefined) {
    return '';
  }
  return 'board' in layer ? layer.board : layer.material;
}

/** The hatch of a material, as the catalogue says; boards are all drawn alike, foams that only a file brings as plain foam. */
export function hatchOf(material: string): string {
  const is = (m: { id: string }) => m.id === material;
  const foam = materials.all.foams.find(is);
  const wrap = materials.all.wraps.find(is) ?? materials.brought.wraps?.find(is);
  const brought = materials.brought.foams?.find(is);
  return `hatch-${foam?.hatch ?? (brought ? 'grain' : wrap ? 'sheet' : 'flute')}`;
}
