/** Marks how a gas is tested for: a point for the test, a point for its positive result. */
import { has, type Claims } from '../reading/claims.js';
import { readDecolourised, readIndicatorColour, readLitmus } from '../reading/claims-colour.js';
import { readFumes, readLimewater } from '../reading/claims-gas.js';
import { changeIn } from '../reading/colour-change.js';
import type { TextReading } from '../reading/read-text.js';
import { speciesName } from '../species/species.js';
import { leniencyOf } from '../syllabus/leniency.js';
import { ownAnswerIn, type OwnAnswer } from '../syllabus/own-answers.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import { gasTestRules, type GasTestRule, type Need } from '../syllabus/gas-test-rules.js';
import type { GasTestItem } from './mark-item.js';
import { acrossReadings } from './competing.js';
import { hasStrangeWords } from './doubt.js';
import { onePoint, together, type Mark } from './mark-result.js';
import { saysNothing } from './says-nothing.js';

const asked = { narrow: true, hasExcess: false };
const colourReaders = {
  litmus: readLitmus,
  decolourised: readDecolourised,
  indicator: readIndicatorColour,
  fumes: readFumes,
  limewater: readLimewater,
};

const meets = (reading: TextReading, { all = [], oneOf = [], not = [] }: Need): boolean =>
  all.every((c) => has(reading, c)) &&
  oneOf.every((list) => list.some((c) => has(reading, c))) &&
  !not.some((c) => has(reading, c));

/** The colour a paper or solution begins with, where the answer says. */
function startOf(reading: TextReading): string | undefined {
  const change = changeIn(reading);
  if (change.from)
    return /blue/.test(change.from) ? 'blue' : /red|pink/.test(change.from) ? 'red' : change.from;
  const litmus = reading.mentions.find((m) => m.kind === 'litmus');
  const before =
    litmus &&
    reading.mentions.find(
      (m) => m.kind === 'colour' && m.at < litmus.at && litmus.at - m.at <= 3 && m.clause === litmus.clause,
    );
  return before?.colour === 'blue' || before?.colour === 'red' ? before.colour : undefined;
}

function resultOf(rule: GasTestRule, reading: TextReading): boolean {
  if (!meets(reading, rule.result)) return false;
  if (!rule.ends) return true;
  const read: Claims = colourReaders[rule.ends.reader](reading, asked);
  const last = read.claims.at(-1);
  return (
    last !== undefined &&
    rule.ends.in.includes(last.term) &&
    read.claims.every(
      (c) =>
        rule.ends!.in.includes(c.term) ||
        c === last ||
        c.joined === 'then' ||
        c.joined === 'start' ||
        c.joined === 'and',
    )
  );
}

/** Results that cannot all be seen ("pops and relights") earn nothing; setting light to the gas is no result. */
function clashes(reading: TextReading): boolean {
  const relights = reading.mentions.some(
    (m) => m.kind === 'relight' && !m.denied && !/^(ignite|light|lit|set)/.test(reading.words[m.at] ?? ''),
  );
  const [pops, out] = [has(reading, 'pop'), has(reading, 'out')];
  return (pops && relights) || (relights && out && !has(reading, 'glowing'));
}

function markRule(
  rule: GasTestRule,
  reading: TextReading,
): { test: boolean; result: boolean; clash: boolean; open: boolean; about: boolean; fault: string } {
  const start = startOf(reading);
  const wrongStart = start !== undefined && (rule.startsNot?.includes(start) ?? false);
  const about = rule.about.some((c) => has(reading, c));
  return {
    test: meets(reading, rule.test) && !wrongStart,
    result: resultOf(rule, reading) && !clashes(reading),
    clash: resultOf(rule, reading) && clashes(reading) && !reading.clauses.some((c) => c.joined === 'or'),
    about,
    open:
      rule.starts !== undefined &&
      start === undefined &&
      !reading.mentions.some((m) => m.kind === 'colour' && m.colour === rule.starts),
    fault: rule.testFault,
  };
}

