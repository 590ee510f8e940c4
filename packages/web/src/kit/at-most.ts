/** Waits for the work, `ms` milliseconds at most; whether it failed is told where its result is used. Never rejects. */
export async function atMost(ms: number, work: Promise<unknown>): Promise<void> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<void>((over) => {
    timer = setTimeout(over, ms);
  });
  await Promise.race([work.catch(() => undefined), late]);
  clearTimeout(timer);
}
