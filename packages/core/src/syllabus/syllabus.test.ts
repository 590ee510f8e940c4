import { describe, expect, test } from '@jest/globals';
import { allColourTerms } from '../reading/colour-terms.js';
import { isAnionId, isCationId, isGasId, isMetalId } from '../species/species.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { attributeOf, testOf, variantOf } from '../identification-tests/tests.js';
import type { Wording } from './syllabus-definition.js';
import { allSyllabuses, earningTerms, syllabusOf } from './syllabuses.js';

const each = allSyllabuses.map((s) => [s.id, s] as const);
const terms: ReadonlySet<string> = new Set(allColourTerms);
const levels = ({ strict, standard = [], generous = [], borderline = [] }: Wording) => ({
  earning: [...strict, ...standard, ...generous],
  borderline,
});

describe.each(each)('the syllabus %s', (_, syllabus) => {
  test('names species of each kind, each once', () => {
    expect(syllabus.cations.every(isCationId)).toBe(true);
    expect(syllabus.anions.every(isAnionId)).toBe(true);
    expect(syllabus.gases.every(isGasId)).toBe(true);
    expect(syllabus.metals.every(isMetalId)).toBe(true);
    const all: string[] = [...syllabus.cations, ...syllabus.anions, ...syllabus.gases, ...syllabus.metals];
    expect(new Set(all).size).toBe(all.length);
  });
  test('its tests, variants and attributes exist', () => {
    for (const { test: id, variant, attributes } of syllabus.tests) {
      expect(variantOf(testOf(id), variant).id).toBe(variant);
      for (const attribute of attributes) expect(attributeOf(testOf(id), attribute).id).toBe(attribute);
    }
  });
  test('every ion it names shows itself in some test of it, but for one anion at most that is told by showing nothing', () => {
    const silent = [...syllabus.cations, ...syllabus.anions].filter(
      (ion) =>
        !syllabus.tests.some(({ test: id, variant, attributes }) => {
          const expectation = expectationOf(id, [ion], { variant });
          return attributes.some((a) => {
            const { nothing, neutral } = attributeOf(testOf(id), a);
            return (expectation[a] ?? []).some((v) => v !== nothing && !neutral?.includes(v));
          });
        }),
    );
    expect(silent.filter(isCationId)).toEqual([]);
    expect(silent.length).toBeLessThan(2);
  });
  test('its words are known colours, and no word both earns and goes to a person at one level', () => {
    const wordings = [
      ...Object.values(syllabus.wording).flatMap((t) => Object.values(t).flatMap((a) => Object.values(a))),
      ...Object.values(syllabus.values).flatMap((v) => Object.values(v)),
    ] as Wording[];
    for (const wording of wordings) {
      const { earning } = levels(wording);
      expect(new Set(earning).size).toBe(earning.length);
      for (const strictness of ['strict', 'standard', 'generous'] as const) {
        const { earns, borderline } = earningTerms(wording, strictness);
        expect([...borderline].filter((t) => earns.has(t))).toEqual([]);
      }
    }
    for (const byIon of Object.values(syllabus.wording['flame'] ?? {}))
      for (const wording of Object.values(byIon))
        for (const term of [...levels(wording).earning, ...levels(wording).borderline])
          expect([term, term === 'none' || terms.has(term)]).toEqual([term, true]);
  });
});

describe('how strict the reading is', () => {
  const wording: Wording = {
    strict: ['lilac'],
    standard: ['violet'],
    generous: ['purple'],
    borderline: ['pink'],
  };
  test.each<['strict' | 'standard' | 'generous', string[], string[]]>([
    ['strict', ['lilac'], []],
    ['standard', ['lilac', 'violet'], ['pink']],
    ['generous', ['lilac', 'violet', 'purple'], []],
  ])('%s', (strictness, earns, borderline) => {
    const got = earningTerms(wording, strictness);
    expect([[...got.earns], [...got.borderline]]).toEqual([earns, borderline]);
  });
  test('an unknown syllabus is told, with those there are', () =>
    expect(() => syllabusOf('x')).toThrow(/it knows gases, core, extended, families, senior/));
});
