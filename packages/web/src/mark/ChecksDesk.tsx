/** Checks of a class's marks: the same answer with another mark, what must not matter, wording in common, a second marker. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, MarkRow } from '@kivex/contract';
import type { UnlikeMarks } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, type ReactNode } from 'react';
import { Button } from '../kit/Button.js';
import { Loading, Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';
import { Surface } from '../lessons/Follows.js';
import { ordersOf, orderWords, whoseMarks, writtenBy } from './fairness-facts.js';
import { HeldSamples } from './HeldSamples.js';
import { itemName, truthOf } from './like-names.js';
import { SecondMarkers } from './SecondMarkers.js';
import { answersToSort } from './sort-answers.js';
import type { Orders, SortingWork } from './sorting-work.js';
import { useSorted } from './use-sorted.js';
import type { Remote } from 'comlink';

interface ChecksDeskProps {
  readonly lesson: Lesson;
  readonly rows: readonly MarkRow[];
  readonly follows: ReactNode;
}

export function ChecksDesk({ lesson, rows, follows }: ChecksDeskProps) {
  const ask = useCallback(
    (work: Remote<SortingWork> | SortingWork) =>
      work.fairness(answersToSort(lesson, rows), writtenBy(rows), ordersOf(rows)),
    [lesson, rows],
  );
  const { found, error } = useSorted(ask);
  return (
    <Surface follows={follows}>
      <SecondMarkers lesson={lesson} rows={rows} />
      <HeldSamples lesson={lesson} />
      {error && <Notice tone="stop">{error.message}</Notice>}
      {!found && !error && <Loading what="all answers, to compare them" />}
      {found && (
        <>
          <Part title="The same answer, another mark">
            {found.unlike.length === 0 ? (
              <p>Nowhere: whoever wrote the same of the same has the same points.</p>
            ) : (
              found.unlike.map((one) => (
                <Unlike
                  key={`${one.answer} ${one.given[0]!.ids[0]}`}
                  lesson={lesson}
                  rows={rows}
                  unlike={one}
                />
              ))
            )}
          </Part>
          <Part title="What must not matter">
            <chakra.p color="ink.soft" fontSize="sm" mb="1">
              Points that people gave beside what was computed, held against orders that mean nothing, by
              shuffling them 2,000 times.
            </chakra.p>
            {(Object.keys(found.orders) as (keyof Orders)[]).map((order) => {
              const { text, look } = orderWords(order, found.orders[order]);
              return (
                <chakra.p key={order} fontWeight={look ? '600' : '400'} color={look ? 'saffron' : undefined}>
                  {text}
                </chakra.p>
              );
            })}
          </Part>
          <Part title="Wording in common">
            {found.alike.length === 0 ? (
              <p>No two groups share odd wording.</p>
            ) : (
              <>
                <chakra.p color="ink.soft" fontSize="sm" mb="1">
                  A question to ask, not a finding: words may be in common because they were on a board or in
                  a book.
                </chakra.p>
                {found.alike.slice(0, 10).map(({ groups, shared }) => (
                  <Box key={groups.join()} py="1">
                    <b>
                      {groups[0]} and {groups[1]}
                    </b>
                    : {shared.map((s) => `“${s.answer}”`).join(', ')}
                  </Box>
                ))}
              </>
            )}
          </Part>
        </>
      )}
    </Surface>
  );
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="2">
        {title}
      </chakra.h2>
      {children}
    </Tile>
  );
}

/** One answer with several marks; one press gives all the same. */
function Unlike({
  lesson,
  rows,
  unlike,
}: {
  readonly lesson: Lesson;
  readonly rows: readonly MarkRow[];
  readonly unlike: UnlikeMarks;
}) {
  const cache = useQueryClient();
  const even = useMutation({
    ...nowOrNever,
    mutationFn: (points: number) =>
      call('POST /api/lessons/:lesson/marks/decisions', {
        lesson: lesson.id,
        body: {
          marks: unlike.given.filter((g) => g.points !== points).flatMap((g) => g.ids),
          points,
          reason: 'The same answer has the same mark',
        },
      }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['marks', lesson.id] }),
  });
  return (
    <Box borderTop="1px solid" borderColor="slate.200" py="2" display="grid" gap="1">
      <Box>
        <b>“{unlike.answer}”</b>{' '}
        <chakra.span color="ink.soft">
          {itemName(lesson, unlike)}, {truthOf(unlike)}
        </chakra.span>
      </Box>
      {unlike.given.map(({ points, ids }) => (
        <Box
          key={points}
          display="flex"
          gap="2"
          alignItems="center"
          justifyContent="space-between"
          flexWrap="wrap"
        >
          <chakra.span fontSize="sm">
            {points} of {unlike.max}: {whoseMarks(rows, ids)}
          </chakra.span>
          <Button size="small" disabled={even.isPending} onClick={() => even.mutate(points)}>
            Give all {points}
          </Button>
        </Box>
      ))}
      {even.error && <Notice tone="stop">{even.error.message}</Notice>}
    </Box>
  );
}
