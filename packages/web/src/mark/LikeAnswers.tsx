/** Like answers together: what wants a person first, the biggest first; one decision for all who wrote the same. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, MarkRow } from '@kivex/contract';
import type { LikeAnswers as Group } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Remote } from 'comlink';
import { useCallback, useEffect, useState } from 'react';
import { isTyping } from '../kit/is-typing.js';
import { Empty, Loading, Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';
import { Surface } from '../lessons/Follows.js';
import { LikeDesk, type LastDecided } from './LikeDesk.js';
import { itemName, truthOf } from './like-names.js';
import { answersToSort } from './sort-answers.js';
import type { SortingWork } from './sorting-work.js';
import { minutesLeft, paceOf } from './time-left.js';
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
  const [key, setKey] = useState<string>();
  const [draft, setDraft] = useState<{ points: number }>();
  const [last, setLast] = useState<LastDecided>();
  const [made, setMade] = useState<readonly number[]>([]);
  const at = groups.findIndex((g) => g.key === key);
  const group = groups[at];
  const undo = useMutation({
    ...nowOrNever,
    mutationFn: async (was: LastDecided): Promise<unknown> =>
      'rule' in was
        ? call('POST /api/answer-rules/:rule/undo', { rule: was.rule })
        : call('POST /api/lessons/:lesson/marks/decisions/:decision/undo', {
            lesson: lesson.id,
            decision: was.decision,
          }),
    onSuccess: async () => {
      setLast(undefined);
      await cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
    },
  });
  const choose = (next: Group | undefined) => {
    if (!next) return;
    setKey(next.key);
    setDraft(undefined);
    document.getElementById(rowId(next))?.focus();
  };
  const nextOpen = (but?: string) => choose(groups.find((g) => g.open > 0 && g.key !== but));
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
      if (event.key === 'n') nextOpen(key);
      else if (event.key === 'u' && last && !undo.isPending) undo.mutate(last);
      else if (step) choose(groups[Math.min(groups.length - 1, Math.max(0, at + step))]);
      else if (group && /^[0-9]$/.test(event.key) && Number(event.key) <= group.max)
        setDraft({ points: Number(event.key) });
      else return;
      event.preventDefault();
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  });
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
            draft={draft}
            last={last}
            undo={() => last && undo.mutate(last)}
            notUndone={undo.error?.message}
            decided={(decision) => {
              setLast(decision);
              setMade((before) => [...before, Date.now()]);
              nextOpen(group.key);
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
            <LikeRow key={g.key} lesson={lesson} group={g} chosen={g === group} choose={() => choose(g)} />
          ))}
        </Box>
      </Tile>
    </Surface>
  );
}

const none: readonly Group[] = [];
const rowId = (group: Group): string => `like-${group.ids[0]}`;

function LikeRow({
  lesson,
  group,
  chosen,
  choose,
}: {
  readonly lesson: Lesson;
  readonly group: Group;
  readonly chosen: boolean;
  readonly choose: () => void;
}) {
  const [first, ...others] = group.written;
  return (
    <Box role="listitem" borderTop="1px solid" borderColor="slate.200">
      <chakra.button
        id={rowId(group)}
        type="button"
        onClick={choose}
        aria-pressed={chosen}
        width="100%"
        textAlign="start"
        display="grid"
        gridTemplateColumns={{ base: '1fr auto', md: '3.5rem minmax(0, 2fr) minmax(0, 2fr) 7rem' }}
        gap="3"
        py="2"
        px="2"
        alignItems="center"
        cursor="pointer"
        bg={chosen ? 'slate.100' : undefined}
        borderLeft="4px solid"
        borderColor={chosen ? 'permanganate' : 'transparent'}
        _focusVisible={{ outline: '2px solid', outlineColor: 'permanganate', outlineOffset: '-2px' }}
      >
        <chakra.span
          fontFamily="mono"
          fontWeight="700"
          textAlign="end"
          display={{ base: 'none', md: 'block' }}
          whiteSpace="nowrap"
        >
          {group.ids.length} ×
        </chakra.span>
        <chakra.span fontWeight="600" minW="0" overflowWrap="anywhere">
          {first!.answer}
          {others.length > 0 && (
            <chakra.span color="ink.soft" fontWeight="400">
              {' '}
              and {others.length} {others.length === 1 ? 'other way' : 'other ways'}
            </chakra.span>
          )}
        </chakra.span>
        <chakra.span color="ink.soft" fontSize="sm" minW="0">
          {itemName(lesson, group)}, {truthOf(group)}
        </chakra.span>
        <chakra.span
          fontSize="sm"
          fontWeight="600"
          color={group.open ? 'saffron' : group.points ? 'verdigris' : 'ink.soft'}
          textAlign="end"
        >
          {group.open
            ? `${group.open} to look at`
            : group.points === undefined
              ? 'not alike'
              : `${group.points} of ${group.max}`}
        </chakra.span>
      </chakra.button>
    </Box>
  );
}
