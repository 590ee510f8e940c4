/** From recorded values to wells and words, the same everywhere. */
import {
  attributeOf,
  isTestId,
  testOf,
  type CellState,
  type ObservationBody,
  type TileCell,
  type WellLook,
} from '@kivex/core';

const glassAttribute = 'throughBlueGlass';

export interface ShownResult {
  readonly attribute: string;
  readonly look: WellLook;
  readonly word: string;
  readonly glass: boolean;
}

/** Each value of a record as it is drawn and named, naked eye first. */
export function shownResults(test: string, seen: Readonly<Record<string, string>>): ShownResult[] {
  if (!isTestId(test)) return [];
  const definition = testOf(test);
  return definition.attributes.flatMap((attribute): ShownResult[] => {
    const logged = seen[attribute.id];
    if (attribute.number && logged !== undefined)
      return [
        {
          attribute: attribute.id,
          look: { kind: 'number', text: logged },
          word: `${logged} ${attribute.number.unit}`,
          glass: false,
        },
      ];
    const value = attributeOf(definition, attribute.id).values.find((v) => v.id === logged);
    return value
      ? [
          {
            attribute: attribute.id,
            look: value.look,
            word: value.label,
            glass: attribute.id === glassAttribute,
          },
        ]
      : [];
  });
}

/** How a record is drawn in one well: of two things seen in one tube, the first and then the second, side by side. */
export function cellLook(
  test: string,
  seen: Readonly<Record<string, string>>,
): { readonly look: WellLook; readonly glass: boolean } {
  const all = shownResults(test, seen);
  const byEye = all.filter((r) => !r.glass);
  const [first, second] = byEye.length ? byEye : all;
  if (!first) return { look: { kind: 'empty' }, glass: false };
  const glass = all.some((r) => r.glass);
  if (!second || first.look.kind === 'split') return { look: first.look, glass };
  // What changes in the second is drawn as it ended.
  const after = second.look.kind === 'split' ? second.look.after : second.look;
  const alike = JSON.stringify(first.look) === JSON.stringify(after);
  return { look: alike ? first.look : { kind: 'split', before: first.look, after }, glass };
}

/** As `cellLook`; words that nothing was read from are not as if nothing stood there. */
function entryLook(test: string, { seen, words, notDone }: ObservationBody): ReturnType<typeof cellLook> {
  const drawn = cellLook(test, seen);
  return drawn.look.kind === 'empty' && words?.trim() && !notDone
    ? { look: { kind: 'written' }, glass: false }
    : drawn;
}

const notes = { weak: '~', inferred: '≈', 'not-done': '–' } as const;
/** How a cell is drawn: its look, and the sign for what else is so of it. */
export const cellDrawing = ({ test, state, entry, entries }: TileCell) => ({
  ...(entry ? entryLook(test, entry.body) : { look: { kind: 'empty' } as const, glass: false }),
  doubtful: state === 'doubtful',
  differs: state === 'differs',
  note: (notes as Partial<Record<CellState, '~' | '≈' | '–'>>)[state],
  times: entries.length,
});

/** What was seen, as it was logged: what was tapped in its words, else the student's own. */
export const saidWords = ({ test, seen, read, words, notDone }: ObservationBody): string =>
  notDone ? '' : (read ? '' : resultWords(test, seen)) || `“${words ?? ''}”`;

/** A record in words: "yellow; through the glass: crimson". */
export const resultWords = (test: string, seen: Readonly<Record<string, string>>): string =>
  shownResults(test, seen)
    .map((r) => (r.glass ? `through the glass: ${r.word}` : r.word))
    .join('; ');
