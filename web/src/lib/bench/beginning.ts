import type { Beginnings, Layer, PackFile } from '../api/client';

/** What a person has said of a new pack so far. */
export interface Answers {
  name: string;
  length?: number;
  width?: number;
  height?: number;
  massKg?: number;
  /** Id of a class of delicacy, or `test` for a test result. */
  delicacy: string;
  testG?: number;
  /** Id of a journey. */
  journey: string;
}

export const NOTHING_SAID: Answers = { name: '', delicacy: '', journey: 'parcel' };

/** The pack these answers describe, in a bare carton until a wall is found; null while an answer is missing. */
export function packOf(answers: Answers, beginnings: Beginnings, carton: Layer): PackFile | null {
  const { length, width, height, massKg } = answers;
  const delicacy = beginnings.delicacy.find((d) => d.id === answers.delicacy);
  const bears = answers.delicacy === 'test' ? answers.testG : delicacy?.fromG;
  const journey = beginnings.journeys.find((j) => j.id === answers.journey)?.journey;
  if (!length || !width || !height || !massKg || !bears || !journey) {
    return null;
  }
  const name = answers.name.trim() || 'New pack';
  return {
    format: 'rampart-pack/5',
    name,
    item: {
      name,
      quantity: 1,
      sizeMm: { length, width, height },
      massKg,
      fragility: {
        criticalAccelerationG: bears,
        basis: delicacy ? 'class' : 'test',
        note: delicacy ? delicacy.words : ''
      },
      features: []
    },
    journey,
    layers: [carton]
  };
}
