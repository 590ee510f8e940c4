import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checkBody, isUuid7, longestWords } from './entry-rules.js';
import { isReadableBody } from './readable-event.js';

const id = '01a214e4-6c3f-767c-91fe-746bd13b689b';
const saw = { type: 'observation', sample: id, test: 'flame', variant: 'wire', seen: { colour: 'red' } };

describe('what a student may log', () => {
  test.each([
    saw,
    { ...saw, words: 'deep red', doubtful: true, corrects: id },
    { type: 'naming', sample: id, answer: 'lithium', evidence: [id] },
    { type: 'naming', sample: id, answer: 'lithium', evidence: [id], rulesOut: ['Na+'] },
    { type: 'call', reason: 'safety' },
    { type: 'step', test: 'flame', step: 3 },
    { type: 'hand-in' },
    { ...saw, weak: true, did: { acid: 'none' }, reagentWas: 'old', reagentNote: 'brown', drops: 3 },
    { ...saw, notDone: 'no-time', inferredFrom: id, read: false, photo: id },
    { ...saw, celsius: { before: 20.5, highest: 31 } },
    { type: 'call', reason: 'sign-off', test: 'flame', step: 2 },
    { type: 'equation', sample: id, test: 'sulfate', text: 'Ba2+ + SO4^2- -> BaSO4' },
    { type: 'timer', label: 'Ring', seconds: 60 },
    { type: 'timer-longer', timer: id, seconds: 30 },
    { type: 'timer-over', timer: id },
  ])('%j', (body) => expect(checkBody(body)).toEqual({ body }));
  test.each<[unknown, RegExp]>([
    [null, /has a body/],
    [[], /has a body/],
    [{}, /does not know this kind/],
    [{ type: 'constructor' }, /does not know this kind/],
    [{ type: 'call-answered', call: id }, /does not know this kind/],
    [{ ...saw, sample: 'x' }, /The sample/],
    [{ ...saw, seen: [] }, /results by name/],
    [{ ...saw, seen: { colour: { $gt: '' } } }, /results by name/],
    [
      { ...saw, seen: Object.fromEntries(Array.from({ length: 30 }, (_, i) => [`a${i}`, 'x'])) },
      /results by name/,
    ],
    [{ ...saw, words: 'x'.repeat(longestWords + 1) }, /at most 500 letters/],
    [{ ...saw, words: 7 }, /a text/],
    [{ ...saw, mark: 1 }, /mark does not belong/],
    [{ type: 'naming', sample: id, answer: 'x', evidence: Array(51).fill(id) }, /at most 50/],
    [{ type: 'naming', sample: id, answer: 'x', evidence: [], rulesOut: [7] }, /ruled out/],
    [{ type: 'step', test: 'flame', step: 1.5 }, /whole number/],
    [{ type: 'call', reason: 'tea' }, /what the call is for/],
    [{ ...saw, drops: 0 }, /whole number/],
    [{ ...saw, reagentWas: 'blue' }, /substitute, old or impure/],
    [{ ...saw, did: { acid: 7 } }, /answers by question/],
    [{ ...saw, celsius: { before: 20, highest: 900 } }, /both temperatures/],
    [{ ...saw, celsius: { before: 20, highest: 30, kelvin: 1 } }, /both temperatures/],
    [{ type: 'timer', label: 'Ring', seconds: 0 }, /whole number of seconds/],
    [{ type: 'timer', label: 'x'.repeat(50), seconds: 5 }, /few words/],
    [{ type: 'equation', sample: id, test: 'naoh', text: 'x'.repeat(501) }, /at most 500/],
    [{ type: 'signed-off', test: 'flame', good: true }, /does not know this kind/],
    [{ type: 'bench-open', open: false }, /does not know this kind/],
  ])('%j is told what is wrong', (body, why) => {
    const checked = checkBody(body);
    expect('detail' in checked && checked.detail).toMatch(why);
  });
  test('carries no hidden signs, and null is the same as left out', () => {
    expect(checkBody({ ...saw, words: '\u202Eder\u202C\u0000', corrects: null })).toEqual({
      body: { ...saw, words: 'der ' },
    });
  });
  test('never throws, and what is taken can be read back', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.anything(),
          fc.record({ type: fc.constantFrom('observation', 'naming', 'step', 'equation', 'timer', 'call') }),
        ),
        (x) => {
          const checked = checkBody(x);
          return 'detail' in checked || isReadableBody(checked.body);
        },
      ),
    );
  });
  test('an id is a UUIDv7', () => {
    expect([id, id.toUpperCase(), '018f0000-0000-4000-8000-000000000000', 'x', 7].map(isUuid7)).toEqual([
      true,
      true,
      false,
      false,
      false,
    ]);
  });
});
