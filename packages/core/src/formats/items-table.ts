/** The analysis of items as a table of texts, for whichever kind of sheet. */

export interface ItemLine {
  readonly strand: string;
  readonly item: string;
  readonly sample: string;
  readonly role: string;
  readonly facility: {
    readonly share: number;
    readonly low: number;
    readonly high: number;
    readonly n: number;
  };
  readonly discrimination: number | null;
  readonly empty: number;
  readonly lost: number;
  readonly wrong: readonly { readonly answer: string; readonly times: number }[];
}

const thousandths = (x: number): string => String(Math.round(x * 1000) / 1000);

/** Headings first. Shares from 0 to 1; the interval is of 95 %. */
export const itemsTable = (items: readonly ItemLine[]): string[][] => [
  [
    'Strand',
    'Item',
    'Sample',
    'Role',
    'Answers',
    'Facility',
    'from',
    'to',
    'Discrimination',
    'Nothing written',
    'Points lost',
    'Written instead',
  ],
  ...items.map(({ strand, item, sample, role, facility, discrimination, empty, lost, wrong }) => [
    strand,
    item,
    sample,
    role,
    String(facility.n),
    thousandths(facility.share),
    thousandths(facility.low),
    thousandths(facility.high),
    discrimination === null ? '' : thousandths(discrimination),
    String(empty),
    thousandths(lost),
    wrong.map((w) => `${w.answer} (${w.times})`).join('; '),
  ]),
];
