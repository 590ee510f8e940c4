/** What the present choices of a practical lead to, in sentences with what to do: for the panel beside the editor. */
import { discriminate, type Discrimination, type DiscriminateSample } from '../reasoning/discriminate.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import { standsForNone } from '../species/species.js';
import { aboutEverydayNames } from './everyday-names.js';
import { evidenceOf, warningText, type Evidence, type VisibilityWarning } from './evidence.js';
import { gasAdviceFor } from './gas-advice.js';
import { named, type PlanAdvice } from './plan-advice.js';
import { whyNotKept } from './kept-liquid.js';
import { portionsOf } from './portions.js';
import { safetyAdviceFor } from './safety-advice.js';
import { isBlank, syllabusFor, unknownsOf, type Practical, type PracticalSample } from './practical.js';

/** A sample with what its kept liquid, if there is one, shows in the tests that are not for the sample itself. */
function asSample({ samples }: Practical, { key, ions, form }: PracticalSample): DiscriminateSample {
  const kept = samples.find((s) => s.from?.sample === key);
  return { ions, form, ...(kept ? { left: kept.ions } : {}) };
}

/**
 * What `discriminate` says of a practical's unknowns with its tests, samples in the order of the practical. Tests on a
 * kept liquid need the test that leaves it.
 */
export function discriminationOf(practical: Practical): Discrimination {
  const unknowns = unknownsOf(practical);
  const found = discriminate(
    unknowns.map((s) => asSample(practical, s)),
    practical.tests.map((t) => t.test),
    Object.fromEntries(practical.tests.map((t) => [t.test, t.attributes])),
  );
  const { tests, minutes } = found.smallest;
  const onLiquid = tests.some((id) => !unknowns.some((s) => testOf(id).forms.includes(s.form)));
  const leaving = onLiquid ? practical.tests.filter((t) => t.keeps && !tests.includes(t.test)) : [];
  return {
    ...found,
    smallest: {
      tests: [...leaving.map((t) => t.test), ...tests],
      minutes: leaving.reduce(
        (sum, t) => sum + variantOf(testOf(t.test), t.variant).attendedMinutes,
        minutes,
      ),
    },
  };
}

/** Attended minutes one group spends at the tests, all samples together. */
export function attendedMinutes(practical: Practical): number {
  return practical.tests.reduce((sum, planned) => {
    const each = planned.minutes ?? variantOf(testOf(planned.test), planned.variant).attendedMinutes;
    return sum + Math.ceil(each * portionsOf(practical, planned));
  }, 0);
}

function aboutSamples(practical: Practical): PlanAdvice[] {
  const unknowns = unknownsOf(practical);
  const advice: PlanAdvice[] = [];
  if (!practical.tests.length)
    advice.push({
      key: 'no-tests',
      tone: 'stop',
      text: 'No test is chosen yet. Add the first one under Tests.',
    });
  if (!unknowns.length)
    advice.push({
      key: 'no-unknowns',
      tone: 'stop',
      text: 'There is nothing to name yet. Add unknowns under Samples.',
    });
  else if (unknowns.length < practical.unknownsPerGroup)
    advice.push({
      key: 'few',
      tone: 'stop',
      text: `Each group gets ${practical.unknownsPerGroup} unknowns and there are ${unknowns.length}: add some, or give each group fewer.`,
    });
  else if (unknowns.length < 2 * practical.unknownsPerGroup)
    advice.push({
      key: 'neighbours',
      tone: 'look',
      text: `With ${unknowns.length} unknowns at ${practical.unknownsPerGroup} a group, neighbours cannot all have different ones. ${2 * practical.unknownsPerGroup} or more are wanted.`,
    });
  for (const planned of practical.tests) {
    const text = planned.keeps ? whyNotKept(practical.samples, planned) : undefined;
    if (text) advice.push({ key: `keeps-${planned.test}`, tone: 'stop', text });
  }
  const usesSolutions = practical.samples.some((s) => s.form === 'solution' && !isBlank(s));
  if (usesSolutions && !practical.samples.some(isBlank))
    advice.push({
      key: 'blank',
      tone: 'tell',
      text: 'No blank: a tube of deionised water beside the others shows what the reagents do alone.',
      mend: { kind: 'add-blank' },
    });
  const { cations, anions, gases, metals } = syllabusFor(practical);
  const inSyllabus = new Set<string>([...cations, ...anions, ...gases, ...metals]);
  const asksFor = practical.asks;
  const strangers = unknowns.filter((s) =>
    s.ions.some(
      (id, i) =>
        !inSyllabus.has(id) &&
        !standsForNone(id) &&
        (asksFor === 'salt' || (asksFor === 'cation' ? i === 0 : asksFor === 'anion' ? i === 1 : i === 0)),
    ),
  );
  if (strangers.length && inSyllabus.size)
    advice.push({
      key: 'outside',
      tone: 'look',
      text: `${strangers.map(named).join(', ')}: what is asked is not in the syllabus, so students are not taught it.`,
    });
  const sets = new Map<string, PracticalSample[]>();
  for (const s of practical.samples) if (s.set) sets.set(s.set, [...(sets.get(s.set) ?? []), s]);
  for (const [set, members] of sets)
    if (members.length === 1)
      advice.push({
        key: `set-${set}`,
        tone: 'tell',
        text: `“${set}” has one sample only: a look-alike set wants at least two.`,
      });
    else
      advice.push({
        key: `set-${set}`,
        tone: 'tell',
        text: `“${set}”: ${members.map(named).join(', ')} look alike. Label them one at a time, and check each against its test before the lesson.`,
      });
  return advice;
}

