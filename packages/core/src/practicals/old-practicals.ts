/** Files as older versions of Kivex wrote them, kept so that they are read for good. Never brought up to date here. */
import { syllabusOfVersion1 } from '../syllabus/old-syllabuses.js';

export const practicalOfVersion1: unknown = {
  format: 'kivex-practical',
  formatVersion: 1,
  title: 'Two flames',
  summary: 'As version 1 wrote it.',
  syllabus: 'core',
  minutes: 50,
  samples: [
    { key: 'known-sodium', role: 'known', ions: ['Na+', 'Cl-'], form: 'solid', difficulty: 1 },
    { key: 'jar-a', role: 'unknown', ions: ['K+', 'Cl-'], form: 'solid', difficulty: 3 },
    { key: 'jar-b', role: 'unknown', ions: ['Li+', 'Cl-'], form: 'solid', difficulty: 2 },
  ],
  tests: [{ test: 'flame', variant: 'wire', attributes: ['colour'] }],
  unknownsPerGroup: 1,
};

export const practicalOfVersion2: unknown = {
  format: 'kivex-practical',
  formatVersion: 2,
  title: 'Carbonate or chloride',
  summary: 'As version 2 wrote it, with controls and a syllabus of its own.',
  syllabus: 'ours',
  ownSyllabus: syllabusOfVersion1,
  minutes: 60,
  setUp: 5,
  clearUp: 10,
  asks: 'anion',
  samples: [
    { key: 'jar-a', role: 'unknown', ions: ['Na+', 'CO3^2-'], form: 'solid', difficulty: 2 },
    { key: 'jar-b', role: 'unknown', ions: ['Na+', 'Cl-'], form: 'solid', difficulty: 2 },
  ],
  tests: [
    {
      test: 'dilute-acid',
      variant: 'hydrochloric',
      attributes: ['effervescence', 'limewater'],
      controls: [
        { step: 0, only: 'teacher' },
        { step: 1, only: 'fume-cupboard' },
      ],
    },
    {
      test: 'halide-silver',
      variant: 'usual',
      attributes: ['precipitate'],
      controls: [
        { step: 2, only: 'teacher' },
        { step: 3, only: 'fume-cupboard' },
      ],
    },
    {
      test: 'sulfate',
      variant: 'nitric',
      attributes: ['precipitate'],
      controls: [{ step: 1, only: 'teacher' }],
    },
  ],
  before: [],
  unknownsPerGroup: 1,
};

export const practicalOfVersion3: unknown = {
  format: 'kivex-practical',
  formatVersion: 3,
  title: 'Two metals',
  summary: 'As version 3 wrote it.',
  syllabus: 'gases',
  minutes: 50,
  setUp: 5,
  clearUp: 10,
  asks: 'metal',
  samples: [
    { key: 'known-magnesium', role: 'known', ions: ['Mg'], form: 'metal', difficulty: 1 },
    { key: 'jar-a', role: 'unknown', ions: ['Zn'], form: 'metal', difficulty: 3 },
    { key: 'jar-b', role: 'unknown', ions: ['Cu'], form: 'metal', difficulty: 1 },
  ],
  tests: [{ test: 'metal-acid', variant: 'usual', attributes: ['effervescence', 'warms', 'residue'] }],
  before: [],
  unknownsPerGroup: 1,
};

export const practicalOfVersion4: unknown = {
  format: 'kivex-practical',
  formatVersion: 4,
  title: 'A metal and its liquid',
  summary: 'As version 4 wrote it, with a strength of its own.',
  syllabus: 'core',
  minutes: 50,
  setUp: 5,
  clearUp: 10,
  asks: 'cation',
  samples: [
    { key: 'known-copper', role: 'known', ions: ['Cu2+', 'SO4^2-'], form: 'solution', difficulty: 1 },
    { key: 'jar-a', role: 'unknown', ions: ['Fe2+', 'SO4^2-'], form: 'solution', difficulty: 2 },
    { key: 'jar-b', role: 'unknown', ions: ['Fe3+', 'Cl-'], form: 'solution', difficulty: 2 },
  ],
  tests: [
    {
      test: 'naoh',
      variant: 'usual',
      attributes: ['precipitate', 'excess'],
      strengths: { NaOH: 0.4 },
      on: 'all',
    },
  ],
  before: [],
  unknownsPerGroup: 1,
};

/** Version 5 as version 4, with what it knew besides: own words, an equation, technique. */
export const practicalOfVersion5: unknown = {
  ...(practicalOfVersion4 as object),
  formatVersion: 5,
  tests: [
    {
      test: 'naoh',
      variant: 'usual',
      attributes: ['precipitate', 'excess'],
      recorded: 'words',
      equation: 'ionic',
      technique: true,
    },
  ],
};
