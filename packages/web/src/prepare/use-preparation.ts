/** Everything the Prepare page shows of a lesson: computed here from the core, ticked and logged on the server. */
import type { BodyOf, Lesson, Preparation } from '@kivex/contract';
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
import { call } from '../kit/request/call.js';
import { today, useStore } from '../store/store-queries.js';

export function usePreparation(lesson: Lesson) {
  const store = useStore();
  const log = useQuery({
    queryKey: ['preparation', lesson.id],
    queryFn: () => call('GET /api/lessons/:lesson/preparation', { lesson: lesson.id }),
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

/** One change of what is logged of a preparation. */
type PrepChange =
  | { readonly tick: BodyOf<'POST /api/lessons/:lesson/preparation/ticks'> }
  | { readonly take: BodyOf<'POST /api/lessons/:lesson/preparation/takings'> }
  | { readonly substitute: string };

/** Changes what is logged of a preparation. */
export function usePrepChange(lessonId: string) {
  const cache = useQueryClient();
  const key = ['preparation', lessonId];
  return useMutation({
    mutationKey: key,
    mutationFn: (change: PrepChange) =>
      'tick' in change
        ? call('POST /api/lessons/:lesson/preparation/ticks', { lesson: lessonId, body: change.tick })
        : 'take' in change
          ? call('POST /api/lessons/:lesson/preparation/takings', { lesson: lessonId, body: change.take })
          : call('POST /api/lessons/:lesson/preparation/substitutions', {
              lesson: lessonId,
              body: { substitute: change.substitute },
            }),
    // A tick shows at once; what the server says of it follows, and takes it back where it failed.
    onMutate: async (change) => {
      if (!('tick' in change)) return;
      // An answer still under way was asked for before the tick and would wipe it out.
      await cache.cancelQueries({ queryKey: key });
      const tick = { ...change.tick, by: 'you', at: new Date().toISOString() };
      cache.setQueryData<Preparation>(
        key,
        (log) => log && { ...log, ticks: [...log.ticks.filter((t) => t.key !== tick.key), tick] },
      );
    },
    onSettled: () =>
      // With more changes under way, the last of them asks: before it is there, the server's word is old.
      cache.isMutating({ mutationKey: key }) > 1
        ? undefined
        : Promise.all([
            cache.invalidateQueries({ queryKey: key }),
            cache.invalidateQueries({ queryKey: ['store'] }),
          ]),
  });
}
