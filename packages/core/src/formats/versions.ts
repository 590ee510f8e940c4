/** Documents of older formats brought up to the newest, by named steps from each version to the next. */
type Old = Readonly<Record<string, unknown>>;

export interface VersionStep {
  /** What the step does, for whoever reads the list. */
  readonly name: string;
  readonly up: (old: Old) => Record<string, unknown>;
}

const isObject = (value: unknown): value is Old =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * A function that takes a document of any version to the newest; anything that is no object stays as it is.
 * @param steps by the version they start from; the first version without a step is the newest.
 * @param withoutVersion what a document is that says no version.
 */
export const broughtUp =
  (steps: Readonly<Record<number, VersionStep>>, withoutVersion?: number) =>
  (document: unknown): unknown => {
    let now = document;
    while (isObject(now)) {
      const said = now['formatVersion'];
      const version = typeof said === 'number' ? said : said === undefined ? withoutVersion : undefined;
      const step = version === undefined ? undefined : steps[version];
      if (!step) break;
      now = step.up(now);
    }
    return now;
  };
