/** The versions of syllabus files. */
import { broughtUp } from '../formats/versions.js';

export const syllabusFormat = 'kivex-syllabus';
export const syllabusVersion = 2;

/** A syllabus of any version as one of the newest; anything else as it is. */
export const syllabusUpToDate = broughtUp(
  {
    1: {
      name: 'Version 1 said neither what it is nor its version.',
      up: (old) => ({ ...old, format: syllabusFormat, formatVersion: 2 }),
    },
  },
  1,
);
