import { expect, test } from 'vitest';
import { Pages } from './pages.svelte';

test('the way back is the marks that led there', () => {
  const pages = new Pages();
  expect([pages.after, pages.number, pages.isFirst, pages.isLast]).toEqual([undefined, 1, true, true]);
  pages.read('a');
  pages.forth();
  pages.read('b');
  pages.forth();
  pages.read(null);
  expect([pages.after, pages.number, pages.isFirst, pages.isLast]).toEqual(['b', 3, false, true]);
  pages.back();
  expect([pages.after, pages.number]).toEqual(['a', 2]);
  pages.first();
  expect([pages.after, pages.number]).toEqual([undefined, 1]);
});

test('pressed twice before the page came it goes on by one', () => {
  const pages = new Pages();
  pages.read('a');
  pages.forth();
  pages.forth();
  expect(pages.number).toBe(2);
  pages.back();
  pages.back();
  expect(pages.number).toBe(1);
});
