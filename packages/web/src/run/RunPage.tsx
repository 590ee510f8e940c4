/** Run: every bench at a glance, live; calls answered with one press. */
import { Box, chakra } from '@chakra-ui/react';
import { CalendarClock, OctagonX, Play } from 'lucide-react';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Dialog } from '../kit/Dialog.js';
import { minutesSince } from '../kit/moments.js';
import { isTyping } from '../kit/is-typing.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { OneOf } from '../kit/Choices.js';
import { shortTestName } from '../kit/look-names.js';
import { useNow } from '../kit/use-now.js';
import { Follows, Surface } from '../lessons/Follows.js';
import { HeldNotice } from '../lessons/HeldNotice.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLog, useMove } from '../lessons/lesson-queries.js';
import { benchStatuses, byNeed, isQuiet, testsOfLesson } from './bench-status.js';
import { BenchTile } from './BenchTile.js';
import { BoardHead } from './BoardHead.js';
import { boardFollows } from './BoardFollows.js';
import { causesOf } from './class-causes.js';
import { Replan } from './Replan.js';
import { SayToBenches } from './SayToBenches.js';
import { useLiveBoard } from './live-board.js';

export default function RunPage() {
  const lesson = useThisLesson();
  const events = useBoardLog(lesson.id);
  const { live, devices } = useLiveBoard(lesson.id);
  const move = useMove(lesson.id);
  const now = useNow(15_000);
  const [truth, setTruth] = useState(false);
  const [order, setOrder] = useState<'room' | 'need'>('room');
  const [replanning, setReplanning] = useState(false);
  const cache = useQueryClient();
  const log = events.data?.events;
  const benches = useMemo(() => (log ? benchStatuses(lesson, log, now) : []), [lesson, log, now]);
  const causes = useMemo(() => (log ? causesOf(lesson, log) : { told: [], dismissed: [] }), [lesson, log]);
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key === 't' && !isTyping(event)) setTruth((shown) => !shown);
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, []);

  if (events.isPending) return <Loading what="the benches" />;
  if (events.error) return <Failed error={events.error} again={() => void events.refetch()} />;
  const answer = (asked: string) => {
    setProblem(undefined);
    call('POST /api/lessons/:lesson/calls/:call/answer', { lesson: lesson.id, call: asked }).then(
      () => events.refetch(),
      (error: Error) => setProblem(error.message),
    );
  };
  const dismiss = (cause: string, dismissed: boolean) => {
    setProblem(undefined);
    call('PUT /api/lessons/:lesson/causes', { lesson: lesson.id, body: { cause, dismissed } }).then(
      () => cache.invalidateQueries({ queryKey: ['lesson', lesson.id] }),
      (error: Error) => setProblem(error.message),
    );
  };
  const running = lesson.state === 'running';
  const consequences = boardFollows(benches, causes, now, running, { answer, dismiss });
  const tests = testsOfLesson(lesson);
  const shown = order === 'need' ? byNeed(benches, now, running) : benches;
  // A tile wants its labels and a well for each test.
  const least = Math.max(9.6, 6.4 + 1.4 * tests.length);
  const columns = Math.max(...lesson.groupList.map((g) => g.bench[1])) + 1;

  return (
    <Surface
      urgent
      follows={
        <Follows consequences={consequences}>
          {problem && <Notice tone="stop">{problem}</Notice>}
          {move.error && <Notice tone="stop">{move.error.message}</Notice>}
          <HeldNotice lesson={lesson} />
          {events.data.unreadable.length > 0 && (
            <Notice tone="look">
              {events.data.unreadable.length === 1
                ? 'One entry of this lesson cannot be read and is left out.'
                : `${events.data.unreadable.length} entries of this lesson cannot be read and are left out.`}{' '}
              They are kept; tell whoever looks after Kivex (rows{' '}
              {events.data.unreadable.slice(0, 5).join(', ')}).
            </Notice>
          )}
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
                setProblem(undefined);
                void events.refetch();
              }}
              failed={setProblem}
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
                  benches={benches}
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
        </Follows>
      }
    >
      <BoardHead lesson={lesson} benches={benches} now={now} live={live} truth={truth} showTruth={setTruth} />
      {lesson.state === 'planned' && (
        <Tile>
          <Empty title="Not begun yet">
            Students can join with the code and wait. The benches fill as they log.
          </Empty>
        </Tile>
      )}
      <Box display="flex" alignItems="center" gap="3" flexWrap="wrap">
        <OneOf
          label="Order of the benches"
          choices={[
            { id: 'room', label: 'As in the room' },
            { id: 'need', label: 'Who needs me first' },
          ]}
          chosen={order}
          choose={setOrder}
        />
        <chakra.ol
          display="flex"
          flexWrap="wrap"
          columnGap="3"
          fontSize="sm"
          color="ink.soft"
          aria-label="Tests"
        >
          {tests.map((test, i) => (
            <li key={test}>
              <b>{i + 1}</b> {shortTestName(test)}
            </li>
          ))}
        </chakra.ol>
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{
          base: `repeat(auto-fill, minmax(${Math.max(11.5, least)}rem, 1fr))`,
          // As many columns as the room has, fewer where the tiles would get too narrow to read.
          xl: `repeat(auto-fill, minmax(max(${least}rem, 100% / ${columns + 1} + 1px), 1fr))`,
        }}
        gap="3"
      >
        {shown.map((bench) => (
          <BenchTile
            key={bench.group.id}
            bench={bench}
            samples={lesson.samples}
            tests={tests}
            devices={devices[bench.group.id] ?? 0}
            truth={truth}
            quiet={isQuiet(bench, now, running)}
            now={now}
            answer={answer}
          />
        ))}
      </Box>
    </Surface>
  );
}
