/** What the teacher does with the whole lesson: begin, say something, plan anew, end, take up again. */
import type { Lesson } from '@kivex/contract';
import { CalendarClock, OctagonX, Play, UserPlus } from 'lucide-react';
import { memo, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Dialog } from '../kit/Dialog.js';
import { minutesSince } from '../kit/moments.js';
import type { useMove } from '../lessons/lesson-queries.js';
import type { BenchStatus } from './bench-status.js';
import { Replan } from './Replan.js';
import { SayToBenches } from './SayToBenches.js';

/** Where a lesson of the same practical is made for those who were absent. */
export const catchUpOf = ({ practicalId, classId, unseated }: Lesson): string =>
  `/lessons/new?${new URLSearchParams({
    practical: practicalId,
    class: classId,
    only: unseated.map((s) => s.id).join(','),
  }).toString()}`;

interface RunPanelProps {
  readonly lesson: Lesson;
  readonly benches: readonly BenchStatus[];
  /** As they stand when one asks: the panel is not drawn anew at every entry. */
  readonly benchesNow: () => readonly BenchStatus[];
  readonly now: number;
  readonly move: ReturnType<typeof useMove>;
  readonly refetch: () => void;
  readonly failed: (why: string | undefined) => void;
}

/** What is said to the benches now, in a line that is the same where nothing of it has changed. */
const saidNow = (benches: readonly BenchStatus[]): string =>
  benches.flatMap((b) => b.record.notices.map((n) => n.id)).join();

export const RunPanel = memo(
  function RunPanel({ lesson, benches, benchesNow, now, move, refetch, failed }: RunPanelProps) {
    const [replanning, setReplanning] = useState(false);
    const running = lesson.state === 'running';
    return (
      <>
        {lesson.state === 'planned' && (
          <Button variant="go" disabled={move.isPending} onClick={() => move.mutate('running')}>
            <Play size={18} aria-hidden /> Begin the lesson
          </Button>
        )}
        {running && (
          <SayToBenches
            lesson={lesson}
            benches={benches}
            said={() => {
              failed(undefined);
              refetch();
            }}
            failed={failed}
          />
        )}
        {running && lesson.planning.schedule && lesson.startedAt && (
          <>
            <Button onClick={() => setReplanning(true)}>
              <CalendarClock size={18} aria-hidden /> Plan the rest anew
            </Button>
            <Dialog
              open={replanning}
              close={() => setReplanning(false)}
              title="The rota from now on"
              size="wide"
            >
              <Replan
                lesson={lesson}
                benches={benchesNow()}
                minute={minutesSince(lesson.startedAt, now) + 1}
                done={() => setReplanning(false)}
              />
            </Dialog>
          </>
        )}
        {running && (
          <Button variant="stop" disabled={move.isPending} onClick={() => move.mutate('marking')}>
            <OctagonX size={18} aria-hidden /> End the lesson
          </Button>
        )}
        {lesson.state !== 'planned' && lesson.unseated.length > 0 && (
          <Button asChild>
            <Link to={catchUpOf(lesson)}>
              <UserPlus size={18} aria-hidden /> Catch-up lesson for {lesson.unseated.length} absent
            </Link>
          </Button>
        )}
        {lesson.state === 'marking' && (
          <Button asChild variant="go">
            <Link to={`/lessons/${lesson.id}/mark`}>Go to the marks</Link>
          </Button>
        )}
        {lesson.state === 'marking' && !lesson.releasedBefore && (
          <Button disabled={move.isPending} onClick={() => move.mutate('running')}>
            Take the lesson up again
          </Button>
        )}
      </>
    );
  },
  (before, after) =>
    before.lesson === after.lesson &&
    before.now === after.now &&
    before.refetch === after.refetch &&
    before.failed === after.failed &&
    before.move.isPending === after.move.isPending &&
    saidNow(before.benches) === saidNow(after.benches),
);
