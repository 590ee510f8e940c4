/** Who is writing at this device, and whose own answers are shut here: what it remembers over a reload. */

export interface WhoWrites {
  /** Undefined where it is whoever joined last. */
  readonly writing: () => string | undefined;
  readonly setWriting: (student: string | undefined) => void;
  readonly isShut: (student: string) => boolean;
  readonly setShut: (student: string, shut: boolean) => void;
}

const writingKey = 'kivex-writing';
const shutKey = 'kivex-shut';

/** @param storage where it is kept; a device without any remembers as long as the page lasts. */
export function rememberWho(storage?: Pick<Storage, 'getItem' | 'setItem'>): WhoWrites {
  const page = new Map<string, string>();
  const get = (key: string): string => {
    try {
      return storage?.getItem(key) ?? page.get(key) ?? '';
    } catch {
      return page.get(key) ?? '';
    }
  };
  const put = (key: string, value: string): void => {
    page.set(key, value);
    try {
      storage?.setItem(key, value);
    } catch {
      // The page remembers.
    }
  };
  const shut = (): string[] => get(shutKey).split(' ').filter(Boolean);
  return {
    writing: () => get(writingKey) || undefined,
    setWriting: (student) => put(writingKey, student ?? ''),
    isShut: (student) => shut().includes(student),
    setShut: (student, now) =>
      put(shutKey, [...shut().filter((id) => id !== student), ...(now ? [student] : [])].join(' ')),
  };
}
