import type { Evaluation, PackFile } from './api/client';

/** The pack that was last on the bench, as the stores need it: to show what of a foam it can use. */
export interface Present {
  id: string;
  name: string;
  heightMm: number;
  limitG: number | null;
  /** Where its cushions stand: the foam, its thickness at the bottom, and the load at rest there. */
  cushions: { material: string; thicknessMm: number; kpa: number }[];
}

const KEPT = 'rampart-present';

export function remember(id: string, pack: PackFile, evaluation: Evaluation) {
  const present: Present = {
    id,
    name: pack.name,
    heightMm: evaluation.dropHeightMm,
    limitG: pack.item.fragility.criticalAccelerationG ?? null,
    cushions: evaluation.cushions.flatMap((laid) => {
      const layer = pack.layers[laid.layer];
      const kpa = laid.staticStressKpa.bottom;
      return layer?.kind === 'cushion' && kpa !== null
        ? [{ material: layer.material, thicknessMm: layer.thicknessMm.bottom ?? layer.thicknessMm.all ?? 0, kpa }]
        : [];
    })
  };
  sessionStorage.setItem(KEPT, JSON.stringify(present));
}

export function present(): Present | null {
  const kept = sessionStorage.getItem(KEPT);
  return kept ? (JSON.parse(kept) as Present) : null;
}
