/** What of a plan is unsafe or cannot be had: flames beside what burns, hands too young, methods and salts that do not go together. */
import { dissolvesTo } from '../equilibrium/dissolves.js';
import { saltFormula } from '../formulas/salt-ions.js';
import type { HazardBand } from '../hazards/hazard-band.js';
import { sampleHazard } from '../hazards/sample-hazard.js';
import { flammableLiquid } from '../hazards/statements.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import { whyNoSalt } from '../species/no-salt.js';
import { isDoneOn } from './evidence.js';
import { methodOf } from './method.js';
import { named, type PlanAdvice } from './plan-advice.js';
import { isBlank, molarityOf, syllabusFor, type PlannedTest, type Practical } from './practical.js';

/** Reagents of a planned test that catch fire as they are set out, by name. */
const flammableIn = (planned: PlannedTest): string[] => [
  ...new Set(
    methodOf(planned)
      .steps.flatMap((step) => step.uses)
      .filter(({ hazard }) => hazard.statements.some((code) => flammableLiquid.includes(code)))
      .map(({ name }) => name),
  ),
];

/** No flame burns in a room where a flammable liquid is out: the two are never one lesson. */
export function aboutFire(practical: Practical): PlanAdvice[] {
  const burning = practical.tests.filter((t) => methodOf(t).stations.includes('burner'));
  const catching = practical.tests.filter((t) => flammableIn(t).length > 0);
  if (!burning.length || !catching.length) return [];
  const names = (tests: Practical['tests']) => tests.map((t) => `“${testOf(t.test).name}”`).join(', ');
  const liquids = [...new Set(catching.flatMap(flammableIn))].join(' and ');
  return [
    {
      key: 'flame-and-flammable',
      tone: 'stop',
      text: `${names(catching)} sets out ${liquids}, which catches fire easily, and ${names(burning)} lights burners: never in one lesson. Make two practicals of it, the ${liquids} locked away before a burner is lit.`,
    },
  ];
}

/** The youngest age a syllabus is for, from its "14–16"; undefined where it says none. */
const youngest = (practical: Practical): number | undefined => {
  const age = /\d+/.exec(syllabusFor(practical).ages)?.[0];
  return age === undefined ? undefined : Number(age);
};
const toneOfHands = (hands: HazardBand['hands'], age: number | undefined): 'stop' | 'look' | undefined =>
  hands === 'staff' ? 'stop' : hands !== undefined && age !== undefined && age < hands ? 'look' : undefined;
const handsText = (hands: HazardBand['hands']): string =>
  hands === 'staff'
    ? 'the usual school lists leave it in staff’s hands'
    : `the usual school lists leave it in hands of ${hands} and older`;

/** Samples and reagents in hands too young for them, by the usual school lists. */
function aboutHands(practical: Practical): PlanAdvice[] {
  const age = youngest(practical);
  const led = practical.tests.length > 0 && practical.tests.every((t) => t.ledBy === 'teacher');
  const samples = led
    ? []
    : practical.samples.flatMap((sample): PlanAdvice[] => {
        if (isBlank(sample)) return [];
        const { hands, words } = sampleHazard(sample.ions, sample.form, molarityOf(sample));
        const tone = toneOfHands(hands, age);
        // A tube of gas is handed out stoppered; that it is made by staff stands in its recipe.
        if (!tone || sample.form === 'gas') return [];
        return [
          {
            key: `hands-${sample.key}`,
            tone,
            text: `${named(sample)}${sample.form === 'solid' ? ', as a solid' : ''}: ${handsText(hands)}. ${words} ${
              sample.form === 'solid'
                ? 'Give it as a dilute solution, or choose another.'
                : 'Choose another, or lead the test yourself.'
            }`,
          },
        ];
      });
  const reagents = practical.tests.flatMap((planned) =>
    methodOf(planned).steps.flatMap((step) =>
      step.teacherOnly || step.teacherFirst
        ? []
        : step.uses.flatMap(({ reagent, name, hazard }): PlanAdvice[] => {
            const tone = toneOfHands(hazard.hands, age);
            return tone
              ? [
                  {
                    key: `hands-${planned.test}-${reagent}`,
                    tone,
                    text: `${name} in “${testOf(planned.test).name}”: ${handsText(hazard.hands)}. Make the step “teacher only”, or weaken it.`,
                  },
                ]
              : [];
          }),
    ),
  );
  return [...samples, ...reagents];
}

