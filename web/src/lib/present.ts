import type { Evaluation, PackFile } from './api/client';
import { side } from './bench/edit';
import { dropOn } from './faces';

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
  const bottom = dropOn(evaluation, ['bottom']);
  const present: Present = {
    id,
    name: pack.name,
    heightMm: evaluation.dropHeightMm,
    // What the server holds a flat fall on the bottom against: limits by face are its business.
    limitG: bottom?.blow.unit === 'G' ? bottom.blow.limit : null,
    cushions: evaluation.cushions.flatMap((laid) => {
      const layer = pack.layers[laid.layer];
      const kpa = laid.staticStressKpa.bottom;
      return layer?.kind === 'cushion' && kpa !== null
        ? [{ material: layer.material, thicknessMm: side(layer.thicknessMm, 'bottom'), kpa }]
        : [];
    })
  };
  sessionStorage.setItem(KEPT, JSON.stringify(present));
}

export function present(): Present | null {
  const kept = sessionStorage.getItem(KEPT);
  return kept ? (JSON.parse(kept) as Present) : null;
}
