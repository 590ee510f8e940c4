/** Like answers together: what wants a person first, the biggest first; one decision for all who wrote the same. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, MarkRow } from '@kivex/contract';
import type { LikeAnswers as Group } from '@kivex/core';
import { useQueryClient } from '@tanstack/react-query';
import type { Remote } from 'comlink';
import { useCallback, useState } from 'react';
import { Empty, Loading, Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { Surface } from '../lessons/Follows.js';
import { LikeDesk, type LastDecided } from './LikeDesk.js';
import { itemName, truthOf } from './like-names.js';
import { LikeRow } from './LikeRow.js';
import { answersToSort } from './sort-answers.js';
import type { SortingWork } from './sorting-work.js';
import { minutesLeft, paceOf } from './time-left.js';
import { useLikeList } from './use-like-list.js';
import { useSorted } from './use-sorted.js';

interface LikeAnswersProps {
  readonly lesson: Lesson;
  readonly rows: readonly MarkRow[];
  /** What follows from the marks, while no group is chosen. */
  readonly follows: React.ReactNode;
}

export function LikeAnswers({ lesson, rows, follows }: LikeAnswersProps) {
  const cache = useQueryClient();
  const sort = useCallback(
    (work: Remote<SortingWork> | SortingWork) => work.like(answersToSort(lesson, rows)),
    [lesson, rows],
  );
  const { found, error } = useSorted(sort);
  const groups = found ?? none;
  const [made, setMade] = useState<readonly number[]>([]);
  const list = useLikeList(groups, async (was: LastDecided) => {
    if ('rule' in was) await call('POST /api/answer-rules/:rule/undo', { rule: was.rule });
    else
      await call('POST /api/lessons/:lesson/marks/decisions/:decision/undo', {
        lesson: lesson.id,
        decision: was.decision,
      });
    await cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
  });
  const { group, choose } = list;
  const open = groups.filter((g) => g.open > 0);
  const minutes = minutesLeft(made, open.length);
  const answers = open.reduce((sum, g) => sum + g.open, 0);
  return (
    <Surface
      urgent={group !== undefined}
      follows={
        group ? (
          <LikeDesk
            key={group.key}
            lesson={lesson}
            rows={rows}
            group={group}
            draft={list.draft}
            last={list.last}
            undo={list.undo}
            notUndone={list.notUndone}
            decided={(decision) => {
              setMade((before) => [...before, Date.now()]);
              list.decided(decision);
            }}
          />
        ) : (
          follows
        )
      }
    >
      <Tile p="3" display="grid" gap="2">
        <chakra.p color="ink.soft" hidden={!found}>
          {open.length
            ? `${answers} ${answers === 1 ? 'answer wants' : 'answers want'} a person: ${open.length} ${open.length === 1 ? 'decision' : 'decisions'}${minutes === undefined ? '' : `, ${paceOf(minutes)}`}. n goes to the next, ↑ and ↓ along the list; a figure sets the points.`
            : 'Nothing is left to look at. Any group can still be decided otherwise.'}
        </chakra.p>
        {error && <Notice tone="stop">{error.message}</Notice>}
        {!found && !error && <Loading what="like answers" />}
        {found && groups.length === 0 && (
          <Empty title="No answers yet">They come as soon as somebody hands in.</Empty>
        )}
        <Box role="list" aria-label="Like answers">
          {groups.map((g) => (
            <LikeRow
              key={g.key}
              group={g}
              item={`${itemName(lesson, g)}, ${truthOf(g)}`}
              {...standing(g)}
              chosen={g === group}
              choose={choose}
            />
          ))}
        </Box>
      </Tile>
    </Surface>
  );
}

const none: readonly Group[] = [];

/** Of a group that is decided: what was given; whether it still wants a person comes first. */
function standing({ open, points, max }: Group) {
  if (open) return { end: `${open} to look at`, endColor: 'saffron' } as const;
  if (points === undefined) return { end: 'not alike', endColor: 'ink.soft' } as const;
  return { end: `${points} of ${max}`, endColor: points ? 'verdigris' : 'ink.soft' } as const;
}
