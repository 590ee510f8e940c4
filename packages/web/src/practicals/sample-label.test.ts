import { expect, test } from '@jest/globals';
import { shippedPracticals } from '@kivex/core';
import { labelIn } from './sample-label.js';

test('samples are called what their bottles will say, unknowns by number, liquids by what they come from', () => {
  const metals = shippedPracticals.find((p) => /ion in the liquid/.test(p.title))!;
  const called = (key: string) =>
    labelIn(
      metals,
      metals.samples.find((s) => s.key === key)!,
    );
  expect(['known-zinc', 'jar-b', 'known-zinc-liquid', 'jar-b-liquid'].map(called)).toEqual([
    'zinc',
    'Unknown 2',
    'Liquid from zinc',
    'Liquid from Unknown 2',
  ]);
});
