/** A student's bench: one thing at a time, four places to be, always saying whether everything is safe. */
import { Box, chakra } from '@chakra-ui/react';
import { BookOpenText, CircleCheck, Grid3x3, Hand, HandHelping, PencilLine, Tag } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { useOnline } from '../kit/shell/online.js';
import { recordOf, useBench } from './bench-store.js';
import { OthersHere } from './OthersHere.js';
import { savedMark, SavedMark } from './SavedMark.js';
import { Hints, Stopped } from './TeacherSays.js';
import { TilePart } from './TilePart.js';
import { Waiting } from './Waiting.js';

const FeedbackPage = lazy(() => import('./FeedbackPage.js'));
const loadMethod = () => import('./Method.js');
const loadPad = () => import('./Pad.js');
const loadNaming = () => import('./Naming.js');
const loadHandIn = () => import('./HandIn.js');
const Method = lazy(async () => ({ default: (await loadMethod()).Method }));
/** A moment after the rest: it is no part of the first load. */
const TimerStrip = lazy(async () => {
  await new Promise((shown) => setTimeout(shown, aheadAfter));
  return { default: (await import('./TimerStrip.js')).TimerStrip };
});
const Pad = lazy(async () => ({ default: (await loadPad()).Pad }));
const Naming = lazy(async () => ({ default: (await loadNaming()).Naming }));
const HandIn = lazy(async () => ({ default: (await loadHandIn()).HandIn }));
/** Milliseconds after which what a bench needs later is fetched, so that it is there should the network go. */
const aheadAfter = 300;

const places = [
  { id: 'tile', label: 'Tile', icon: Grid3x3 },
  { id: 'method', label: 'Method', icon: BookOpenText },
  { id: 'log', label: 'Log', icon: PencilLine },
  { id: 'name', label: 'Name', icon: Tag },
  { id: 'hand-in', label: 'Hand in', icon: CircleCheck },
] as const;
type Place = (typeof places)[number]['id'];

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
    leave,
  } = useBench();
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
  useEffect(() => void open(), [open]);
  const stands = Boolean(bench);
  useEffect(() => {
    if (!stands) return;
    // What is fetched after this is no part of the first load.
    performance.mark('bench stands');
    const timer = setTimeout(
      () => void Promise.allSettled([loadMethod(), loadPad(), loadNaming(), loadHandIn()]),
      aheadAfter,
    );
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
  const unsent = waiting.filter((w) => !w.refused);
  const refused = waiting.filter((w) => w.refused);
  const myCall = record.openCalls.find((c) => c.by === bench.me.id) ?? record.openCalls[0];
  const stop = record.notices.find((n) => n.level === 'stop' && bench.lesson.state === 'running');
  const signOut = () => void leave().then(() => go('/'));

  if (bench.lesson.state === 'planned') return <Waiting bench={bench} leave={signOut} />;
  if (bench.lesson.state === 'released') {
    return (
      <Suspense fallback={<Loading what="your marks" />}>
        <FeedbackPage leave={signOut} />
      </Suspense>
    );
  }

  return (
    <Box minH="100dvh" display="flex" flexDirection="column" pb="20">
      <chakra.header
        position="sticky"
        top="0"
        zIndex={3}
        bg="bar"
        color="bar.ink"
        px="3"
        py="2"
        display="flex"
        alignItems="center"
        gap="3"
      >
        <Box minW="0" flex="1">
          <chakra.h1 fontSize="lg" whiteSpace="nowrap" overflow="hidden" textOverflow="ellipsis">
            {bench.group.name} <chakra.span fontWeight="400">· {bench.me.name}</chakra.span>
          </chakra.h1>
          <Box role="status" fontSize="sm" display="flex" alignItems="center" gap="1.5" color="bar.soft">
            <SavedMark {...savedMark({ waiting, reached, together, held: bench.held.length })} />
          </Box>
        </Box>
        <Button
          size="bench"
          minH="12"
          px="3"
          variant={myCall ? 'look' : 'plain'}
          fontSize="md"
          disabled={Boolean(myCall)}
          onClick={() => void log({ type: 'call', reason: 'help' })}
        >
          {myCall ? <HandHelping size={20} aria-hidden /> : <Hand size={20} aria-hidden />}{' '}
          {myCall ? 'Called' : 'Call'}
        </Button>
      </chakra.header>

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
        {!durable && (
          <Notice tone="look">
            This device cannot keep entries (its storage is full or shut). They go up as you log them; leave
            this page open until it says “All saved”.
          </Notice>
        )}
        <OthersHere others={others} lesson={bench.lesson.id} handOver={handOver} />
        {refused.map((w) => (
          <Notice key={w.event.id} tone="stop">
            This could not go in: {w.refused} It is kept on this device.
          </Notice>
        ))}
        <Suspense fallback={null}>
          <TimerStrip lesson={bench.lesson.id} />
        </Suspense>
        {stop && <Stopped notice={stop} />}
        {!stop && <Hints lesson={bench.lesson.id} notices={record.notices} />}
        {!stop && place === 'tile' && (
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
        {!stop && (
          <Suspense fallback={<Loading what="this part of the bench" />}>
            {place === 'method' && (
              <Method
                bench={bench}
                events={bench.events}
                test={test}
                chooseTest={chooseTest}
                log={log}
                toLog={() => moveTo('log')}
              />
            )}
            {place === 'log' && (
              <Pad
                bench={bench}
                record={record}
                waiting={waiting}
                test={test}
                chooseTest={chooseTest}
                sample={sample}
                log={log}
              />
            )}
            {place === 'name' && (
              <Naming bench={bench} record={record} log={log} toLog={() => moveTo('log')} />
            )}
            {place === 'hand-in' && (
              <HandIn
                bench={bench}
                record={record}
                unsent={unsent.length}
                log={log}
                moveTo={moveTo}
                leave={signOut}
              />
            )}
          </Suspense>
        )}
      </chakra.main>

      <chakra.nav
        aria-label="Bench"
        position="fixed"
        bottom="0"
        left="0"
        right="0"
        zIndex={3}
        bg="porcelain"
        borderTop="1px solid"
        borderColor="slate.300"
        display="grid"
        gridTemplateColumns={`repeat(${places.length}, 1fr)`}
      >
        {places.map(({ id, label, icon: Icon }) => (
          <Button
            key={id}
            variant="quiet"
            aria-current={place === id ? 'page' : undefined}
            onClick={() => moveTo(id)}
            minH="16"
            px="1"
            flexDirection="column"
            gap="0.5"
            borderRadius="0"
            borderWidth="0"
            bg={place === id ? 'permanganate.wash' : 'transparent'}
            color={place === id ? 'permanganate' : 'ink'}
            borderTop="4px solid"
            borderColor={place === id ? 'permanganate' : 'transparent'}
            _focusVisible={{ outlineOffset: '-3px' }}
          >
            <Icon size={24} aria-hidden />
            {label}
          </Button>
        ))}
      </chakra.nav>
    </Box>
  );
}
