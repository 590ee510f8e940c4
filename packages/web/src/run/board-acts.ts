/** What the board can have done to one bench, each a call to the server; the log and the lesson are fetched after it. */
import type { NewIncident, NewKeptSample, NewSignOff } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from '../kit/request/call.js';

export interface BenchActs {
  readonly answer: (asked: string) => void;
  readonly signOff: (wanted: NewSignOff) => void;
  readonly lengthen: (timer: string, seconds: number) => void;
  readonly setOpen: (group: string, open: boolean) => void;
  readonly seat: (student: string, group: string) => void;
  readonly absent: (student: string) => void;
  readonly dismiss: (cause: string, dismissed: boolean) => void;
  /** @throws RequestProblem */
  readonly logIncident: (incident: NewIncident) => Promise<void>;
  /** @returns the code to write on it. @throws RequestProblem */
  readonly keep: (wanted: NewKeptSample) => Promise<string>;
}

/** @param failed told why, where something did not go through. */
export function useBenchActs(
  lesson: string,
  refetch: () => void,
  failed: (why: string | undefined) => void,
): BenchActs {
  const cache = useQueryClient();
  return useMemo(() => {
    const stale = (...key: string[]) => void cache.invalidateQueries({ queryKey: key });
    const then = (sent: Promise<unknown>, after: () => void) => {
      failed(undefined);
      sent.then(after, (error: Error) => failed(error.message));
    };
    const lessonStale = () => stale('lesson', lesson);
    return {
      answer: (asked) =>
        then(call('POST /api/lessons/:lesson/calls/:call/answer', { lesson, call: asked }), refetch),
      signOff: (body) => then(call('POST /api/lessons/:lesson/sign-offs', { lesson, body }), refetch),
      lengthen: (timer, seconds) =>
        then(
          call('POST /api/lessons/:lesson/timers/:timer/longer', { lesson, timer, body: { seconds } }),
          refetch,
        ),
      setOpen: (group, open) =>
        then(call('PUT /api/lessons/:lesson/groups/:group/open', { lesson, group, body: { open } }), refetch),
      seat: (student, group) =>
        then(
          call('PUT /api/lessons/:lesson/seats/:student', { lesson, student, body: { group } }),
          lessonStale,
        ),
      absent: (student) =>
        then(call('DELETE /api/lessons/:lesson/seats/:student', { lesson, student }), lessonStale),
      dismiss: (cause, dismissed) =>
        then(call('PUT /api/lessons/:lesson/causes', { lesson, body: { cause, dismissed } }), lessonStale),
      logIncident: async (body) => {
        await call('POST /api/lessons/:lesson/incidents', { lesson, body });
        stale('incidents', lesson);
      },
      keep: async (body) => {
        const { code } = await call('POST /api/lessons/:lesson/kept', { lesson, body });
        stale('kept', lesson);
        return code;
      },
    };
  }, [lesson, refetch, failed, cache]);
}
