/** The preparation of a lesson as it stands: what was ticked, taken, substituted. */
export interface PrepTick {
  readonly key: string;
  readonly done: boolean;
  readonly by: string;
  /** ISO 8601. */
  readonly at: string;
}
export interface PrepSubstitution {
  readonly id: string;
  readonly substitute: string;
  readonly summary: string;
  readonly by: string;
  readonly at: string;
}
export interface PrepTaking {
  readonly item: string;
  readonly name: string;
  readonly amount: number;
  readonly unit: string;
  readonly by: string;
  readonly at: string;
}
export interface Preparation {
  /** The last tick of each task. */
  readonly ticks: readonly PrepTick[];
  readonly substitutions: readonly PrepSubstitution[];
  readonly takings: readonly PrepTaking[];
}
