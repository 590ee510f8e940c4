/** The syllabuses being edited. */
import type { Syllabus } from '@kivex/core';
import { draftsOf } from '../drafts/draft-store.js';

export const useSyllabusDrafts = draftsOf<Syllabus>('syllabus');
