/** The marks of one student for one lesson, computed from the group's record and their own names. */
import { forReview, onePoint, type Mark } from '../marking/mark-result.js';
import { mark } from '../marking/mark.js';
import { markTap } from '../marking/mark-tap.js';
import { colourTermOf } from '../reading/colour-terms.js';
import { readColours } from '../reading/read-colours.js';
import { isDoneOn } from '../practicals/evidence.js';
import {
  syllabusFor,
  type Practical,
  type PracticalSample,
  type SampleRole,
} from '../practicals/practical.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import { expectationOf } from '../identification-tests/expectation.js';
import type { SampleForm } from '../species/sample-form.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import { markByRule, ruleFor, wantedOf, type AnswerPlace, type AnswerRule } from './answer-rules.js';
import { orderItem, type MarkScheme } from '../schemes/mark-scheme.js';
import { evenScheme } from '../schemes/scheme-presets.js';
import type { Strand } from '../schemes/strands.js';
import { equationsWanted, markOwnEquation } from './equation-items.js';
import {
  decisive,
  equationOf,
  namingOf,
  seenIn,
  standing,
  type GroupRecord,
  type ObservationEntry,
} from './record.js';

export interface MarkedSample {
  readonly id: string;
  readonly role: SampleRole;
  /** Of a kept liquid: as in the practical, and the id of the sample it comes from. */
  readonly from?: PracticalSample['from'] | undefined;
  readonly leftOf?: string;
  readonly ions: readonly string[];
  readonly form: SampleForm;
}
/** What one mark is of. */
export interface LessonItem {
  readonly strand: Strand;
  readonly sample: string;
  /** Null for a name, and for the order of tests. */
  readonly test: string | null;
  /** What was looked at in the test; of observations, and of the order of tests. */
  readonly attribute: string | null;
}
export interface ItemMark extends Mark, LessonItem {
  /** Tells the items of a student apart, and stays as it is from one computing to the next; says nothing by itself. */
  readonly key: string;
  /** The words that were marked. */
  readonly answer: string;
}

/**
 * What an entry says, for people to read: the tapped value's word, then the student's own words in
 * quotation marks.
 */
export function answerOf(entry: ObservationEntry | undefined, attribute: string): string {
  if (!entry) return '';
  const words = entry.body.words?.trim() ?? '';
  if (entry.body.notDone) return 'no time';
  const value = entry.body.read ? undefined : entry.body.seen[attribute];
  const label = value
    ? (attributeOf(testOf(entry.body.test), attribute).values.find((v) => v.id === value)?.label ?? value)
    : '';
  return label && words ? `${label}, “${words}”` : label || words;
}

/** Do the words, read to the values of the pad, say just what was tapped ("light purple" beside a tapped lilac)? */
function saysTheSame(words: string, tapped: string, nakedEye: boolean): boolean {
  const claimed = readColours(words).claims.filter(
    (claim) => !claim.denied && claim.throughGlass === !nakedEye,
  );
  return (
    claimed.length > 0 &&
    claimed.every((claim) => colourTermOf(claim.term)[nakedEye ? 'naked' : 'glass'] === tapped)
  );
}

/** Reasons that say the words are about something else: the tap stands. */
const silent: ReadonlySet<string> = new Set([
  'no-colour-named',
  'unread',
  'not-said',
  'no-number',
  'colour-alone',
]);

/** A mark as what the group said of its record has it: what was not tested or not tested well is a person's to judge. */
function asTheySaid(entry: ObservationEntry | undefined, plain: Mark): Mark {
  const { notDone, inferredFrom, reagentWas, reagentNote } = entry?.body ?? {};
  if (notDone) return onePoint(0, 'no-time', 'The group recorded that there was no time for this.');
  if (inferredFrom !== undefined && plain.points > 0)
    return forReview(
      'inferred',
      'This was taken from another sample and not tested; a person decides whether it earns.',
    );
  if (reagentWas && plain.points < plain.max && plain.verdict !== 'review')
    return forReview(
      'reagent-off',
      `The group said the reagent was ${reagentWas === 'substitute' ? 'a substitute' : reagentWas}${reagentNote ? ` (“${reagentNote}”)` : ''}; a person decides.`,
    );
  return plain;
}

function markEntry(
  syllabus: string | Syllabus,
  sample: MarkedSample,
  test: string,
  attribute: string,
  entry: ObservationEntry | undefined,
): { answer: string; mark: Mark } {
  const { reads } = attributeOf(testOf(test), attribute);
  const flame = reads === 'flame-colour' || reads === 'glass-colour';
  const item = { kind: 'observation', test, sample: sample.ions, attribute, form: sample.form } as const;
  const value = entry?.body.seen[attribute];
  const words = entry?.body.words?.trim() ?? '';
  const answer = answerOf(entry, attribute);
  if (value === undefined || entry?.body.read) return { answer, mark: mark(syllabus, item, words) };
  const tapped = answerOf({ ...entry!, body: { ...entry!.body, words: '' } }, attribute);
  const byTap = flame ? mark(syllabus, item, tapped) : markTap(item, value);
  if (!words) return { answer, mark: byTap };
  const own = mark(syllabus, item, words);
  // Words that say nothing of this leave the tap to stand; words that say something else than the tap go to a person.
  if (own.why.some((w) => silent.has(w.code))) return { answer, mark: byTap };
  if (flame && saysTheSame(words, entry!.body.seen[attribute]!, reads === 'flame-colour'))
    return { answer, mark: byTap };
  if (own.verdict !== byTap.verdict) {
    return {
      answer,
      mark: {
        points: 0,
        max: 1,
        verdict: 'review',
        why: [
          {
            code: 'tap-and-words-differ',
            text: `“${tapped}” was tapped and “${words}” written; a person decides which was meant.`,
          },
        ],
      },
    };
  }
  return { answer, mark: own };
}

