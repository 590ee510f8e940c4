/** Why something was judged as it was: a code a program can act on and a sentence a student can. */
export interface Reason {
  readonly code: string;
  readonly text: string;
}
