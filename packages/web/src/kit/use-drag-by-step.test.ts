import { expect, test } from '@jest/globals';
import { stepTo } from './use-drag-by-step.js';

const at = { x: 10, y: 20 };
test.each([
  ['ArrowLeft', { x: -150, y: 20 }],
  ['ArrowRight', { x: 170, y: 20 }],
  ['ArrowUp', { x: 10, y: -90 }],
  ['ArrowDown', { x: 10, y: 130 }],
  ['Enter', undefined],
])('%s moves by one place of the drawing', (code, to) =>
  expect(stepTo(code, at, { x: 160, y: 110 })).toEqual(to),
);
test('on a line nothing moves up or down', () => {
  expect(stepTo('ArrowDown', at, { x: 7, y: 0 })).toBeUndefined();
  expect(stepTo('ArrowRight', at, { x: 7, y: 0 })).toEqual({ x: 17, y: 20 });
});
