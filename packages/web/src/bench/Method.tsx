/** The method, one step at a time, with the cautions where they matter. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench, WireEvent } from '@kivex/contract';
import { methodOf, pictureOf, type GroupRecord, type StudentBody } from '@kivex/core';
import { AlarmClock, ArrowLeft, ArrowRight, PencilLine, Recycle, ShieldAlert } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Fold } from '../kit/Fold.js';
import { shortTestName } from '../kit/look-names.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { isSignedOff, SignOffWanted } from './SignOffWanted.js';
import { TestChoice } from './TestChoice.js';
import { clockOf, useTimers } from './timers.js';

/** The words of a step come first; its drawing follows a moment after, and is no part of the first load. */
const Apparatus = lazy(async () => {
  await new Promise((shown) => setTimeout(shown, 400));
  return { default: (await import('../kit/Apparatus.js')).Apparatus };
});

const cautionTones = {
  danger: { bg: 'cinnabar.wash', color: 'cinnabar' },
  care: { bg: 'saffron.wash', color: 'saffron' },
  low: { bg: 'porcelain.shade', color: 'ink' },
} as const;

interface MethodProps {
  readonly bench: Bench;
  readonly record: GroupRecord;
  /** The test under way; undefined where none was chosen yet. */
  readonly test: string | undefined;
  readonly chooseTest: (id: string) => void;
  readonly log: (body: StudentBody) => Promise<string>;
  readonly toLog: () => void;
}

/** The test and step this student was last at, from the log. */
function lastStep(events: readonly WireEvent[], me: string): { test: string; step: number } | undefined {
  const last = events.findLast((e) => e.by === me && e.body.type === 'step')?.body;
  return last?.type === 'step' ? last : undefined;
}

export function Method({ bench, record, test, chooseTest, log, toLog }: MethodProps) {
  const [{ test: chosen, step: wanted }, setPlace] = useState(() => {
    const last = lastStep(bench.events, bench.me.id) ?? { test: bench.tests[0]!.test, step: 0 };
    return test === undefined || test === last.test ? last : { test, step: 0 };
  });
  const planned = bench.tests.find((t) => t.test === chosen) ?? bench.tests[0]!;
  const method = methodOf(planned);
  const at = Math.min(wanted, method.steps.length - 1);
  const step = method.steps[at]!;
  /** The teacher said so in person, and signs nothing. */
  const [waved, setWaved] = useState(false);
  const move = (next: number) => {
    setWaved(false);
    setPlace({ test: method.test, step: next });
    scrollTo(0, 0);
    void log({ type: 'step', test: method.test, step: next });
  };
  const last = at === method.steps.length - 1;
  const beginTimer = useTimers((s) => s.begin);
  const wait = (seconds: number) => {
    const label = shortTestName(method.test);
    void log({ type: 'timer', label: label.slice(0, 40), seconds }).then((id) =>
      beginTimer(bench.lesson.id, label, seconds, undefined, id),
    );
  };
  const barred =
    (step.teacherFirst || step.teacherOnly) && !isSignedOff(record, method.test, step.index) && !waved;

  return (
    <>
      <TestChoice
        bench={bench}
        chosen={method.test}
        choose={(id) => {
          chooseTest(id);
          setPlace({ test: id, step: 0 });
        }}
      />
      <Tile display="flex" flexDirection="column" gap="4" minH="60dvh">
        <Box>
          <chakra.p color="ink.soft" fontWeight="600">
            {method.title} · step {at + 1} of {method.steps.length}
          </chakra.p>
          <Box display="flex" gap="1.5" mt="2" aria-hidden>
            {method.steps.map((s, i) => (
              <Box
                key={s.text}
                flex="1"
                height="6px"
                borderRadius="round"
                bg={i < at ? 'verdigris' : i === at ? 'permanganate' : 'slate.200'}
              />
            ))}
          </Box>
        </Box>
        <Box display="flex" gap="4" alignItems="flex-start" justifyContent="space-between">
          <chakra.h2 fontSize={{ base: 'xl', md: '2xl' }} fontWeight="600" aria-live="polite">
            {step.text}
          </chakra.h2>
          <Box flex="none" width="96px" height="96px">
            <Suspense fallback={null}>
              <Apparatus id={pictureOf(planned)} size={96} />
            </Suspense>
          </Box>
        </Box>
        {step.teacherOnly && (
          <Notice tone="stop">Your teacher does this step. Watch, and do not touch.</Notice>
        )}
        {step.fumeCupboard && <Notice tone="look">In the fume cupboard only.</Notice>}
        {(step.teacherFirst || step.teacherOnly) && (
          <SignOffWanted record={record} test={method.test} step={step.index} log={log} />
        )}
        {last && planned.technique && <SignOffWanted record={record} test={method.test} log={log} />}
        {step.cautions.map((caution) => (
          <Box
            key={`${caution.of ?? ''} ${caution.text}`}
            display="flex"
            gap="3"
            {...cautionTones[caution.level]}
            borderRadius="tile"
            p="3"
            fontWeight="600"
          >
            <ShieldAlert size={26} aria-hidden style={{ flex: 'none' }} />
            <span>
              <chakra.span srOnly>Caution: </chakra.span>
              {caution.of && `${caution.of[0]!.toUpperCase()}${caution.of.slice(1)}: `}
              {caution.text}
            </span>
          </Box>
        ))}
        {step.waitSeconds !== undefined && (
          <Button size="bench" alignSelf="flex-start" onClick={() => wait(step.waitSeconds!)}>
            <AlarmClock aria-hidden /> Start the timer: {clockOf(step.waitSeconds)} min
          </Button>
        )}
        {last && (
          <Box display="flex" gap="3" bg="porcelain.shade" borderRadius="tile" p="3">
            <Recycle size={26} aria-hidden style={{ flex: 'none' }} />
            <span>
              <b>When you have logged it, clear away:</b> {method.waste}
            </span>
          </Box>
        )}
        {step.why && (
          <Fold key={step.text} size="bench" title="Why?" fontSize="lg">
            {step.why}
          </Fold>
        )}
        <Box flex="1" />
        <chakra.p fontSize="sm" color="ink.soft">
          These are the usual cautions. What your teacher and your school say comes first.
        </chakra.p>
        <Box display="flex" gap="3" position="sticky" bottom="16" bg="porcelain" py="2" mx="-1" px="1">
          <Button size="bench" onClick={() => move(at - 1)} disabled={at === 0}>
            <ArrowLeft aria-hidden /> Back
          </Button>
          {last ? (
            <Button
              size="bench"
              variant="go"
              flex="1"
              onClick={() => {
                move(0);
                toLog();
              }}
            >
              <PencilLine aria-hidden /> Log what you saw
            </Button>
          ) : (
            <Button
              size="bench"
              variant={barred ? 'plain' : 'go'}
              flex="1"
              onClick={() => (barred ? setWaved(true) : move(at + 1))}
            >
              {barred ? 'My teacher is here and lets us go on' : 'Next step'} <ArrowRight aria-hidden />
            </Button>
          )}
        </Box>
      </Tile>
    </>
  );
}
