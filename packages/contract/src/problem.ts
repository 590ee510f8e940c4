/** An error as `application/problem+json` (RFC 9457), with the fields at fault. */
export interface Problem {
  readonly type: 'about:blank';
  readonly title: string;
  readonly status: number;
  /** A sentence that says what to do. */
  readonly detail: string;
  readonly errors?: readonly { readonly field: string; readonly detail: string }[];
}
