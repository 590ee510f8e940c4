/** What follows from the benches, what can be done for all of them, and what was logged last. */
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { Notice } from '../kit/Notice.js';
import { Consequences } from '../lessons/Follows.js';
import { HeldNotice } from '../lessons/HeldNotice.js';
import type { Board } from './board.js';
import { boardFollows, causeLines } from './BoardFollows.js';
import { Feed } from './Feed.js';
import { RoomRecords } from './RoomRecords.js';
import { RunPanel } from './RunPanel.js';

/** Rows that cannot be read named at most. */
const mostRows = 5;

export function BoardPanel({ board }: { readonly board: Board }) {
  const { lesson, benches, now, settled, causes, unreadable, refetch, acts, move, problem, failed } = board;
  const told = useMemo(() => causeLines(causes, acts.dismiss), [causes, acts.dismiss]);
  const latest = useRef(benches);
  useEffect(() => {
    latest.current = benches;
  }, [benches]);
  const benchesNow = useCallback(() => latest.current, []);
  return (
    <>
      <Consequences
        consequences={boardFollows(benches, causes, now, lesson.state === 'running', acts, told)}
      />
      {problem && <Notice tone="stop">{problem}</Notice>}
      {move.error && <Notice tone="stop">{move.error.message}</Notice>}
      <HeldNotice lesson={lesson} />
      {unreadable.length > 0 && (
        <Notice tone="look">
          {unreadable.length === 1
            ? 'One entry of this lesson cannot be read and is left out.'
            : `${unreadable.length} entries of this lesson cannot be read and are left out.`}{' '}
          They are kept; tell whoever looks after Kivex (rows {unreadable.slice(0, mostRows).join(', ')}).
        </Notice>
      )}
      <RunPanel
        lesson={lesson}
        benches={benches}
        benchesNow={benchesNow}
        now={now}
        move={move}
        refetch={refetch}
        failed={failed}
      />
      <Feed lesson={lesson} events={settled} />
      <RoomRecords lesson={lesson.id} groups={lesson.groupList} />
    </>
  );
}