/** Does the work fit the lesson, whatever the room? */
function aboutTime(practical: Practical): PlanAdvice[] {
  const there = practical.minutes - practical.setUp - practical.clearUp;
  const work = attendedMinutes(practical);
  if (!practical.tests.length || !unknownsOf(practical).length) return [];
  if (work > there)
    return [
      {
        key: 'too-long',
        tone: 'look',
        text: `One group alone needs ${work} attended minutes and the lesson leaves ${there}: ${work - there} over. Make it longer, give fewer unknowns, or run a test on unknowns only.`,
      },
    ];
  return [
    {
      key: 'time',
      tone: 'tell',
      text: `One group needs ${work} attended minutes of the ${there} between setting up and clearing up; the rota says whether the stations suffice.`,
    },
  ];
}

const pairText = (practical: Practical, [a, b]: readonly [number, number]): string => {
  const unknowns = unknownsOf(practical);
  return `${named(unknowns[a]!)} and ${named(unknowns[b]!)}`;
};

/** Do two samples differ in what students are asked to name? If not, alike is no harm. */
function sameAnswer({ asks }: Practical, a: PracticalSample, b: PracticalSample): boolean {
  const answer = (s: PracticalSample): string =>
    asks === 'cation' ? (s.ions[0] ?? '') : asks === 'anion' ? (s.ions[1] ?? '') : s.ions.join();
  return answer(a) === answer(b);
}

function aboutTelling(practical: Practical, found: Discrimination): PlanAdvice[] {
  const unknowns = unknownsOf(practical);
  if (unknowns.length < 2 || !practical.tests.length) return [];
  const matter = found.inseparable.filter(([a, b]) => !sameAnswer(practical, unknowns[a]!, unknowns[b]!));
  if (!matter.length)
    return [
      {
        key: 'apart',
        tone: 'go',
        text: 'Every unknown can be told from every other with these tests.',
      },
    ];
  const cheapest = found.add.find((add) =>
    add.separates.some((pair) => matter.some(([a, b]) => pair[0] === a && pair[1] === b)),
  );
  return [
    {
      key: 'alike',
      tone: 'look',
      text: `${matter
        .slice(0, 4)
        .map((pair) => pairText(practical, pair))
        .join('; ')}${matter.length > 4 ? `; and ${matter.length - 4} more pairs` : ''} stay alike.${
        cheapest
          ? ` ${testOf(cheapest.test).name} would part ${cheapest.separates.length === 1 ? 'a pair' : `${cheapest.separates.length} pairs`}.`
          : ' No test here parts them.'
      }`,
      ...(cheapest ? { mend: { kind: 'add-test', test: cheapest.test } as const } : {}),
    },
  ];
}

/** A variant of the method in which a warning does not come up for the sample, where there is one. */
function betterVariant(practical: Practical, warning: VisibilityWarning): string | undefined {
  const planned = practical.tests.find((t) => t.test === warning.test)!;
  const samples = practical.samples.filter((s) => s.key === warning.sample);
  return testOf(warning.test).variants.find(
    ({ id }) =>
      id !== planned.variant &&
      !evidenceOf({ samples, tests: [{ ...planned, variant: id }] }).some((e) => e.warnings.length),
  )?.id;
}

function aboutVisibility(practical: Practical, evidence: readonly Evidence[]): PlanAdvice[] {
  const byKey = new Map(practical.samples.map((s) => [s.key, s]));
  return evidence
    .flatMap((e) => e.warnings)
    .map((warning): PlanAdvice => {
      const better = betterVariant(practical, warning);
      return {
        key: `${warning.kind}-${warning.sample}-${warning.test}-${warning.attribute}`,
        tone: warning.partners?.slow ? 'tell' : 'look',
        text: warningText(warning, named(byKey.get(warning.sample)!)),
        ...(better ? { mend: { kind: 'variant', test: warning.test, variant: better } as const } : {}),
      };
    });
}

/** Everything the panel says of a practical, worst first. */
export function adviceFor(practical: Practical): readonly PlanAdvice[] {
  const order = { stop: 0, look: 1, go: 2, tell: 3 } as const;
  const telling =
    unknownsOf(practical).length > 1 && practical.tests.length
      ? aboutTelling(practical, discriminationOf(practical))
      : [];
  return [
    ...safetyAdviceFor(practical),
    ...gasAdviceFor(practical).map((advice): PlanAdvice => ({ ...advice, tone: 'look' })),
    ...aboutSamples(practical),
    ...aboutEverydayNames(practical),
    ...aboutTime(practical),
    ...telling,
    ...aboutVisibility(practical, evidenceOf(practical)),
  ].sort((a, b) => order[a.tone] - order[b.tone]);
}
