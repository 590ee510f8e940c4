/** A student's bench: one thing at a time, four places to be, always saying whether everything is safe. */
import { Box, chakra } from '@chakra-ui/react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { optional } from '../kit/optional.js';
import { useOnline } from '../kit/shell/online.js';
import { recordOf } from './bench-store.js';
import { benchStands, openBench, useBench } from './use-bench.js';
import { BenchHead } from './BenchHead.js';
import { aheadAfter, loadAll, loadOthers, loadWho } from './bench-parts.js';
import { BenchPart } from './BenchPart.js';
import { BenchPlaces } from './BenchPlaces.js';
import { places, type Place } from './places.js';
import { saved as savedMark } from './saved.js';
import { Hints, Stopped } from './TeacherSays.js';
import { TilePart } from './TilePart.js';

const FeedbackPage = lazy(() => import('./FeedbackPage.js'));
/** A moment after the rest: it is no part of the first load. */
const TimerStrip = lazy(async () => {
  await new Promise((shown) => setTimeout(shown, aheadAfter));
  return { default: (await import('./TimerStrip.js')).TimerStrip };
});
const Prelab = optional(async () => (await import('./Prelab.js')).Prelab);
const OthersHere = optional(async () => (await loadOthers()).OthersHere);
const Waiting = lazy(async () => ({ default: (await import('./Waiting.js')).Waiting }));
const WhoWrites = optional(async () => (await loadWho()).WhoWrites);
const OwnIsShut = optional(async () => (await loadWho()).OwnIsShut);
const placeKey = 'kivex-bench-place';
const testKey = 'kivex-bench-test';

export default function BenchPage() {
  const {
    status,
    bench,
    waiting,
    others,
    reached: answered,
    together,
    durable,
    problem,
    open,
    log,
    handOver,
    writeAs,
    unlock,
    leave,
  } = useBench();
  const [asking, setAsking] = useState(false);
  // A pre-lab not yet passed comes before the bench.
  const [heldBack, setHeldBack] = useState(false);
  // The device knows that it has no network before the server's silence tells.
  const reached = useOnline() && answered;
  const go = useNavigate();
  const [place, setPlace] = useState<Place>(
    () => places.find((p) => p.id === sessionStorage.getItem(placeKey))?.id ?? 'tile',
  );
  // One test is under way: method and log follow it, over a reload too.
  const [test, setTest] = useState(() => sessionStorage.getItem(testKey) ?? undefined);
  const chooseTest = (id: string) => {
    sessionStorage.setItem(testKey, id);
    setTest(id);
  };
  // A cell of the tile leads to its pad.
  const [sample, setSample] = useState<string>();
  useEffect(() => void openBench(), []);
  const stands = Boolean(bench);
  useEffect(() => {
    if (!stands) return;
    benchStands();
    const timer = setTimeout(() => void loadAll(), aheadAfter);
    return () => clearTimeout(timer);
  }, [stands]);
  const moveTo = (next: Place) => {
    sessionStorage.setItem(placeKey, next);
    setPlace(next);
    // What a cell pointed at is over once one goes elsewhere.
    if (next !== 'log') setSample(undefined);
    scrollTo(0, 0);
  };

  if (status === 'failed') return <Failed error={new Error(problem)} again={() => void open()} />;
  if (status === 'not-joined') return <Navigate to="/" replace />;
  if (!bench) return <Loading what="your bench" />;

  const record = recordOf(bench, waiting);
  const refused = waiting.filter((w) => w.refused);
  const myCall = record.openCalls.find((c) => c.by === bench.me.id) ?? record.openCalls[0];
  const stop = record.notices.find((n) => n.level === 'stop' && bench.lesson.state === 'running');
  const signOut = () => void leave().then(() => go('/'));

  if (bench.lesson.state === 'planned')
    return (
      <Suspense fallback={<Loading ofShell what="your lesson" />}>
        <Waiting bench={bench} leave={signOut} />
      </Suspense>
    );
  if (bench.lesson.state === 'released' || (bench.lesson.state === 'marking' && bench.marksOut)) {
    return (
      <Suspense fallback={<Loading ofShell what="your marks" />}>
        {bench.locked ? (
          <OwnIsShut bench={bench} unlock={unlock} />
        ) : (
          <FeedbackPage key={bench.me.id} leave={signOut} />
        )}
      </Suspense>
    );
  }

  return (
    <Box minH="100dvh" display="flex" flexDirection="column" pb="20">
      <BenchHead
        bench={bench}
        saved={savedMark({ waiting, reached, together, held: bench.held.length })}
        called={Boolean(myCall)}
        call={() => void log({ type: 'call', reason: 'help' })}
        change={() => setAsking(true)}
      />

      <chakra.main
        flex="1"
        width="100%"
        maxW="48rem"
        mx="auto"
        p="3"
        display="flex"
        flexDirection="column"
        gap="3"
      >
        {bench.lesson.state === 'marking' && (
          <Notice tone="look" action={<Button onClick={signOut}>Leave this bench</Button>}>
            The lesson is over. What you log now goes to your teacher, who decides whether it counts.
          </Notice>
        )}
        {bench.lesson.state === 'running' && (
          <Suspense fallback={null}>
            <Prelab student={bench.me.id} held={setHeldBack} />
          </Suspense>
        )}
        {!durable && (
          <Notice tone="look">
            This device cannot keep entries (its storage is full or shut). They go up as you log them; leave
            this page open until it says “All saved”.
          </Notice>
        )}
        <Suspense fallback={null}>
          {others.length > 0 && <OthersHere others={others} lesson={bench.lesson.id} handOver={handOver} />}
        </Suspense>
        {refused.map((w) => (
          <Notice key={w.event.id} tone="stop">
            This could not go in: {w.refused} It is kept on this device.
          </Notice>
        ))}
        <Suspense fallback={null}>
          <TimerStrip lesson={bench.lesson.id} timers={record.timers} log={log} />
          {asking && <WhoWrites bench={bench} writeAs={writeAs} close={() => setAsking(false)} />}
        </Suspense>
        {record.endedAt && bench.lesson.state === 'running' && (
          <Notice tone="look">
            Your teacher has ended the work at your bench. Name your jars and hand in.
          </Notice>
        )}
        {stop && <Stopped notice={stop} />}
        {!stop && <Hints lesson={bench.lesson.id} notices={record.notices} />}
        {!stop && !heldBack && place === 'tile' && (
          <TilePart
            bench={bench}
            record={record}
            open={(of, by) => {
              chooseTest(by);
              setSample(of);
              moveTo('log');
            }}
            how={(of) => {
              chooseTest(of);
              moveTo('method');
            }}
          />
        )}
        {!stop && !heldBack && place !== 'tile' && (
          <BenchPart
            place={place}
            bench={bench}
            record={record}
            waiting={waiting}
            test={test}
            chooseTest={chooseTest}
            sample={sample}
            log={log}
            unlock={unlock}
            moveTo={moveTo}
            leave={signOut}
          />
        )}
      </chakra.main>

      <BenchPlaces place={place} moveTo={moveTo} />
    </Box>
  );
}
