/** Run: every bench at a glance, live; calls answered with one press. */
import { useCallback, useState } from 'react';
import { Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { useNow } from '../kit/use-now.js';
import { FollowsFrame, Surface } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLogIsThere, useMove } from '../lessons/lesson-queries.js';
import { rememberedStatuses } from './bench-status.js';
import { useBenchActs } from './board-acts.js';
import { BoardContext } from './board.js';
import { BoardBenches } from './BoardBenches.js';
import { BoardPanel } from './BoardPanel.js';
import { useLiveBoard } from './live-board.js';

const parts = (
  <Surface
    urgent
    follows={
      <FollowsFrame>
        <BoardPanel />
      </FollowsFrame>
    }
  >
    <BoardBenches />
  </Surface>
);

export default function RunPage() {
  const lesson = useThisLesson();
  const log = useBoardLogIsThere(lesson.id);
  const { live, devices } = useLiveBoard(lesson.id);
  const move = useMove(lesson.id);
  const now = useNow(15_000);
  const [statuses] = useState(rememberedStatuses);
  const [problem, setProblem] = useState<string>();
  const { refetch: fetchLog } = log;
  const refetch = useCallback(() => void fetchLog(), [fetchLog]);
  const acts = useBenchActs(lesson.id, refetch, setProblem);
  if (log.isPending) return <Loading what="the benches" />;
  if (isLacking(log)) return <Failed error={log.error} again={refetch} />;
  return (
    <BoardContext
      value={{ lesson, now, statuses, live, devices, refetch, acts, move, problem, failed: setProblem }}
    >
      {parts}
    </BoardContext>
  );
}
