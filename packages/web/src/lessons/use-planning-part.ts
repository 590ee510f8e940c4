/** Saves a part of a lesson's planning; what somebody else saved meanwhile is fetched and told, never overwritten unseen. */
import type { Lesson, LessonPlanning, PlanningPart } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../kit/request/call.js';
import { isOvertaken } from '../kit/request/overtaken.js';
import { bodyFor, type PartOf } from './planning-part.js';

type Saved<P extends PlanningPart> = PartOf[P] & { readonly from: number };
const save: { readonly [P in PlanningPart]: (lesson: string, body: Saved<P>) => Promise<LessonPlanning> } = {
  rota: (lesson, body) => call('PUT /api/lessons/:lesson/planning/rota', { lesson, body }),
  preparation: (lesson, body) => call('PUT /api/lessons/:lesson/planning/preparation', { lesson, body }),
};

export function usePlanningPart<P extends PlanningPart>(lessonId: string, part: P) {
  const cache = useQueryClient();
  const key = ['lesson', lessonId];
  return useMutation({
    // One after another: a second change begins from what the first has made.
    scope: { id: `${part} of ${lessonId}` },
    mutationFn: ({ change, from }: { readonly change: Partial<PartOf[P]>; readonly from?: number }) =>
      save[part](lessonId, bodyFor(cache.getQueryData<Lesson>(key)!.planning, part, change, from)),
    onSuccess: (planning) =>
      cache.setQueryData<Lesson>(key, (lesson) => (lesson ? { ...lesson, planning } : lesson)),
    onError: async (error) => {
      if (isOvertaken(error)) await cache.invalidateQueries({ queryKey: key });
    },
  });
}