/** Tests that are usually set for older students than the syllabus is for. */
function aboutAges(practical: Practical): PlanAdvice[] {
  const age = youngest(practical);
  return practical.tests.flatMap((planned): PlanAdvice[] => {
    const { name, fromAge } = testOf(planned.test);
    return age !== undefined && age < fromAge && planned.ledBy !== 'teacher'
      ? [
          {
            key: `age-${planned.test}`,
            tone: 'look',
            text: `“${name}” is usually set from ${fromAge} years, and this syllabus is for ${syllabusFor(practical).ages}. Run it yourself for all to see, or leave it out.`,
          },
        ]
      : [];
  });
}

/** Of a salt, this share at least must be in solution for a bottle of it to be one. */
const dissolvedWell = 0.98;

/** Salts nobody can have, and solutions nobody can make. */
const aboutSalts = ({ samples }: Practical): PlanAdvice[] =>
  samples.flatMap((sample): PlanAdvice[] => {
    if (sample.form === 'gas' || sample.form === 'metal' || sample.ions.length < 2) return [];
    const why = whyNoSalt(sample.ions);
    if (why)
      return [
        {
          key: `no-salt-${sample.key}`,
          tone: 'stop',
          text: `${named(sample)} cannot be had: ${why}. Choose another salt.`,
        },
      ];
    const molarity = molarityOf(sample);
    const formula = saltFormula(sample.ions);
    const share = molarity === null ? undefined : dissolvesTo(formula, molarity);
    return share !== undefined && share < dissolvedWell
      ? [
          {
            key: `undissolved-${sample.key}`,
            tone: 'stop',
            text: `${named(sample)} at ${molarity} mol/dm³: only ${Math.floor(share * 100)} % of it dissolves. Give it as a solid, weaker, or choose another salt of the ion.`,
          },
        ]
      : [];
  });

/** Samples that a method is not for, whatever the result: toxic salts in a flame, nitrates in dry wood. */
const aboutMethods = (practical: Practical): PlanAdvice[] =>
  practical.tests.flatMap((planned) => {
    const test = testOf(planned.test);
    const variant = variantOf(test, planned.variant);
    const strange = variant.forms
      ? practical.samples.filter((s) => isDoneOn(planned, s) && !variant.forms!.includes(s.form))
      : [];
    const forms: PlanAdvice[] = strange.length
      ? [
          {
            key: `form-${planned.test}`,
            tone: 'look',
            text: `${[...new Set(strange.map(named))].join(', ')}: “${test.name}” by ${variant.name.toLowerCase()} wants a ${variant.forms!.join(' or ')}. Give them so, or choose another way.`,
          },
        ]
      : [];
    const refusals = [...(test.refuses ?? []), ...(variant.refuses ?? [])];
    const refused = refusals.flatMap(({ statements, why }): PlanAdvice[] => {
      const concerned = practical.samples.filter(
        (s) =>
          isDoneOn(planned, s) &&
          sampleHazard(s.ions, 'solid', null).statements.some((code) =>
            statements.some((s) => code.startsWith(s)),
          ),
      );
      return concerned.length
        ? [
            {
              key: `not-for-${planned.test}-${statements.join('-')}`,
              tone: planned.ledBy === 'teacher' ? 'look' : 'stop',
              text: `${[...new Set(concerned.map(named))].join(', ')} in “${test.name}”: ${why}`,
            },
          ]
        : [];
    });
    return [...forms, ...refused];
  });

/** Everything about safety and what can be had, in no order. */
export const safetyAdviceFor = (practical: Practical): readonly PlanAdvice[] => [
  ...aboutFire(practical),
  ...aboutMethods(practical),
  ...aboutHands(practical),
  ...aboutAges(practical),
  ...aboutSalts(practical),
];

/** What keeps a practical from being a lesson at all: flames beside what burns, what is for staff alone, what cannot be had. */
export const safetyStops = (practical: Practical): readonly PlanAdvice[] =>
  safetyAdviceFor(practical).filter((advice) => advice.tone === 'stop');
