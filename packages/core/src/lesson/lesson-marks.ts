/** The marks of one student for one lesson, computed from the group's record and their own names. */
import type { Mark } from '../marking/mark-result.js';
import { mark } from '../marking/mark.js';
import { colourTermOf } from '../reading/colour-terms.js';
import { readColours } from '../reading/read-colours.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import { attributeOf, testOf } from '../tests/tests.js';
import { decisive, namingOf, seenIn, standing, type GroupRecord, type ObservationEntry } from './record.js';

export interface MarkedSample {
  readonly id: string;
  readonly role: 'known' | 'unknown';
  readonly ions: readonly string[];
}
export interface ItemMark extends Mark {
  /** `observation:SAMPLE` or `naming:SAMPLE`. */
  readonly key: string;
  readonly strand: 'observation' | 'conclusion';
  readonly sample: string;
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
  const value = entry.body.seen[attribute];
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

function markEntry(
  syllabus: string | Syllabus,
  sample: MarkedSample,
  test: string,
  entry: ObservationEntry | undefined,
): { answer: string; mark: Mark } {
  const attribute = testOf(test).attributes[0]!.id;
  const item = { kind: 'observation', test, sample: sample.ions, attribute } as const;
  const tapped = entry ? answerOf({ ...entry, body: { ...entry.body, words: '' } }, attribute) : '';
  const words = entry?.body.words?.trim() ?? '';
  const answer = answerOf(entry, attribute);
  const own = mark(syllabus, item, words || tapped);
  if (!words || !tapped) return { answer, mark: own };
  const byTap = mark(syllabus, item, tapped);
  // Words that name no colour leave the tap to stand; words that name another colour than the tap go to a person.
  if (own.why.some((w) => w.code === 'no-colour-named' || w.code === 'unread'))
    return { answer, mark: byTap };
  if (saysTheSame(words, entry!.body.seen[attribute]!, attribute === testOf(test).attributes[0]!.id))
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

/**
 * Marks everything one student is marked on: each sample's observation from the group's record, each
 * unknown's name from the student's own last naming, carried forward from the evidence pointed at.
 * @param test the test whose first attribute is marked.
 */
export function lessonMarks(
  syllabus: string | Syllabus,
  test: string,
  samples: readonly MarkedSample[],
  record: GroupRecord,
  student: string,
): ItemMark[] {
  return samples.flatMap((sample): ItemMark[] => {
    const entries = standing(record, sample.id).filter((entry) => entry.body.test === test);
    const naming = namingOf(record, sample.id, student);
    const pointedAt = entries.filter((entry) => naming?.body.evidence.includes(entry.id));
    const entry = decisive(pointedAt.length ? pointedAt : entries);
    const observed = markEntry(syllabus, sample, test, entry);
    const items: ItemMark[] = [
      {
        key: `observation:${sample.id}`,
        strand: 'observation',
        sample: sample.id,
        answer: observed.answer,
        ...observed.mark,
      },
    ];
    if (sample.role === 'unknown') {
      const answer = naming?.body.answer ?? '';
      const seen = entry && Object.keys(entry.body.seen).length ? [seenIn(entry)] : [];
      const conclusion = mark(
        syllabus,
        { kind: 'identify', part: 'cation', sample: sample.ions, seen },
        answer,
      );
      items.push({
        key: `naming:${sample.id}`,
        strand: 'conclusion',
        sample: sample.id,
        answer,
        ...conclusion,
      });
    }
    return items;
  });
}
