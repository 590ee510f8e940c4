/** The practicals being edited: the liquids they keep follow the samples and tests they come from. */
import { withKeptLiquids, type Practical } from '@kivex/core';
import { draftsOf } from '../drafts/draft-store.js';

export const usePracticalDrafts = draftsOf<Practical>('practical', withKeptLiquids);
