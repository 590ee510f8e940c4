/** What a file of the tables schools exchange would bring, and where its results are others than ours. */
export interface ExchangePreview {
  /** Lines that cannot be taken, with what to do. */
  readonly problems: readonly { readonly file: string; readonly line: number; readonly text: string }[];
  readonly classes: readonly {
    readonly name: string;
    /** Is it here already? */
    readonly here: boolean;
    /** Students it would bring. */
    readonly fresh: readonly string[];
    /** Students that are here and not in the file; they stay. */
    readonly missing: readonly string[];
  }[];
  /** Results of lessons of ours that say something else than what was given out. */
  readonly differences: readonly {
    readonly student: string;
    readonly lesson: string;
    readonly lessonId: string;
    readonly ours: number;
    readonly theirs: number;
  }[];
}
export interface ExchangeTaken {
  readonly classes: number;
  readonly students: number;
}