export interface MarkedAttribute {
  readonly key: string;
  readonly test: string;
  readonly attribute: string;
}

/**
 * What is marked of one sample: everything its planned tests have students look at and of which the tests
 * say something. What shows through blue glass is evidence, not an item of its own.
 */
export function markedOf(practical: Practical, sample: MarkedSample): MarkedAttribute[] {
  if (!sample.ions.length) return [];
  const first = practical.tests[0]?.test;
  return practical.tests
    .filter((planned) => isDoneOn(planned, sample))
    .flatMap((planned) => {
      const shows = expectationOf(planned.test, sample.ions, { variant: planned.variant, form: sample.form });
      return planned.attributes.flatMap((attribute, i): MarkedAttribute[] => {
        const { reads, neutral } = attributeOf(testOf(planned.test), attribute);
        const told = shows[attribute]?.some((v) => !neutral?.includes(v));
        if (!told || reads === 'glass-colour') return [];
        const key =
          planned.test === first && i === 0
            ? `observation:${sample.id}`
            : `observation:${sample.id}:${planned.test}:${attribute}`;
        return [{ key, test: planned.test, attribute }];
      });
    });
}

export interface MarkedUnder {
  readonly scheme?: MarkScheme;
  /** What becomes of an observation's mark in this group's case: a bottle may have been off. */
  readonly given?: (test: string, plain: Mark) => Mark;
  /** What the school has decided of answers once and for all, oldest first. */
  readonly rules?: readonly AnswerRule[];
}

/** The better of two marks; of two alike the one a person need not look at, then the later. */
function better<M extends { readonly mark: Mark }>(a: M, b: M): M {
  if (a.mark.points !== b.mark.points) return a.mark.points > b.mark.points ? a : b;
  return a.mark.verdict !== 'review' && b.mark.verdict === 'review' ? a : b;
}

/**
 * Marks everything one student is marked on: each sample's observations from the group's record, each
 * unknown's name from the student's own last naming, carried forward from the evidence pointed at; as the scheme has it.
 */
export function lessonMarks(
  practical: Practical,
  samples: readonly MarkedSample[],
  record: GroupRecord,
  student: string,
  { scheme = evenScheme, given = (_, plain) => plain, rules = [] }: MarkedUnder = {},
): ItemMark[] {
  const syllabus = syllabusFor(practical);
  /** What Kivex gives an answer, or what a rule of the school has it get. */
  const ruled = (
    place: Pick<AnswerPlace, 'strand' | 'test' | 'attribute'>,
    sample: MarkedSample,
    answer: string,
    plain: Mark,
  ): Mark => {
    const rule = rules.length
      ? ruleFor(rules, { ...place, wanted: wantedOf(practical, place, sample) }, answer)
      : undefined;
    return rule ? markByRule(plain, rule, answer) : plain;
  };
  const marks = samples.flatMap((sample): ItemMark[] => {
    const all = standing(record, sample.id);
    const naming =
      scheme.conclusions === 'group'
        ? record.namings.findLast((entry) => entry.body.sample === sample.id)
        : namingOf(record, sample.id, student);
    /** What stands for a test: what was pointed at before what was not. */
    const chosenOf = (from: readonly ObservationEntry[], test: string): ObservationEntry | undefined => {
      const entries = from.filter((entry) => entry.body.test === test);
      const pointedAt = entries.filter((entry) => naming?.body.evidence.includes(entry.id));
      return decisive(pointedAt.length ? pointedAt : entries);
    };
    const entryFor = (test: string): ObservationEntry | undefined => chosenOf(all, test);
    const items = markedOf(practical, sample).map(({ key, test, attribute }): ItemMark => {
      const tried =
        scheme.attempts === 'best' ? all.filter((entry) => entry.body.test === test) : [entryFor(test)];
      const { answer, mark: mine } = (tried.length ? tried : [undefined])
        .map((entry) => {
          const { answer: wrote, mark: read } = markEntry(syllabus, sample, test, attribute, entry);
          const plain = ruled({ strand: 'observation', test, attribute }, sample, wrote, read);
          return { answer: wrote, mark: entry ? given(test, asTheySaid(entry, plain)) : plain };
        })
        .reduce(better);
      return { key, strand: 'observation', sample: sample.id, test, attribute, answer, ...mine };
    });
    if (sample.role === 'unknown') {
      const answer = naming?.body.answer ?? '';
      const own = practical.tests.flatMap((planned) => entryFor(planned.test) ?? []);
      // What its liquid showed is evidence of it too: of the metal's ion, or of the cation it shares.
      const kept = samples.find((s) => s.leftOf === sample.id);
      const ofLiquid = kept
        ? practical.tests.flatMap((planned) => chosenOf(standing(record, kept.id), planned.test) ?? [])
        : [];
      const seen = [...own, ...ofLiquid]
        .filter((entry) => Object.keys(entry.body.seen).length)
        .map((entry) => seenIn(entry));
      const conclusion = mark(
        syllabus,
        {
          kind: 'identify',
          part: practical.asks,
          sample: sample.ions,
          ...(scheme.carriedForward ? { seen } : {}),
        },
        answer,
      );
      items.push({
        key: `naming:${sample.id}`,
        strand: 'conclusion',
        sample: sample.id,
        test: null,
        attribute: null,
        answer,
        ...ruled({ strand: 'conclusion', test: null, attribute: null }, sample, answer, conclusion),
      });
      items.push(
        ...equationMarks(practical, sample, record, scheme.conclusions === 'group' ? null : student),
      );
    }
    return [...items, ...orderMarks(practical, sample, record)];
  });
  return [...marks, ...techniqueMarks(practical, samples, record)];
}

