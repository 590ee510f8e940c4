/** The benches of the board: in order, sifted, as tiles; one of them in hand; and the view for the wall. */
import { Box } from '@chakra-ui/react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { isTyping } from '../kit/is-typing.js';
import { pressedKey } from '../kit/pressed-key.js';
import { Empty } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { byNeed, isQuiet, testsOfLesson } from './bench-status.js';
import { BenchDrawer } from './BenchDrawer.js';
import { BenchTile } from './BenchTile.js';
import { useBenches, useBoard } from './board.js';
import { benchFilters, passes, type BenchFilter } from './board-filter.js';
import { BoardHead } from './BoardHead.js';
import { BoardTools, type BenchOrder } from './BoardTools.js';
import { ProjectorView } from './ProjectorView.js';

export function BoardBenches() {
  const { lesson, now, live, devices, acts } = useBoard();
  const benches = useBenches();
  const [truth, setTruth] = useState(false);
  const [order, setOrder] = useState<BenchOrder>('room');
  const [filter, setFilter] = useState<BenchFilter>('all');
  const [opened, setOpened] = useState<string>();
  const [params, setParams] = useSearchParams();
  const tests = useMemo(() => testsOfLesson(lesson), [lesson]);
  const project = useCallback(() => setParams({ view: 'wall' }), [setParams]);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (pressedKey(event) === 't' && !isTyping(event)) setTruth((shown) => !shown);
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, []);
  const running = lesson.state === 'running';
  const shown = (order === 'need' ? byNeed(benches, now, running) : benches).filter((b) =>
    passes(b, filter, now, running),
  );
  const inHand = benches.find((b) => b.group.id === opened);
  // A tile wants its labels and a well for each test.
  const least = Math.max(9.6, 6.4 + 1.4 * tests.length);
  const columns = Math.max(...lesson.groupList.map((g) => g.bench[1])) + 1;
  return (
    <>
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
    </>
  );
}
