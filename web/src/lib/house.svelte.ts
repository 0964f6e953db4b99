import { untrack } from 'svelte';
import { api, call, type HouseWays, type Problem, speakIn } from './api/client';

/** How the house shows lengths, masses and numbers. What is stored is always in mm and kg. */
class House {
  ways = $state.raw<HouseWays>({ lengthUnit: 'mm', massUnit: 'kg', numbers: 'point', currency: 'EUR' });

  async load() {
    const { data } = await call(api.GET('/api/house'));
    if (data) {
      this.ways = data;
    }
  }

  async set(ways: HouseWays): Promise<Problem | null> {
    const { data, problem } = await call(api.PUT('/api/house', { body: ways }));
    if (data) {
      this.ways = data;
    }
    return problem ?? null;
  }
}

export const house = new House();
// Asking must not make an effect depend on the ways: setting them would make it ask again.
speakIn(() => untrack(() => house.ways));
