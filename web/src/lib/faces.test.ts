import { describe, expect, it } from 'vitest';
import type { Evaluation } from './api/client';
import { AROUND, dropOn, FACES, facesOf, type FaceWord, viewFor, VIEWS } from './faces';

const OPPOSITE: Record<FaceWord, FaceWord> = {
  top: 'bottom',
  bottom: 'top',
  left: 'right',
  right: 'left',
  front: 'back',
  back: 'front'
};

describe('views of a box', () => {
  it('show two pairs of opposite faces each, and every pair in two views', () => {
    for (const view of VIEWS) {
      const [left, right, top, bottom] = facesOf(view);
      expect(OPPOSITE[left!]).toBe(right);
      expect(OPPOSITE[top!]).toBe(bottom);
    }
    for (const face of FACES) {
      expect(VIEWS.filter((view) => facesOf(view).includes(face))).toHaveLength(2);
    }
  });

  it('stay as they are where the struck faces are seen, else the first that shows two of them', () => {
    expect(viewFor(['bottom'], 'side')).toBe('side');
    expect(viewFor(['left'], 'side')).toBe('front');
    expect(viewFor(['left', 'bottom'], 'above')).toBe('front');
    expect(viewFor(['front', 'left'], 'front')).toBe('above');
    expect(viewFor(['front', 'bottom', 'left'], 'side')).toBe('side');
  });

  it('go round all six faces in either order', () => {
    expect([...AROUND].sort()).toEqual([...FACES].sort());
  });
});

describe('the drop on faces', () => {
  const evaluation = {
    drops: [{ faces: ['bottom'] }, { faces: ['bottom', 'front'] }, { faces: ['right', 'bottom', 'front'] }]
  } as unknown as Evaluation;

  it('is the one on exactly these, in any order', () => {
    expect(dropOn(evaluation, ['front', 'bottom'])).toBe(evaluation.drops[1]);
    expect(dropOn(evaluation, ['bottom'])).toBe(evaluation.drops[0]);
    expect(dropOn(evaluation, ['front'])).toBeUndefined();
    expect(dropOn(evaluation, [])).toBeUndefined();
  });
});
