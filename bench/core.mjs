// The core: marking, identification, prediction and their memory, each beside a baseline in the same run.
import { performance } from 'node:perf_hooks';
import { corpusLines } from '../packages/core/dist/marking/corpus/read-corpus.js';
import { mark } from '../packages/core/dist/marking/mark.js';
import { predict } from '../packages/core/dist/equilibrium/predict.js';
import { identify, posterior } from '../packages/core/dist/reasoning/identify.js';
import { mixUp, probabilityOfValue } from '../packages/core/dist/reasoning/likelihood.js';
import { expectationOf } from '../packages/core/dist/identification-tests/expectation.js';
import { attributeOf, testOf } from '../packages/core/dist/identification-tests/tests.js';
import { syllabusOf } from '../packages/core/dist/syllabus/syllabuses.js';

const middle = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];
/** Median milliseconds of one run after warming up. */
function time(run, { warm = 10, runs = 15 } = {}) {
  for (let i = 0; i < warm; i++) run();
  return middle(
    Array.from({ length: runs }, () => {
      const start = performance.now();
      run();
      return performance.now() - start;
    }),
  );
}
const figure = (name, value, aim) => console.log(`${name.padEnd(64)} ${value.padStart(14)}   aim ${aim}`);

/** A fixed amount of plain work, to set this machine's pace beside every figure. */
const pace = time(() => {
  const words = new Map();
  for (let i = 0; i < 200_000; i++) words.set(`w${i % 1000}`, i);
  return words.size;
});
console.log(`baseline: 200,000 map writes take ${pace.toFixed(1)} ms here`);

// 30 students x 40 answers: distinct texts, like answers in a class.
const corpus = corpusLines();
const script = Array.from({ length: 1200 }, (_, i) => {
  const line = corpus[(i * 7) % corpus.length];
  return { ...line, answer: i < corpus.length ? line.answer : `${line.answer} ` };
});
const marking = time(() => script.forEach((l) => mark(l.syllabus, l.item, l.answer)));
figure(
  'marking 30 students x 40 answers',
  `${marking.toFixed(1)} ms`,
  `50 ms (${(marking / pace).toFixed(1)} x the baseline)`,
);

// The same answers never seen before: nothing kept helps.
let unseen = 0;
const fresh = time(() => {
  unseen += 1;
  for (const l of script) mark(l.syllabus, l.item, `${l.answer}${' '.repeat(unseen)}`);
});
figure(
  'the same, each text never seen before',
  `${fresh.toFixed(1)} ms`,
  `none set (${(fresh / pace).toFixed(1)} x the baseline)`,
);

const senior = syllabusOf('senior');
const observations = [
  { test: 'flame', seen: { colour: 'none', throughBlueGlass: 'none' } },
  { test: 'naoh', seen: { precipitate: 'white', excess: 'dissolves' } },
  { test: 'ammonia-solution', seen: { precipitate: 'white', excess: 'insoluble' } },
  { test: 'naoh-warm', seen: { litmus: 'no-change' } },
  { test: 'dilute-acid', seen: { effervescence: 'none' } },
  { test: 'sulfate', seen: { precipitate: 'none' } },
  { test: 'halide-silver', seen: { precipitate: 'white' } },
  { test: 'nitrate-ring', seen: { ring: 'none' } },
  { test: 'appearance', seen: { colour: 'colourless' } },
  { test: 'carbonate-spot', seen: { precipitate: 'white' } },
  { test: 'sulfate-spot', seen: { precipitate: 'none' } },
  { test: 'phosphate-spot', seen: { precipitate: 'white' } },
];
const candidates = { cations: senior.cations, anions: senior.anions };
const identifying = time(() => identify(candidates, observations), { warm: 100, runs: 51 });
figure('identify: senior, 133 salts, 12 observations', `${identifying.toFixed(2)} ms`, '5 ms');

/**
 * Plain enumeration: for every salt, every joint choice of slips over all observations, the product of
 * their probabilities. Slips a sample cannot have count too, with chance 0, as a plain program would.
 */
