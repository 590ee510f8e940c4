import { beforeEach, describe, expect, test } from '@jest/globals';
import { ownExercise, syllabusOf, unknownExercise } from '@kivex/core';
import { exerciseBench, exerciseMarks, unknownId } from './exercise-bench.js';
import { useScreenBench } from './screen-bench.js';

const exercise = ownExercise(syllabusOf('core'), 'cation', ['Cu2+', 'Cl-']);
const bench = () => useScreenBench.getState();
beforeEach(() => bench().start(exercise, 'Unknown 9'));

describe('the bench on screen, as its page holds it', () => {
  test('starts empty, at the flame where that is the first test, and without goggles', () => {
    expect(bench()).toMatchObject({ vessels: [], station: 'flame', goggles: false, slips: [], over: false });
  });
  test('keeps what was done and what it showed; the vessel one works at follows', () => {
    bench().act({ do: 'take', into: 'tube 1', mL: 1 });
    bench().act({ do: 'take', into: 'tube 2', mL: 1 });
    bench().act({ do: 'add', reagent: 'NaOH', to: 'tube 1', drops: 5 });
    expect(bench().chosen).toBe('tube 1');
    expect(bench().seen.at(-1)!.seen).toMatchObject({ precipitate: 'blue' });
    expect(bench().vessels.map((v) => v.vessel)).toEqual(['tube 1', 'tube 2']);
    bench().choose('tube 2');
    expect(bench().chosen).toBe('tube 2');
  });
  test('what cannot be done is a sentence, and nothing has changed', () => {
    bench().act({ do: 'take', into: 'tube 1', mL: 1 });
    const before = bench().actions;
    expect(bench().act({ do: 'add', reagent: 'water', to: 'tube 1', mL: 50 })).toBe(false);
    expect(bench().problem).toMatch(/^Tube 1 has room for 19\.0 cm3 more.*\.$/);
    expect(bench().actions).toBe(before);
    bench().act({ do: 'shake' });
    expect(bench().problem).toBeUndefined();
  });
  test('a bottle that is not what it says shows it, and is told only in looking back', () => {
    const anion = unknownExercise(syllabusOf('core'), 'anion', 1);
    const fault = {
      bottles: { HNO3: { holds: 'HCl' } },
      text: 'The bottle of nitric acid held hydrochloric acid.',
    };
    bench().start(anion, 'Unknown 1', fault);
    bench().act({ do: 'take', into: 'tube 1' });
    bench().act({ do: 'add', reagent: 'HNO3', mL: 2 });
    bench().act({ do: 'wait', seconds: 30 });
    bench().act({ do: 'add', reagent: 'AgNO3', drops: 5 });
    expect(bench().seen.at(-1)!.seen['precipitate']).not.toBe('none');
    expect(
      bench()
        .seen.map((s) => s.text)
        .join(' '),
    ).not.toMatch(/bottle/);
    expect(bench().slips.map((s) => s.code)).toContain('bottles-swapped');
  });
  test('a new unknown clears the bench', () => {
    bench().act({ do: 'take' });
    bench().finish();
    bench().start(exercise, 'Unknown 10');
    expect(bench()).toMatchObject({ vessels: [], actions: [], over: false, label: 'Unknown 10' });
  });
});

describe('what is logged of it', () => {
  const saw = {
    type: 'observation',
    sample: unknownId,
    test: 'naoh',
    variant: 'usual',
    seen: { precipitate: 'blue', excess: 'insoluble' },
  } as const;
  test('stands on a tile of its own and is marked as a lesson is, but for tests that were not run', async () => {
    await bench().log(saw);
    const evidence = bench().events.map((e) => e.id);
    await bench().log({ type: 'naming', sample: unknownId, answer: 'copper', evidence });
    const marks = exerciseMarks(exercise, bench().events);
    expect(marks.map((m) => [m.strand, m.test, m.points])).toEqual([
      ['observation', 'naoh', 1],
      ['observation', 'naoh', 1],
      ['conclusion', null, 1],
    ]);
  });
  test('the bench it is logged at says nothing of what the jar holds', () => {
    const shown = JSON.stringify(exerciseBench(exercise, 'Unknown 9', bench().events));
    expect(shown).not.toContain('"ions"');
    expect(shown).not.toMatch(/copper|chloride/i);
  });
});
