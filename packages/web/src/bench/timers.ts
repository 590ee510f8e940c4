/** Timers of a bench's waits: they run on while one works elsewhere, over a reload and while the device sleeps. */
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';

export interface BenchTimer {
  readonly id: string;
  /** Whose they are: the lesson's id. */
  readonly lesson: string;
  /** What is waited for. */
  readonly label: string;
  /** The entry of the log that tells the board of it. */
  readonly event?: string;
  /** By this device's clock, milliseconds. */
  readonly startedAt: number;
  readonly endsAt: number;
}

/** Timers of one lesson at once; more are no help to anybody. */
const mostTimers = 8;
/** Milliseconds after its end at which a timer nobody put away is forgotten: the lesson is long over. */
const forgottenAfter = 4 * 60 * 60_000;

/**
 * Whole seconds still to go; 0 once it is over. A clock set back cannot make it longer than it was begun for.
 * @param longer seconds it was lengthened by, as the log tells.
 */
export const secondsLeft = ({ startedAt, endsAt }: BenchTimer, now: number, longer = 0): number => {
  const end = endsAt + longer * 1000;
  return Math.min(Math.ceil((end - startedAt) / 1000), Math.max(0, Math.ceil((end - now) / 1000)));
};

/** `1:05`, `0:09`. */
export const clockOf = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

interface Timers {
  readonly timers: readonly BenchTimer[];
  /** The same wait begun again begins anew. */
  readonly begin: (lesson: string, label: string, seconds: number, now?: number, event?: string) => void;
  readonly longer: (id: string, seconds: number, now?: number) => void;
  readonly end: (id: string) => void;
}

/** @param storage where it is kept; without any it lasts as long as the page. */
export const createTimers = (storage: () => Storage) =>
  create<Timers>()(
    persist(
      (set) => ({
        timers: [],
        begin: (lesson, label, seconds, now = Date.now(), event?: string) =>
          set(({ timers }) => {
            const id = `${lesson} ${label}`;
            const others = timers.filter((t) => t.id !== id && now - t.endsAt < forgottenAfter);
            const made: BenchTimer = {
              id,
              lesson,
              label,
              startedAt: now,
              endsAt: now + seconds * 1000,
              ...(event ? { event } : {}),
            };
            return { timers: [...others, made].slice(-mostTimers) };
          }),
        longer: (id, seconds, now = Date.now()) =>
          set(({ timers }) => ({
            timers: timers.map((t) =>
              t.id === id ? { ...t, endsAt: Math.max(t.endsAt, now) + seconds * 1000 } : t,
            ),
          })),
        end: (id) => set(({ timers }) => ({ timers: timers.filter((t) => t.id !== id) })),
      }),
      {
        name: 'kivex-timers',
        version: 1,
        storage: createJSONStorage(storage),
        partialize: ({ timers }) => ({ timers }),
      },
    ),
  );

export const useTimers = createTimers(() => localStorage);
