/** How well a class knows something, by how many answered rightly. */
import type { ClassRound } from '@kivex/contract';

/** Shares from which a class is said to have it, and to have it half. */
const from = { known: 0.8, half: 0.5 } as const;
export type Warmth = 'known' | 'half' | 'weak';

export const shareOf = ({ right, partly, answers }: ClassRound): number =>
  answers ? (right + partly / 2) / answers : 0;
export const warmthOf = (share: number): Warmth =>
  share >= from.known ? 'known' : share >= from.half ? 'half' : 'weak';
