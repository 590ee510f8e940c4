/** The versions of practical files. */
import { broughtUp } from '../formats/versions.js';
import { syllabusUpToDate } from '../syllabus/syllabus-versions.js';

export const practicalVersion = 6;

/**
 * Where the steps of methods went when methods were cut into what each practical records: by test, the old place to the
 * new ones; a test not listed kept its places, and a place that is gone has none.
 */
const stepsOfVersion3: Readonly<Record<string, Readonly<Record<number, readonly number[]>>>> = {
  'dilute-acid': { 1: [2], 2: [3] },
  'halide-silver': { 3: [3, 4] },
  'acidified-manganate': { 0: [1] },
  'metal-acid': { 2: [] },
};

interface Control {
  readonly step: number;
}
const isControl = (value: unknown): value is Control =>
  typeof value === 'object' && value !== null && typeof (value as Control).step === 'number';

function withControlsOfVersion3(planned: unknown): unknown {
  if (typeof planned !== 'object' || planned === null) return planned;
  const { test, controls } = planned as { test?: unknown; controls?: unknown };
  const moved = typeof test === 'string' ? stepsOfVersion3[test] : undefined;
  if (!moved || !Array.isArray(controls)) return planned;
  return {
    ...planned,
    controls: controls.flatMap((c: unknown) =>
      isControl(c) ? (moved[c.step] ?? [c.step]).map((step) => ({ ...c, step })) : [c],
    ),
  };
}

/** A practical of any version as one of the newest; anything else as it is. */
export const upToDate = broughtUp({
  1: {
    name: 'Version 1 knew no lesson frame, no strengths, and asked for the cation alone.',
    up: (old) => ({ setUp: 5, clearUp: 10, asks: 'cation', before: [], ...old, formatVersion: 2 }),
  },
  2: {
    name: 'Version 2 numbered the steps of whole methods, and its own syllabus said no version.',
    up: (old) => ({
      ...old,
      ...(Array.isArray(old['tests']) ? { tests: old['tests'].map(withControlsOfVersion3) } : {}),
      ...(old['ownSyllabus'] === undefined ? {} : { ownSyllabus: syllabusUpToDate(old['ownSyllabus']) }),
      formatVersion: 3,
    }),
  },
  3: {
    name: 'Version 3 kept no liquid of one test for another.',
    up: (old) => ({ ...old, formatVersion: 4 }),
  },
  4: {
    name: 'Version 4 knew one way of recording, and neither equations nor technique.',
    up: (old) => ({ ...old, formatVersion: 5 }),
  },
  5: {
    name: 'Version 5 carried no mark scheme.',
    up: (old) => ({ ...old, formatVersion: 6 }),
  },
});
