/**
 * Work that many ask for at once, done once for all of them. Whoever asks while it is under way is given the next run, which
 * begins once this one is over: nobody is given what is older than their question.
 */
export class Together<T> {
  private readonly lines = new Map<string, { readonly running: Promise<T>; next?: Promise<T> }>();

  /** @param key what the work is about: the same for those who may share it. What it gives is shared, and not to be changed. */
  do(key: string, work: () => Promise<T>): Promise<T> {
    const line = this.lines.get(key);
    if (!line) return this.begin(key, work);
    line.next ??= line.running
      .then(
        () => undefined,
        () => undefined,
      )
      .then(() => this.begin(key, work));
    return line.next;
  }

  private begin(key: string, work: () => Promise<T>): Promise<T> {
    const line: { readonly running: Promise<T>; next?: Promise<T> } = { running: work() };
    this.lines.set(key, line);
    const over = () => {
      if (this.lines.get(key) === line && !line.next) this.lines.delete(key);
    };
    line.running.then(over, over);
    return line.running;
  }
}
