/** The server's lessons as the pages hold them. */
import type { Lesson, LessonHead, LessonState, MarkTable, WireEvent } from '@kivex/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from '../kit/request/request.js';

export const useLessons = () =>
  useQuery({ queryKey: ['lessons'], queryFn: () => request<LessonHead[]>('GET', '/api/lessons') });
export const useLesson = (id: string) =>
  useQuery({ queryKey: ['lesson', id], queryFn: () => request<Lesson>('GET', `/api/lessons/${id}`) });
export const useMarks = (id: string, enabled = true) =>
  useQuery({
    queryKey: ['marks', id],
    queryFn: () => request<MarkTable>('GET', `/api/lessons/${id}/marks`),
    enabled,
  });
export const useEvents = (id: string) =>
  useQuery({
    queryKey: ['events', id],
    queryFn: () => request<WireEvent[]>('GET', `/api/lessons/${id}/events`),
  });

/** Moves a lesson on; what depends on its state is fetched anew. */
export function useMove(id: string) {
  const cache = useQueryClient();
  return useMutation({
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
