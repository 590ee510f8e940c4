/** How long names are kept, what is held of one student, and what was made to go. */

export const erasureWays = ['nameless', 'gone'] as const;
/** `nameless`: work and marks stay, without anybody's name; `gone`: nothing stays. */
export type ErasureWay = (typeof erasureWays)[number];

/** What went, for good. */
export interface Certificate {
  readonly id: string;
  readonly way: ErasureWay;
  readonly className: string;
  readonly by: string;
  readonly at: string;
  /** By kind, in words: how many. */
  readonly went: Readonly<Record<string, number>>;
}
export interface Retention {
  /** Months after a class's last lesson; null: no limit is set. */
  readonly months: number | null;
  /** Classes whose names have been kept longer. */
  readonly due: readonly { readonly id: string; readonly name: string; readonly lastLesson: string }[];
  /** Newest first. */
  readonly certificates: readonly Certificate[];
}
export interface NewErasure {
  readonly way: ErasureWay;
  /** The class's name, typed: what goes does not come back. */
  readonly name: string;
}
