import { describe, expect, test } from '@jest/globals';
import { drawnTogether } from './drawn-together.js';
import { readIons } from './read-ions.js';

const drawn = (answer: string) => drawnTogether(answer).replace(/\s+/g, ' ').trim();

describe('charges drawn to the name they belong to', () => {
  test.each([
    ['iron (III)', 'iron#3'],
    ['iron three, the brown one', 'iron#3 , the brown one'],
    ['iron three maybe', 'iron#3 maybe'],
    ['copper two ions', 'copper#2 ions'],
    ['copper to', 'copper#2'],
    ['copper one :)', 'copper#1 :)'],
    ['Fe III', 'iron#3'],
    ['iron 2+ or 3+', 'iron#2 or iron#3'],
    ['iron but the 3+ one', 'iron#3 but the one'],
    ['iron, charge three plus', 'iron#3, charge'],
    ['iron with a 2 plus charge', 'iron#2 with a charge'],
    ['mg two plus', 'mg2+'],
    ['iron (111)', 'iron#3'],
    ['C u 2 +', 'Cu2+'],
    ['H2(g)', 'H2'],
    ['not iron, copper', 'not iron but copper'],
    ['sulfur trioxide', 'trioxide'],
    ['iron two plus', 'iron#2'],
    ['hydrogen carbonate', 'hydrogencarbonate'],
    ['CuSO4.5H2O', 'CuSO4'],
  ])('%s → %s', (written, as) => expect(drawn(written)).toBe(as));
  test.each(['iron two times', 'iron three minus', 'the copper one', 'copper to start with', 'iron'])(
    '"%s" has no charge in it',
    (written) => expect(drawn(written)).not.toContain('#'),
  );
});

describe('chat after a name is no part of it', () => {
  const ions = (answer: string) => readIons(answer).claims.flatMap((c) => c.ions);
  test.each(['iron three i think', 'iron three lol', 'Iron three haha', 'iron three :)'])('%s', (answer) =>
    expect(ions(answer)).toEqual(['Fe3+']),
  );
});