/** Where the practical sets an order for tests of this sample: were they begun in it? */
function orderMarks(
  { before, tests }: Practical,
  sample: MarkedSample,
  record: GroupRecord,
): readonly ItemMark[] {
  const done = new Set(tests.filter((t) => isDoneOn(t, sample)).map((t) => t.test));
  const pairs = before.filter(([first, then]) => done.has(first) && done.has(then));
  if (!pairs.length) return [];
  const begun = new Map<string, number>();
  record.observations
    .filter(({ body }) => body.sample === sample.id && !body.notDone)
    .forEach(({ body }, at) => begun.set(body.test, Math.min(begun.get(body.test) ?? at, at)));
  const name = (test: string) => testOf(test).name;
  const broken = pairs.find(([first, then]) => begun.has(then) && !(begun.get(first)! < begun.get(then)!));
  const inOrder = [...begun].sort((a, b) => a[1] - b[1]).map(([test]) => name(test));
  const given = !pairs.some(([, then]) => begun.has(then))
    ? onePoint(0, 'not-done', 'The tests whose order counts are not logged.')
    : broken
      ? onePoint(0, 'out-of-order', `${name(broken[1])} was begun before ${name(broken[0])} was done.`)
      : onePoint(1, 'in-order', 'The tests were begun in the order the practical sets.');
  return [
    {
      key: `order:${sample.id}`,
      strand: 'technique',
      sample: sample.id,
      test: null,
      attribute: orderItem,
      answer: inOrder.join(', then '),
      ...given,
    },
  ];
}

/** Of an unknown: an item for each equation that is asked for and that there is. @param student null: the group's last. */
function equationMarks(
  practical: Practical,
  sample: MarkedSample,
  record: GroupRecord,
  student: string | null,
): ItemMark[] {
  return practical.tests.flatMap((planned): ItemMark[] => {
    const wanted = isDoneOn(planned, sample) ? equationsWanted(planned, sample) : [];
    if (!planned.equation || !wanted.length) return [];
    const wrote =
      student === null
        ? record.equations.findLast(({ body }) => body.sample === sample.id && body.test === planned.test)
        : equationOf(record, sample.id, planned.test, student);
    const answer = wrote?.body.text ?? '';
    return [
      {
        key: `equation:${sample.id}:${planned.test}`,
        strand: 'equation',
        sample: sample.id,
        test: planned.test,
        attribute: null,
        answer,
        ...markOwnEquation(answer, planned.equation, wanted),
      },
    ];
  });
}

/** What was signed off of how tests were done; what nobody looked at is left to a person. */
function techniqueMarks(
  { tests }: Practical,
  samples: readonly MarkedSample[],
  { signedOff, observations }: GroupRecord,
): ItemMark[] {
  return tests.flatMap((planned): ItemMark[] => {
    const first = samples.find((s) => isDoneOn(planned, s));
    if (!planned.technique || !first) return [];
    const seen = signedOff.find((s) => s.test === planned.test && s.step === undefined);
    const isDone = observations.some((o) => o.body.test === planned.test && !o.body.notDone);
    const given = !seen
      ? !isDone
        ? onePoint(0, 'not-done', 'Nothing is logged of this test, and no technique was signed off.')
        : forReview('not-signed-off', 'Nobody signed this technique off; a person decides.')
      : seen.good
        ? onePoint(1, 'signed-off', 'The technique was signed off.')
        : onePoint(0, 'not-yet', 'The technique was seen and was not yet right.');
    return [
      {
        key: `technique:${planned.test}`,
        strand: 'technique',
        sample: first.id,
        test: planned.test,
        attribute: null,
        answer: seen ? (seen.good ? 'signed off' : 'not yet') : '',
        ...given,
      },
    ];
  });
}
