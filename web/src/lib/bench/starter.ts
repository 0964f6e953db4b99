import type { PackFile } from '../api/client';
import { newId } from './edit';

/** Where a new pack begins: a plain box of foam, to be changed at once. */
export function starter(name: string): PackFile {
  return {
    format: 'rampart-pack/5',
    name,
    item: {
      name,
      quantity: 1,
      sizeMm: { length: 240, width: 180, height: 150 },
      massKg: 3,
      fragility: { criticalAccelerationG: 85, basis: 'class', note: '' },
      features: []
    },
    journey: {
      name: 'Parcel network',
      drop: { basis: 'parcel-1a', sequence: 'ten', impacts: 'first' },
      vibration: { profile: 'parcel-road' },
      stack: { heightMm: 2400, days: 14, relativeHumidity: 0.7, pattern: 'misaligned' },
      temperatureC: { min: 5, max: 30 },
      hours: 72
    },
    layers: [
      {
        id: newId(),
        kind: 'cushion',
        material: 'pu-32',
        form: 'pads',
        thicknessMm: { all: 60 },
        bearingCm2: { all: 160 },
        padCount: { all: 1 }
      },
      { id: newId(), kind: 'box', style: '0201', board: 'c-32', slackMm: 3, stock: null }
    ]
  };
}