function enumerate(salts, records) {
  const weights = salts.map((salt) => {
    const causes = records.map(({ test: id, seen }) => {
      const test = testOf(id);
      const shows = expectationOf(id, salt);
      const chance = (slip) =>
        slip.only && !slip.only.some((s) => salt.includes(s))
          ? 0
          : slip.prior * (salt.map((s) => slip.factorFor?.[s]).find((f) => f !== undefined) ?? 1);
      const spoken = Object.entries(seen).filter(([a, v]) => !attributeOf(test, a).neutral?.includes(v));
      const given = (slip) =>
        spoken.reduce((p, [a, v]) => {
          const attribute = attributeOf(test, a);
          const size = attribute.values.length - (attribute.neutral?.length ?? 0);
          const expected = slip?.shows[a] ?? shows[a]?.filter((x) => !attribute.neutral?.includes(x));
          return (
            p *
            (expected?.length
              ? probabilityOfValue(attribute, expected, v, test.carelessness)
              : expected
                ? test.carelessness / size
                : 1 / size)
          );
        }, 1);
      const slips = test.slips.map((slip) => (1 - mixUp) * chance(slip) * given(slip));
      const clean =
        (1 - mixUp) * (1 - test.slips.reduce((sum, slip) => sum + chance(slip), 0)) * given(undefined);
      const other =
        mixUp *
        spoken.reduce((p, [a]) => {
          const at = attributeOf(test, a);
          return p / (at.values.length - (at.neutral?.length ?? 0));
        }, 1);
      return [clean, other, ...slips];
    });
    let total = 0;
    const walk = (i, p) => {
      if (i === causes.length) total += p;
      else for (const cause of causes[i]) walk(i + 1, p * cause);
    };
    walk(0, 1);
    return total;
  });
  const all = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / all);
}
const salts = senior.cations.flatMap((c) => senior.anions.map((a) => [c, a]));
// Twelve observations have some forty million joint causes a salt; eight keep the enumeration within seconds.
const fewer = observations.slice(0, 8);
const start = performance.now();
const plain = enumerate(salts, fewer);
const enumerating = performance.now() - start;
const exact = time(() => posterior(salts, fewer), { warm: 100, runs: 51 });
const apart = Math.max(...posterior(salts, fewer).map((p, i) => Math.abs(p - plain[i])));
figure(
  'plain enumeration over all salts x slips, 8 observations',
  `${enumerating.toFixed(0)} ms`,
  'baseline',
);
figure('the same posterior', `${exact.toFixed(3)} ms`, `50 x faster: ${(enumerating / exact).toFixed(0)} x`);
figure('largest difference between the two', apart.toExponential(1), '1e-9');

const zinc = { ions: { 'Zn2+': 0.1, 'SO4^2-': 0.1 }, volume_mL: 1 };
const steps = [
  { add: 'NH3', molarity: 0.4, volume_mL: 0.15 },
  { add: 'NH3', molarity: 8, volume_mL: 2 },
];
const predicting = time(() => predict(zinc, steps), { warm: 500, runs: 201 });
figure(
  'predict: zinc sulfate, ammonia in two steps',
  `${predicting.toFixed(2)} ms`,
  'well below 1 ms a step',
);

await import('../packages/core/dist/index.js');
globalThis.gc?.();
figure(
  'heap with the whole core loaded and used',
  `${(process.memoryUsage().heapUsed / 1e6).toFixed(0)} MB`,
  '60 MB',
);

// Rehearsal: 500 runs of 12 groups x 6 tests, beside the bare queueing of as many happenings.
const { rehearse } = await import('../packages/core/dist/rehearsal/rehearse.js');
const { shippedPracticals } = await import('../packages/core/dist/practicals/shipped/shipped-practicals.js');
const sixTests = shippedPracticals.find((p) => p.tests.length === 6);
const rehearsed = time(
  () =>
    rehearse({
      practical: sixTests,
      groups: 12,
      places: { burner: 4, 'fume-cupboard': 2, 'hot-water-bath': 3 },
      runs: 500,
      seed: 1,
    }),
  { warm: 1, runs: 3 },
);
figure(
  'rehearsing 500 lessons of 12 groups x 6 tests',
  `${(rehearsed / 1000).toFixed(2)} s`,
  `5 s (${(rehearsed / pace).toFixed(0)} x the baseline)`,
);
