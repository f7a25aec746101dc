import { expect, it } from 'vitest';
import { titled, waits } from './title';

it('the window says which view it is, and how much waits to be heard', () => {
  document.head.innerHTML = '<link rel="icon" href="/icon.svg">';
  const icon = () => document.querySelector('link[rel="icon"]')?.getAttribute('href');
  titled('Bench · Weir Knives');
  expect(document.title).toBe('Bench · Weir Knives');
  waits(2);
  titled('Fire · Weir Knives');
  expect([document.title, icon()]).toEqual(['(2) Fire · Weir Knives', '/icon-calls.svg']);
  waits(0);
  expect([document.title, icon()]).toEqual(['Fire · Weir Knives', '/icon.svg']);
});
