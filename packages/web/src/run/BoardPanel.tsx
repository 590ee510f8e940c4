/** What follows from the benches, what can be done for all of them, and what was logged last. */
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { Notice } from '../kit/Notice.js';
import { useCalm } from '../kit/use-calm.js';
import { Consequences } from '../lessons/Follows.js';
import { HeldNotice } from '../lessons/HeldNotice.js';
import { useBenches, useBoard, useLogOfBoard } from './board.js';
import { boardFollows, causeLines } from './BoardFollows.js';
import { causesOf } from './class-causes.js';
import { Feed } from './Feed.js';
import { RoomRecords } from './RoomRecords.js';
import { RunPanel } from './RunPanel.js';

/** Rows that cannot be read named at most. */
const mostRows = 5;

/** Milliseconds between two looks at what the class tells together: a few entries make no cause. */
const calm_ms = 5000;

export function BoardPanel() {
  const { lesson, now, refetch, acts, move, problem, failed } = useBoard();
  const { events, unreadable } = useLogOfBoard();
  const benches = useBenches();
  // What the class tells together may follow a moment after what one bench has logged.
  const settled = useCalm(events, calm_ms);
  const causes = useMemo(() => causesOf(lesson, settled), [lesson, settled]);
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
