/**
 * What an answer claims about one attribute: terms (colours or values) in the order said, with what
 * spoils them. A reader for each kind of attribute; none knows a test or an ion.
 */
import type { Clause } from './clauses.js';
import type { Concept } from './concepts.js';
import type { Mention, TextReading } from './read-text.js';

export interface Claim {
  /** A colour term or a value, in the reader's own closed list. */
  readonly term: string;
  /** How it follows the claim before it. */
  readonly joined: Clause['joined'];
  /** A colour that another one is said to have turned into. */
  readonly turned?: boolean;
}
export interface Claims {
  readonly claims: readonly Claim[];
  /** Why nothing (more) was claimed: a code a reason is made from. */
  readonly problem?:
    | 'wrong-state'
    | 'no-colour'
    | 'no-state'
    | 'not-observation'
    | 'denied'
    | 'other-test'
    | 'half'
    /** That it was not tried at all. */
    | 'not-done'
    | 'clear-not-colourless'
    | 'reversed';
  /** Colours given with nothing that has them, where that alone claims nothing. */
  readonly loose?: readonly string[];
  /** A colour was given without saying what has it. */
  readonly bare?: boolean;
}

/** Where an answer stands: asked about this attribute alone, or as part of a whole test. */
export interface Asked {
  readonly narrow: boolean;
  /** The test also asks what happens in excess. */
  readonly hasExcess: boolean;
}
export type ClaimReader = (reading: TextReading, asked: Asked) => Claims;

const solidKinds: ReadonlySet<string> = new Set(['precipitate', 'cloudy', 'milky']);
export const isSolid = (m: Mention): boolean => solidKinds.has(m.kind);
export const joinedOf = (reading: TextReading, m: Mention): Clause['joined'] =>
  reading.clauses[m.clause]!.joined;
export const has = (reading: TextReading, kind: Concept): boolean =>
  reading.mentions.some((m) => m.kind === kind && !m.denied);

/** A later clause that begins with "but" takes the place of what was claimed before it, where both claim. */
export function lastWord(claims: readonly Claim[]): readonly Claim[] {
  const turn = claims.findLastIndex((c) => c.joined === 'but');
  return turn > 0 ? claims.slice(turn) : claims;
}
