/** Marks that were given out, to the school's gradebook: sent, watched, tried again; what stands otherwise there. */
import { Box, chakra } from '@chakra-ui/react';
import type { Gradebook, GradebookDifference, Lesson } from '@kivex/contract';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { BookUp } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Fold } from '../kit/Fold.js';
import { Notice } from '../kit/Notice.js';
import { ProgressBar } from '../kit/ProgressBar.js';
import { call } from '../kit/request/call.js';
import { askNow, nowOrNever } from '../kit/request/now-or-never.js';
import { differenceWords, sendingWords, troubleWords } from './gradebook-words.js';

/** Milliseconds between looks while something is on its way. */
const whileGoing = 2_000;

type Way = 'send' | 'stop' | 'again';

interface GradebookPartProps {
  readonly lesson: Pick<Lesson, 'id'>;
  /** What is given out, in any form: what there is to send is asked anew when it changes. */
  readonly given: string;
}

export function GradebookPart({ lesson, given }: GradebookPartProps) {
  const cache = useQueryClient();
  const [open, setOpen] = useState(false);
  const key = ['gradebook', lesson.id, given];
  const book = useQuery({
    ...askNow,
    queryKey: key,
    queryFn: () => call('GET /api/lessons/:lesson/gradebook', { lesson: lesson.id }),
    placeholderData: keepPreviousData,
    refetchInterval: ({ state }) => (state.data?.last?.state === 'going' ? whileGoing : false),
  });
  const move = useMutation({
    ...nowOrNever,
    mutationFn: (way: Way): Promise<Gradebook> =>
      way === 'send'
        ? call('POST /api/lessons/:lesson/gradebook', { lesson: lesson.id })
        : way === 'stop'
          ? call('POST /api/lessons/:lesson/gradebook/stop', { lesson: lesson.id })
          : call('POST /api/lessons/:lesson/gradebook/again', { lesson: lesson.id }),
    onSuccess: (now) => cache.setQueryData(key, now),
  });
  if (book.error && !book.data) return <Notice tone="stop">{book.error.message}</Notice>;
  if (!book.data || book.data.at === null) return null;
  const { last, toSend, at } = book.data;
  const going = last?.state === 'going';
  const there = last?.lines.filter((l) => l.state === 'taken').length ?? 0;
  return (
    <Fold
      title="To the gradebook"
      open={open || going}
      onToggle={(event) => setOpen((event.currentTarget as HTMLDetailsElement).open)}
    >
      <Box display="grid" gap="2" mt="1" fontSize="sm">
        <chakra.p color="ink.soft">Marks as they were given out, to {at}. Nothing is sent twice.</chakra.p>
        {last && (
          <>
            <p>{sendingWords(last)}</p>
            {going && <ProgressBar name="Sent" done={there} of={last.lines.length} />}
            {last.trouble && <Notice tone="look">{troubleWords(last.trouble)}</Notice>}
            {last.lines
              .filter((l) => l.state === 'refused')
              .map(({ student, reason }) => (
                <Notice key={student.id} tone="look">
                  {student.name}: {reason}
                </Notice>
              ))}
          </>
        )}
        {move.error && <Notice tone="stop">{move.error.message}</Notice>}
        <Box display="flex" gap="2" flexWrap="wrap">
          {going ? (
            <>
              {last.trouble && (
                <Button size="small" disabled={move.isPending} onClick={() => move.mutate('again')}>
                  Try now
                </Button>
              )}
              <Button size="small" disabled={move.isPending} onClick={() => move.mutate('stop')}>
                Stop
              </Button>
            </>
          ) : (
            <Button size="small" disabled={move.isPending || !toSend} onClick={() => move.mutate('send')}>
              <BookUp size={14} aria-hidden /> {toSend || !last ? `Send ${toSend}` : 'All of it is there'}
            </Button>
          )}
        </Box>
        {last && !going && <Differences lesson={lesson.id} />}
      </Box>
    </Fold>
  );
}

/** What stands otherwise in the gradebook: looked for when asked, agreed to one by one. */
function Differences({ lesson }: { readonly lesson: string }) {
  const cache = useQueryClient();
  const [asked, setAsked] = useState(false);
  const key = ['gradebook-differences', lesson];
  const found = useQuery({
    ...askNow,
    queryKey: key,
    queryFn: () => call('GET /api/lessons/:lesson/gradebook/differences', { lesson }),
    enabled: asked,
    retry: false,
  });
  const agree = useMutation({
    ...nowOrNever,
    mutationFn: ({ student, agreed }: GradebookDifference) =>
      agreed
        ? call('DELETE /api/lessons/:lesson/gradebook/agreed/:student', { lesson, student: student.id })
        : call('PUT /api/lessons/:lesson/gradebook/agreed/:student', { lesson, student: student.id }),
    onSuccess: () =>
      Promise.all([
        cache.invalidateQueries({ queryKey: key }),
        cache.invalidateQueries({ queryKey: ['marks', lesson] }),
      ]),
  });
  const problem = found.error ?? agree.error;
  return (
    <>
      <Box>
        <Button
          size="small"
          variant="quiet"
          disabled={found.isFetching}
          onClick={() => (asked ? void found.refetch() : setAsked(true))}
        >
          Look what was changed there
        </Button>
      </Box>
      {problem && <Notice tone="stop">{problem.message}</Notice>}
      {found.data?.length === 0 && <p>All stands there as it was sent.</p>}
      {found.data?.map((difference) => (
        <Box key={difference.student.id} display="flex" gap="2" alignItems="center" flexWrap="wrap">
          <span>{differenceWords(difference)}</span>
          {(difference.theirs !== null || difference.agreed) && (
            <Button
              size="small"
              aria-label={`Let ${difference.agreed ? difference.ours : difference.theirs} stand for ${difference.student.name}`}
              disabled={agree.isPending}
              onClick={() => agree.mutate(difference)}
            >
              {difference.agreed ? 'Let ours stand' : 'Let theirs stand'}
            </Button>
          )}
        </Box>
      ))}
    </>
  );
}
