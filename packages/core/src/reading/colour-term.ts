/** The record of one colour word. */
export interface ColourTermRecord {
  /** What people write for it, lower case, single spaces; the first is shown back to them. */
  readonly phrases: readonly string[];
  /** The flame value recorded for it, naked eye and through blue glass; null where none comes near. */
  readonly naked: string | null;
  readonly glass: string | null;
}
