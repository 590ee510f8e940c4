/**
 * Where the facts in this package come from. Every data record names one of these ids, so that a
 * teacher who doubts a figure can look it up; `unsure` says what could not be checked to the page.
 */
export interface Source {
  readonly title: string;
  readonly edition?: string;
  readonly where?: string;
  readonly unsure?: string;
}

export const sources = {
  'iupac-red-book': {
    title: 'Nomenclature of Inorganic Chemistry: IUPAC Recommendations',
    edition: '2005',
    where: 'Tables I, II and IX (names of elements and of simple ions)',
  },
  vogel: {
    title: "Vogel's Qualitative Inorganic Analysis (G. Svehla)",
    edition: '7th edition, Longman 1996',
    where: 'chapter 2, flame tests, with and without cobalt glass',
    unsure: 'the table number differs between printings and was not checked to the page',
  },
  crc: {
    title: 'CRC Handbook of Chemistry and Physics',
    edition: '97th edition, 2016',
    where: 'section 10, Line Spectra of the Elements (persistent lines)',
  },
  'school-practice': {
    title: 'Common school wording for flame colours, as agreed between mark schemes in general use',
    unsure: 'schools differ; each difference is a setting of the syllabus',
  },
  'school-safety': {
    title: 'Usual school laboratory cautions for burners, dilute and concentrated acids',
    unsure: "the employer's own risk assessment and local codes decide",
  },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof sources;
