/** The server's lessons as the pages hold them. */
import type { LessonState } from '@kivex/contract';
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useInPages } from '../kit/request/in-pages.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { call } from '../kit/request/call.js';

/** All lessons, newest first, a page at a time. */
export const useLessons = () => useInPages('lessons', 'GET /api/lessons');
export const useLesson = (id: string) =>
  useQuery({ queryKey: ['lesson', id], queryFn: () => call('GET /api/lessons/:lesson', { lesson: id }) });
export const useMarks = (id: string, enabled = true) =>
  useQuery({
    queryKey: ['marks', id],
    queryFn: () => call('GET /api/lessons/:lesson/marks', { lesson: id }),
    enabled,
  });
/** What a board, the desk and the review start from: of each group what still says something. */
export const boardLogOf = (id: string) =>
  queryOptions({
    queryKey: ['events', id],
    queryFn: () => call('GET /api/lessons/:lesson/board', { lesson: id }),
  });
export const useBoardLog = (id: string) => useQuery(boardLogOf(id));
const isThere = () => true as const;
/** Whether the log has come; who asks only this is not drawn anew at every entry. */
export const useBoardLogIsThere = (id: string) => useQuery({ ...boardLogOf(id), select: isThere });
/** Entries kept apart: late ones, and those handed over. */
export const useHeld = (id: string) =>
  useQuery({
    queryKey: ['held', id],
    queryFn: () => call('GET /api/lessons/:lesson/held', { lesson: id }),
  });

/** Moves a lesson on, now or never; what depends on its state is fetched anew. */
export function useMove(id: string) {
  const cache = useQueryClient();
  return useMutation({
    ...nowOrNever,
    mutationFn: (state: LessonState) =>
      call('PUT /api/lessons/:lesson/state', { lesson: id, body: { state } }),
    onSuccess: async (lesson) => {
      cache.setQueryData(['lesson', id], lesson);
      await Promise.all([
        cache.invalidateQueries({ queryKey: ['marks', id] }),
        cache.invalidateQueries({ queryKey: ['lessons'] }),
      ]);
    },
  });
}
