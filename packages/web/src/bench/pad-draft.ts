/** What is half entered on the pad, and the entry it becomes: plain functions, tried without a page. */
import {
  testOf,
  type Attribute,
  type ObservationBody,
  type ObservationEntry,
  type PlannedTest,
  type ReagentWas,
} from '@kivex/core';

export interface Draft {
  readonly test: string | undefined;
  readonly sample: string | undefined;
  readonly seen: Readonly<Record<string, string>>;
  readonly words: string;
  readonly doubtful: boolean;
  readonly weak: boolean;
  readonly corrects: string | undefined;
  /** The sample it is taken from, untested. */
  readonly inferredFrom: string | undefined;
  readonly did: Readonly<Record<string, string>>;
  readonly reagentWas: ReagentWas | undefined;
  readonly reagentNote: string;
  readonly drops: number;
  /** Of a picture taken with it. */
  readonly photo: string | undefined;
  /** Typed off the thermometer, °C. */
  readonly before: string;
  readonly highest: string;
  /** Where words come before the wells: they have been written, the wells may be shown. */
  readonly written: boolean;
}

export const blankDraft: Draft = {
  test: undefined,
  sample: undefined,
  seen: {},
  words: '',
  doubtful: false,
  weak: false,
  corrects: undefined,
  inferredFrom: undefined,
  did: {},
  reagentWas: undefined,
  reagentNote: '',
  drops: 0,
  photo: undefined,
  before: '',
  highest: '',
  written: false,
};

/** A kept draft, whatever an older page wrote. */
export function draftFrom(text: string | null): Draft {
  try {
    return { ...blankDraft, ...(JSON.parse(text ?? '{}') as Partial<Draft>) };
  } catch {
    return blankDraft;
  }
}

/** A draft that mends an entry: what it said, to be changed. */
export const correcting = (entry: ObservationEntry): Draft => {
  const { body } = entry;
  return {
    ...blankDraft,
    test: body.test,
    sample: body.sample,
    seen: body.read ? {} : body.seen,
    words: body.words ?? '',
    weak: body.weak ?? false,
    inferredFrom: body.inferredFrom,
    did: body.did ?? {},
    reagentWas: body.reagentWas,
    reagentNote: body.reagentNote ?? '',
    drops: body.drops ?? 0,
    photo: body.photo,
    before: body.celsius ? String(body.celsius.before) : '',
    highest: body.celsius ? String(body.celsius.highest) : '',
    corrects: entry.id,
    written: true,
  };
};

/** How a test's results are logged in this practical. */
export const wayOf = ({ recorded }: PlannedTest): 'tap' | 'words' | 'words-then-tap' => recorded ?? 'tap';

/** May the wells be seen yet? Before the words are written they would give them away. */
export const showsWells = (planned: PlannedTest, draft: Draft): boolean => {
  const way = wayOf(planned);
  return way === 'tap' || (way === 'words-then-tap' && draft.written);
};

/** The values that say nothing was seen, of the things looked at; empty where none has such a value. */
export function nothingSeen({ test, attributes }: PlannedTest): Readonly<Record<string, string>> {
  return Object.fromEntries(
    testOf(test).attributes.flatMap(({ id, nothing, reads }) =>
      attributes.includes(id) && nothing !== undefined && reads !== 'glass-colour' ? [[id, nothing]] : [],
    ),
  );
}

/** What keeps a draft from being logged, in a sentence; undefined where it can be. */
export function lacking(planned: PlannedTest, draft: Draft): string | undefined {
  if (draft.sample === undefined) return 'Choose the sample.';
  const way = wayOf(planned);
  const said = draft.words.trim() !== '';
  if (way === 'words') return said ? undefined : 'Write what you saw.';
  if (way === 'words-then-tap')
    return !said
      ? 'Write what you saw first.'
      : Object.keys(draft.seen).length
        ? undefined
        : 'Now tap what you saw.';
  return said || Object.keys(draft.seen).length ? undefined : 'Tap what you saw.';
}

const said = (draft: Draft) => ({
  ...(draft.doubtful ? { doubtful: true } : {}),
  ...(draft.weak ? { weak: true } : {}),
  ...(draft.corrects ? { corrects: draft.corrects } : {}),
  ...(draft.inferredFrom ? { inferredFrom: draft.inferredFrom } : {}),
  ...(Object.keys(draft.did).length ? { did: draft.did } : {}),
  ...(draft.reagentWas ? { reagentWas: draft.reagentWas } : {}),
  ...(draft.reagentWas && draft.reagentNote.trim() ? { reagentNote: draft.reagentNote.trim() } : {}),
  ...(draft.drops > 0 ? { drops: draft.drops } : {}),
  ...(draft.photo ? { photo: draft.photo } : {}),
  ...temperaturesIn(draft),
});

const degrees = (typed: string): number | undefined => {
  const n = Number(typed.replace(',', '.'));
  return typed.trim() && Number.isFinite(n) ? n : undefined;
};
/** Both temperatures, where both are written and can be such of a tube. */
export function temperaturesIn({
  before,
  highest,
}: Pick<Draft, 'before' | 'highest'>): Pick<ObservationBody, 'celsius'> {
  const [b, h] = [degrees(before), degrees(highest)];
  const fits = (t: number | undefined): t is number => t !== undefined && t >= -20 && t <= 150;
  return fits(b) && fits(h) ? { celsius: { before: b, highest: h } } : {};
}

/**
 * The entry a draft becomes; undefined while something is lacking.
 * @param read what Kivex reads from the words, where they are all there is.
 */
export function bodyOf(
  planned: PlannedTest,
  draft: Draft,
  read: Readonly<Record<string, string>> = {},
): ObservationBody | undefined {
  if (lacking(planned, draft) !== undefined) return undefined;
  const inWords = wayOf(planned) === 'words';
  const words = draft.words.trim();
  return {
    type: 'observation',
    sample: draft.sample!,
    test: planned.test,
    variant: planned.variant,
    seen: inWords ? read : draft.seen,
    ...(words ? { words } : {}),
    ...(inWords ? { read: true } : {}),
    ...said(draft),
  };
}

/** That there was no time for a test on a sample. */
export const noTime = (planned: PlannedTest, sample: string): ObservationBody => ({
  type: 'observation',
  sample,
  test: planned.test,
  variant: planned.variant,
  seen: {},
  notDone: 'no-time',
});

/** Most values of a thing looked at, and most things, for which several samples are logged side by side: more do not fit. */
const mostValues = 6;
const mostThings = 3;
/** What several samples can be logged by at once; empty where it does not fit. */
export function sideBySide(planned: PlannedTest): readonly string[] {
  if (wayOf(planned) !== 'tap' || planned.attributes.length > mostThings) return [];
  const looked = testOf(planned.test).attributes.filter((a) => planned.attributes.includes(a.id));
  return looked.every((a) => !a.number && a.values.length <= mostValues) ? looked.map((a) => a.id) : [];
}

/** Samples by how they fizz, the most vigorous first: an order of reactivity as far as it has been seen. */
export function byVigour(
  attribute: Attribute,
  seen: Readonly<Record<string, Readonly<Record<string, string>>>>,
): readonly (readonly string[])[] {
  if (attribute.reads !== 'effervescence') return [];
  return [...attribute.values]
    .reverse()
    .map(({ id }) => Object.keys(seen).filter((sample) => seen[sample]![attribute.id] === id))
    .filter((group) => group.length > 0);
}
