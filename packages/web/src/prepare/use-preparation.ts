/** Everything the Prepare page shows of a lesson: computed here from the core, ticked and logged on the server. */
import type { Lesson, Preparation } from '@kivex/contract';
import {
  apparatusFor,
  lessonNeeds,
  portionsIn,
  prepTasks,
  riskOf,
  usualPrep,
  wasteOf,
  type LessonSize,
  type PrepSettings,
} from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { request } from '../kit/request/request.js';
import { today, useStore } from '../store/store-queries.js';

export function usePreparation(lesson: Lesson) {
  const store = useStore();
  const log = useQuery({
    queryKey: ['preparation', lesson.id],
    queryFn: () => request<Preparation>('GET', `/api/lessons/${lesson.id}/preparation`),
  });
  const work = useMemo(() => {
    const size: LessonSize = {
      groups: Math.max(1, lesson.groupList.length),
      students: lesson.students,
      portions: portionsIn(lesson.samples, lesson.groupList),
      places: lesson.planning.places,
    };
    const settings: PrepSettings = {
      ...usualPrep,
      surplus: lesson.planning.surplus,
      drop_mL: lesson.planning.drop_mL,
    };
    const needs = lessonNeeds(lesson.practical, size, settings, store.data?.items ?? [], today());
    return {
      size,
      needs,
      tasks: prepTasks(lesson.practical, needs),
      apparatus: apparatusFor(lesson.practical, size),
      waste: wasteOf(lesson.practical, size, settings),
      risk: riskOf(lesson.practical),
    };
  }, [lesson, store.data]);
  return { ...work, store, log };
}

/** Changes what is logged of a preparation. */
export function usePrepChange(lessonId: string) {
  const cache = useQueryClient();
  return useMutation({
    mutationFn: ({ path, body }: { path: 'ticks' | 'substitutions' | 'takings'; body: object }) =>
      request('POST', `/api/lessons/${lessonId}/preparation/${path}`, body),
    // A tick shows at once; what the server says of it follows, and takes it back where it failed.
    onMutate: ({ path, body }) => {
      if (path !== 'ticks') return;
      const tick = { ...(body as { key: string; done: boolean }), by: 'you', at: new Date().toISOString() };
      cache.setQueryData<Preparation>(
        ['preparation', lessonId],
        (log) => log && { ...log, ticks: [...log.ticks.filter((t) => t.key !== tick.key), tick] },
      );
    },
    onSettled: () =>
      Promise.all([
        cache.invalidateQueries({ queryKey: ['preparation', lessonId] }),
        cache.invalidateQueries({ queryKey: ['store'] }),
      ]),
  });
}
