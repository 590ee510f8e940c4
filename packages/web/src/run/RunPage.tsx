/** Run: every bench at a glance, live; calls answered with one press. */
import { createContext, useCallback, useContext, useMemo, useState } from 'react';
import { Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { useCalm } from '../kit/use-calm.js';
import { useNow } from '../kit/use-now.js';
import { FollowsFrame, Surface } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLog, useMove } from '../lessons/lesson-queries.js';
import { benchStatuses, type KeptStatuses } from './bench-status.js';
import { useBenchActs } from './board-acts.js';
import type { Board } from './board.js';
import { BoardBenches } from './BoardBenches.js';
import { BoardPanel } from './BoardPanel.js';
import { causesOf } from './class-causes.js';
import { useLiveBoard } from './live-board.js';

/** Milliseconds between two looks at what the class tells together. */
const calm_ms = 2000;

/** The board as it is now: what lies around its parts is not drawn anew at every entry. */
const BoardNow = createContext<Board | undefined>(undefined);
const Benches = () => <BoardBenches board={useContext(BoardNow)!} />;
const Panel = () => <BoardPanel board={useContext(BoardNow)!} />;
const parts = (
  <Surface
    urgent
    follows={
      <FollowsFrame>
        <Panel />
      </FollowsFrame>
    }
  >
    <Benches />
  </Surface>
);

export default function RunPage() {
  const lesson = useThisLesson();
  const events = useBoardLog(lesson.id);
  const { live, devices } = useLiveBoard(lesson.id);
  const move = useMove(lesson.id);
  const now = useNow(15_000);
  const log = events.data?.events;
  const [kept] = useState<KeptStatuses>(() => new Map());
  const benches = useMemo(() => (log ? benchStatuses(lesson, log, now, kept) : []), [lesson, log, now, kept]);
  // What the class tells together may follow a moment after what one bench has logged.
  const settled = useCalm(log, calm_ms);
  const causes = useMemo(
    () => (settled ? causesOf(lesson, settled) : { told: [], dismissed: [] }),
    [lesson, settled],
  );
  const [problem, setProblem] = useState<string>();
  const { refetch: fetchLog } = events;
  const refetch = useCallback(() => void fetchLog(), [fetchLog]);
  const acts = useBenchActs(lesson.id, refetch, setProblem);
  if (events.isPending) return <Loading what="the benches" />;
  if (isLacking(events)) return <Failed error={events.error} again={refetch} />;
  const board: Board = {
    lesson,
    benches,
    now,
    live,
    devices,
    settled: settled ?? [],
    causes,
    unreadable: events.data.unreadable,
    refetch,
    acts,
    move,
    problem,
    failed: setProblem,
  };
  return <BoardNow value={board}>{parts}</BoardNow>;
}
