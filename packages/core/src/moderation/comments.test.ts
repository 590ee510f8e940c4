import { describe, expect, test } from '@jest/globals';
import { filledComment, readyComments } from './comments.js';

describe('a comment', () => {
  test.each([
    ['You wrote “{answer}”.', 'dirty  green\n', 'You wrote “dirty green”.'],
    ['You wrote “{answer}”.', '', 'You wrote “nothing”.'],
    ['{answer}? {answer}!', 'a', 'a? a!'],
    ['  no place for it ', 'x', 'no place for it'],
    ['{answer}', '{answer}', '{answer}'],
  ])('%j of %j is %j', (comment, answer, filled) => {
    expect(filledComment(comment, answer)).toBe(filled);
  });
  test('has room for so much of an answer, and no more letters than are kept', () => {
    expect(filledComment('“{answer}”', 'x'.repeat(300))).toBe(`“${'x'.repeat(79)}…”`);
    expect(filledComment('{answer}'.repeat(50), 'y'.repeat(80))).toHaveLength(500);
  });
});

describe('ready-made comments', () => {
  const seen = { strand: 'observation', attribute: 'precipitate', seen: ['white'] } as const;
  test.each([
    [
      'clear for colourless',
      { ...seen, attribute: 'excessColour', seen: ['colourless'], answer: 'goes clear' },
      /“Clear” tells nothing/,
    ],
    ['a precipitate not named', { ...seen, answer: 'white' }, /say that a solid falls out/],
    [
      'an excess not told',
      { ...seen, attribute: 'excess', answer: 'white stuff' },
      /Say what happens in excess/,
    ],
    [
      'purple for lilac',
      { ...seen, attribute: 'colour', seen: ['lilac'], answer: 'purple' },
      /potassium’s flame is lilac/,
    ],
    ['what was to be seen', { ...seen, answer: 'white ppt' }, /to be seen: white\.$/],
    ['a name', { ...seen, strand: 'conclusion', seen: [], answer: 'zinc' }, /You named “\{answer\}”/],
    [
      'an equation',
      { ...seen, strand: 'equation', seen: [], answer: 'Ag+ + Cl-' },
      /formulas, charges and balance/,
    ],
  ] as const)('%s', (_, of, first) => {
    expect(readyComments(of)[0]).toMatch(first);
  });
  test('say nothing that is not so: a precipitate that was named, an excess that was told', () => {
    expect(readyComments({ ...seen, answer: 'white ppt' })).toHaveLength(1);
    expect(readyComments({ ...seen, attribute: 'excess', answer: 'dissolves' })).toHaveLength(1);
    expect(readyComments({ ...seen, attribute: 'precipitate', answer: '' })).toHaveLength(1);
  });
});
