import { describe, expect, test } from '@jest/globals';
import { explanationsOf, type Proposition } from './propositions.js';

const said = (answer: string): readonly Proposition[] => explanationsOf(answer)[0]!.propositions;
const one = (answer: string, act: Proposition['act']) => said(answer).find((p) => p.act === act);

describe('who does what to what', () => {
  test('the subject stands before, the object after', () =>
    expect(one('the glass absorbs the yellow', 'block')).toMatchObject({
      object: ['yellow'],
      denied: false,
    }));
  test('in the passive what is acted on stands first', () =>
    expect(one('carbonates are removed by the acid', 'remove')).toMatchObject({
      subject: ['acid'],
      object: ['carbonate'],
    }));
  test('iron(III) made from iron(II), and the other way round', () => {
    expect(one('iron(II) is oxidised to iron(III)', 'oxidise')?.object).toContain('iron2');
    expect(one('iron(III) is oxidised to iron(II)', 'oxidise')?.object).toContain('iron3');
  });
  test('what is denied is told', () =>
    expect(one('it does not react with carbonate', 'react')?.denied).toBe(true));
  test('what a step is for is told from why it is done', () => {
    expect(one('so the carbonate can form a ppt', 'form')?.purpose).toBe(true);
    expect(one('because carbonate forms a ppt', 'form')?.purpose).toBe(false);
  });
  test('what would happen otherwise is told', () =>
    expect(one('otherwise carbonate would form a ppt', 'form')?.otherwise).toBe(true));
  test('a precipitate is a thing; that carbonates precipitate is what they do', () => {
    const acts = (text: string) =>
      explanationsOf(text)[0]!.propositions.map((p) => [p.act, p.subject, p.object]);
    expect(acts('so the silver carbonate precipitates')).toEqual([
      ['form', expect.arrayContaining(['carbonate']), []],
    ]);
    expect(acts('so the carbonate precipitates with the silver')[0]![0]).toBe('form');
    expect(acts('it forms a carbonate precipitate')).toEqual([
      ['form', expect.anything(), expect.arrayContaining(['precipitate'])],
    ]);
  });
  test('words nothing explains are counted', () => {
    expect(explanationsOf('it removes the zzqxv')[0]!.unknown).toBeGreaterThan(0);
    expect(explanationsOf('it removes carbonate')[0]!.unknown).toBe(0);
  });
  test('an empty answer says nothing', () =>
    expect(explanationsOf('')[0]).toMatchObject({ blank: true, propositions: [] }));
});