/** Marks the test of a gas (two points). @throws RangeError for a gas without a test. */
export function markGasTest(syllabus: Syllabus, item: GasTestItem, answer: string): Mark {
  const rules = gasTestRules[item.gas];
  if (!rules.length) throw new RangeError(`${speciesName(item.gas)} has no test of its own`);
  const nothing = saysNothing(answer);
  if (nothing) return { points: 0, max: 2, verdict: 'none', why: [nothing] };
  return acrossReadings(answer, (reading) => markReading(syllabus, item, rules, reading, answer));
}

/** "It floats", "smells of eggs", "it boils at 100": what the gas is like, where a test of it is asked for. */
const tellsAProperty = (reading: TextReading): boolean =>
  reading.words.some((w) =>
    /^(?:float\w*|smell\w*|smelt|stink\w*|boil\w*|kettle|heavier|lighter|plants?|breathe\w*|sink\w*)$/.test(
      w,
    ),
  );

function markReading(
  syllabus: Syllabus,
  item: GasTestItem,
  rules: readonly GasTestRule[],
  reading: TextReading,
  answer: string,
): Mark {
  const none = (code: string, text: string): Mark =>
    together([onePoint(0, code, text), onePoint(0, code, text)]);
  const strictChlorine = item.gas === 'Cl2' && syllabus.settings.chlorineResult === 'red-then-bleached';
  const marked = rules.map((rule) => ({ rule, ...markRule(rule, reading) }));
  const best = marked.sort(
    (a, b) => Number(b.test) + Number(b.result) - Number(a.test) - Number(a.result),
  )[0]!;
  // A result without a word of its test still earns its point, unless it is said of something else altogether.
  const smelt = has(reading, 'smell') && !best.about;
  let result = best.result && !smelt;
  if (strictChlorine && result)
    result = readLitmus(reading, asked).claims.some((c) => c.term === 'red-then-bleached');
  // What the school itself has said of such an answer comes before Kivex's own rules.
  const own = (part: 'test' | 'result') =>
    ownAnswerIn(syllabus.ownAnswers, { kind: 'gas-test', gas: item.gas, part }, answer);
  const [ownTest, ownResult] = [own('test'), own('result')];
  const ours = new Set<string>(rules.flatMap((rule) => rule.about));
  const foreign = (['limewater', 'litmus', 'manganate'] as const).some(
    (kind) => !ours.has(kind) && has(reading, kind),
  );
  if (!best.test && !best.about && result && foreign && !ownTest && !ownResult)
    return none('other-test', `That is the test of another gas: ${best.rule.wanted}.`);
  const asOwn = ({ earns, phrase }: OwnAnswer): Mark =>
    onePoint(earns ? 1 : 0, 'own', `“${phrase}” ${earns ? 'earns' : 'does not earn'} at this school.`);
  const marks = [
    ownTest
      ? asOwn(ownTest)
      : best.test
        ? onePoint(1, 'test', `The test is right: ${best.rule.name}.`)
        : onePoint(0, 'test', best.about ? best.fault : `The test is missing: ${best.rule.wanted}.`),
    ownResult
      ? asOwn(ownResult)
      : result
        ? onePoint(1, 'result', 'The result is right.')
        : onePoint(0, 'result', `The result is missing or wrong: ${best.rule.wanted}.`),
  ];
  const mark = together(marks);
  const left = (code: string, text: string): Mark => ({
    ...mark,
    verdict: 'review',
    why: [...mark.why, { code, text: `${text} A person decides.` }],
  });
  const open = leniencyOf('paper-open', item.strictness ?? syllabus.strictness);
  if (!ownTest && best.test && best.open && open !== 'earns') {
    const text = `It does not say which paper: ${best.rule.wanted}.`;
    return open === 'person'
      ? left('paper-open', text)
      : together([onePoint(0, 'paper-open', text), marks[1]!]);
  }
  if (
    mark.points < mark.max &&
    !ownTest &&
    !ownResult &&
    !(mark.points === 0 && tellsAProperty(reading)) &&
    (hasStrangeWords(reading) || best.clash)
  )
    return left('half-understood', 'Not all of this could be read.');
  return mark;
}
