/** Changes a part of the syllabus that is edited. */
import type { Syllabus } from '@kivex/core';

export type Change = (part: Partial<Syllabus>) => void;
