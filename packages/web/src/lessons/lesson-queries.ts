/** The server's lessons as the pages hold them. */
import type { BoardLog, HeldEntries, Lesson, LessonHead, LessonState, MarkTable } from '@kivex/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useInPages } from '../kit/request/in-pages.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { request } from '../kit/request/request.js';

/** All lessons, newest first, a page at a time. */
export const useLessons = () => useInPages<LessonHead>('lessons', '/api/lessons');
export const useLesson = (id: string) =>
  useQuery({ queryKey: ['lesson', id], queryFn: () => request<Lesson>('GET', `/api/lessons/${id}`) });
export const useMarks = (id: string, enabled = true) =>
  useQuery({
    queryKey: ['marks', id],
    queryFn: () => request<MarkTable>('GET', `/api/lessons/${id}/marks`),
    enabled,
  });
/** What a board, the desk and the review start from: of each group what still says something. */
export const useBoardLog = (id: string) =>
  useQuery({
    queryKey: ['events', id],
    queryFn: () => request<BoardLog>('GET', `/api/lessons/${id}/board`),
  });
/** Entries kept apart: late ones, and those handed over. */
export const useHeld = (id: string) =>
  useQuery({
    queryKey: ['held', id],
    queryFn: () => request<HeldEntries>('GET', `/api/lessons/${id}/held`),
  });

/** Moves a lesson on, now or never; what depends on its state is fetched anew. */
export function useMove(id: string) {
  const cache = useQueryClient();
  return useMutation({
    ...nowOrNever,
    mutationFn: (state: LessonState) => request<Lesson>('PUT', `/api/lessons/${id}/state`, { state }),
    onSuccess: async (lesson) => {
      cache.setQueryData(['lesson', id], lesson);
      await Promise.all([
        cache.invalidateQueries({ queryKey: ['marks', id] }),
        cache.invalidateQueries({ queryKey: ['lessons'] }),
      ]);
    },
  });
}
