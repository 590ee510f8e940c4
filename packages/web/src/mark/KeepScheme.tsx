/** The scheme of a lesson kept with its practical, so that lessons to come begin with it. */
import { chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import { usualPreset, type MarkScheme } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { sameScheme } from './scheme-words.js';

interface KeepSchemeProps {
  readonly lesson: Pick<Lesson, 'practical' | 'practicalId'>;
  readonly scheme: MarkScheme;
}

export function KeepScheme({ lesson, scheme }: KeepSchemeProps) {
  const cache = useQueryClient();
  const { practicalId, practical } = lesson;
  const keep = useMutation({
    ...nowOrNever,
    mutationFn: async () => {
      // As it stands now: the lesson may have been made from an older version.
      const { document, head } = await call('GET /api/practicals/:practical', { practical: practicalId });
      await call('PUT /api/practicals/:practical', {
        practical: practicalId,
        body: { document: { ...document, scheme }, from: head.version },
      });
    },
    onSuccess: () =>
      Promise.all([
        cache.invalidateQueries({ queryKey: ['practicals'] }),
        cache.invalidateQueries({ queryKey: ['practical', practicalId] }),
      ]),
  });
  if (sameScheme(scheme, practical.scheme ?? usualPreset(practical.syllabus).scheme)) return null;
  if (keep.isSuccess)
    return <Notice tone="go">Lessons to come of this practical are marked by this scheme.</Notice>;
  return (
    <>
      {keep.error && <Notice tone="stop">{keep.error.message}</Notice>}
      <Button disabled={keep.isPending} onClick={() => keep.mutate()}>
        Keep it with the practical
      </Button>
      <chakra.p fontSize="sm" color="ink.soft">
        Lessons to come then begin with it; those there are stay as they are.
      </chakra.p>
    </>
  );
}
