/** Run: every bench at a glance, live; calls answered with one press. */
import { Box } from '@chakra-ui/react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { isTyping } from '../kit/is-typing.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { useCalm } from '../kit/use-calm.js';
import { useNow } from '../kit/use-now.js';
import { Follows, Surface } from '../lessons/Follows.js';
import { HeldNotice } from '../lessons/HeldNotice.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLog, useMove } from '../lessons/lesson-queries.js';
import { benchStatuses, byNeed, isQuiet, testsOfLesson, type KeptStatuses } from './bench-status.js';
import { BenchDrawer } from './BenchDrawer.js';
import { BenchTile } from './BenchTile.js';
import { useBenchActs } from './board-acts.js';
import { benchFilters, passes, type BenchFilter } from './board-filter.js';
import { BoardHead } from './BoardHead.js';
import { boardFollows } from './BoardFollows.js';
import { BoardTools, type BenchOrder } from './BoardTools.js';
import { causesOf } from './class-causes.js';
import { Feed } from './Feed.js';
import { useLiveBoard } from './live-board.js';
import { ProjectorView } from './ProjectorView.js';
import { RoomRecords } from './RoomRecords.js';
import { RunPanel } from './RunPanel.js';

/** Milliseconds between two looks at what the class tells together. */
const calm_ms = 2000;

export default function RunPage() {
  const lesson = useThisLesson();
  const events = useBoardLog(lesson.id);
  const { live, devices } = useLiveBoard(lesson.id);
  const move = useMove(lesson.id);
  const now = useNow(15_000);
  const [truth, setTruth] = useState(false);
  const [order, setOrder] = useState<BenchOrder>('room');
  const [filter, setFilter] = useState<BenchFilter>('all');
  const [opened, setOpened] = useState<string>();
  const [params, setParams] = useSearchParams();
  const log = events.data?.events;
  const [kept] = useState<KeptStatuses>(() => new Map());
  const benches = useMemo(() => (log ? benchStatuses(lesson, log, now, kept) : []), [lesson, log, now, kept]);
  // What the class tells together may follow a moment after what one bench has logged.
  const settled = useCalm(log, calm_ms);
  const tests = useMemo(() => testsOfLesson(lesson), [lesson]);
  const causes = useMemo(
    () => (settled ? causesOf(lesson, settled) : { told: [], dismissed: [] }),
    [lesson, settled],
  );
  const [problem, setProblem] = useState<string>();
  const { refetch: fetchLog } = events;
  const refetch = useCallback(() => void fetchLog(), [fetchLog]);
  const latest = useRef(benches);
  useEffect(() => {
    latest.current = benches;
  }, [benches]);
  const benchesNow = useCallback(() => latest.current, []);
  const project = useCallback(() => setParams({ view: 'wall' }), [setParams]);
  const acts = useBenchActs(lesson.id, refetch, setProblem);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key === 't' && !isTyping(event)) setTruth((shown) => !shown);
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, []);

  if (events.isPending) return <Loading what="the benches" />;
  if (events.error) return <Failed error={events.error} again={() => void events.refetch()} />;
  const running = lesson.state === 'running';
  const consequences = boardFollows(benches, causes, now, running, acts);
  const shown = (order === 'need' ? byNeed(benches, now, running) : benches).filter((b) =>
    passes(b, filter, now, running),
  );
  const inHand = benches.find((b) => b.group.id === opened);
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
          <RunPanel
            lesson={lesson}
            benches={benches}
            benchesNow={benchesNow}
            now={now}
            move={move}
            refetch={refetch}
            failed={setProblem}
          />
          <Feed lesson={lesson} events={settled ?? []} />
          <RoomRecords lesson={lesson.id} groups={lesson.groupList} />
        </Follows>
      }
    >
      <BoardHead
        lesson={lesson}
        students={benches.reduce((n, b) => n + b.group.students.length, 0)}
        handedIn={benches.reduce((n, b) => n + b.handedIn, 0)}
        now={now}
        live={live}
        truth={truth}
        showTruth={setTruth}
        project={project}
      />
      {params.get('view') === 'wall' && (
        <ProjectorView lesson={lesson} benches={benches} now={now} close={() => setParams({})} />
      )}
      {inHand && (
        <BenchDrawer
          lesson={lesson}
          bench={inHand}
          now={now}
          acts={acts}
          close={() => setOpened(undefined)}
        />
      )}
      {lesson.state === 'planned' && (
        <Tile>
          <Empty title="Not begun yet">
            Students can join with the code and wait. The benches fill as they log.
          </Empty>
        </Tile>
      )}
      <BoardTools
        order={order}
        setOrder={setOrder}
        filter={filter}
        setFilter={setFilter}
        counts={benchFilters.map(({ id }) => benches.filter((b) => passes(b, id, now, running)).length)}
        tests={tests}
      />
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
            answer={acts.answer}
            open={setOpened}
          />
        ))}
        {!shown.length && <Empty title="No bench is so">Choose “All” to see every bench.</Empty>}
      </Box>
    </Surface>
  );
}
