/** The record pad: choose the sample, tap what was seen, log it. Three taps; everything else is optional. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { adviceOn, testOf, type GroupRecord, type StudentBody } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import type { Waiting } from './device-store.js';
import { Entries } from './Entries.js';
import { blankDraft, bodyOf, correcting, draftFrom, noTime, sideBySide, type Draft } from './pad-draft.js';
import { PadSheet } from './PadSheet.js';
import { SampleStrip } from './SampleStrip.js';
import { SideBySide } from './SideBySide.js';
import { spotTests } from './spot-grid.js';
import { SpotGrid } from './SpotGrid.js';
import { TestChoice } from './TestChoice.js';

interface PadProps {
  readonly bench: Bench;
  readonly record: GroupRecord;
  readonly waiting: readonly Waiting[];
  /** The test under way; undefined where none was chosen yet. */
  readonly test: string | undefined;
  readonly chooseTest: (id: string) => void;
  /** Pointed at on the tile. */
  readonly sample?: string | undefined;
  readonly log: (body: StudentBody) => Promise<string>;
  /** Of a bench on screen: no picture is taken of what is on a screen already, and no places stand at the foot. */
  readonly onScreen?: boolean;
}

const draftKey = (lesson: string, student: string) => `kivex-pad-${lesson}-${student}`;

/** What was being entered when the page was last open, if it is of what was pointed at since. */
function storedDraft(key: string, test: string | undefined, sample: string | undefined): Draft {
  const kept = draftFrom(sessionStorage.getItem(key));
  if (sample === undefined || (kept.sample === sample && kept.test === test)) return kept;
  return { ...blankDraft, test, sample };
}

export function Pad({
  bench,
  record,
  waiting,
  test: under,
  chooseTest,
  sample: pointed,
  log,
  onScreen = false,
}: PadProps) {
  const key = draftKey(bench.lesson.id, bench.me.id);
  const [kept, setDraft] = useState<Draft>(() => storedDraft(key, under, pointed));
  const planned = bench.tests.find((t) => t.test === (under ?? kept.test)) ?? bench.tests[0]!;
  const own = bench.samples.filter((s) => s.tests.includes(planned.test));
  // Where there is but one there is nothing to choose.
  const only = own.length === 1 ? own[0]!.id : undefined;
  const clear: Draft = { ...blankDraft, test: planned.test, sample: only };
  // What was half entered is of the test it was entered in.
  const draft =
    kept.test !== planned.test ? clear : kept.sample === undefined ? { ...kept, sample: only } : kept;
  const [read, setRead] = useState<Readonly<Record<string, string>>>({});
  const [advice, setAdvice] = useState<string>();
  const [said, setSaid] = useState('');
  const [many, setMany] = useState<'samples' | 'spots'>();
  // Choosing a sample folds the samples away, logging opens them again: sample, colour, Log it are three taps.
  const [picking, setPicking] = useState(
    pointed === undefined && (!draft.sample || !Object.keys(draft.seen).length),
  );
  const change = (part: Partial<Draft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    sessionStorage.setItem(key, JSON.stringify(next));
  };
  const quiet = () => {
    setAdvice(undefined);
    setSaid('');
  };
  const sample = own.find((s) => s.id === draft.sample);
  const choosing = picking && own.length > 1;
  const together = own.length > 1 ? sideBySide(planned) : [];
  const spots = spotTests(bench.tests);

  const logged = (words: string, next: Draft) => {
    setSaid(words);
    change(next);
    setPicking(true);
    scrollTo(0, 0);
  };
  const manyLogged = (n: number) => {
    setMany(undefined);
    logged(n === 1 ? 'One logged.' : `${n} logged.`, clear);
  };
  const save = async () => {
    const body = sample && bodyOf(planned, draft, read);
    if (!body) return;
    await log(body);
    setAdvice(bench.advice ? adviceOn(body.test, body.seen, body) : undefined);
    logged(`Logged for ${sample.label}.`, { ...clear, sample: sample.id });
  };
  const skip = async () => {
    if (!sample) return;
    await log(noTime(planned, sample.id));
    logged(`No time for ${sample.label}: noted.`, clear);
  };

  return (
    <>
      <TestChoice
        bench={bench}
        chosen={planned.test}
        choose={(id) => {
          quiet();
          setPicking(true);
          setMany(undefined);
          chooseTest(id);
          change({ ...blankDraft, test: id });
        }}
      />
      {choosing && !many && (
        <Tile p="3">
          <chakra.h2 fontSize="lg" mb="2">
            {said ? `${said} Which sample next?` : 'Which sample?'}
          </chakra.h2>
          <SampleStrip
            samples={own}
            test={planned.test}
            record={record}
            chosen={said ? undefined : draft.sample}
            choose={(id) => {
              quiet();
              setPicking(false);
              change({ ...clear, sample: id });
            }}
          />
          {together.length > 0 && (
            <Box display="flex" gap="2" flexWrap="wrap" mt="3">
              <Button size="bench" minH="12" onClick={() => setMany('samples')}>
                All side by side
              </Button>
              {spots.includes(planned) && (
                <Button size="bench" minH="12" onClick={() => setMany('spots')}>
                  All spots at once
                </Button>
              )}
            </Box>
          )}
        </Tile>
      )}
      {many === 'spots' && <SpotGrid tests={spots} samples={bench.samples} log={log} done={manyLogged} />}
      {many === 'samples' && (
        <SideBySide
          planned={planned}
          attributes={together}
          samples={own}
          record={record}
          log={log}
          done={manyLogged}
        />
      )}
      {/* Where the samples are asked for anew their heading says it. */}
      <chakra.p srOnly={choosing || !said} role="status" fontWeight="600" color="verdigris">
        {said}
      </chakra.p>
      {advice && (
        <Notice
          tone="look"
          action={
            <Button
              size="bench"
              onClick={() => {
                setAdvice(undefined);
                setPicking(false);
              }}
            >
              Look again now
            </Button>
          }
        >
          {advice}
        </Notice>
      )}
      {!choosing && !many && sample && (
        <PadSheet
          student={bench.me.id}
          onScreen={onScreen}
          planned={planned}
          draft={draft}
          sample={sample}
          samples={own}
          change={change}
          read={setRead}
          pick={() => setPicking(true)}
          leave={() => change({ ...clear, sample: sample.id })}
          save={() => void save()}
          noTime={() => void skip()}
        />
      )}
      {sample && (
        <Entries
          record={record}
          sample={sample.id}
          samples={bench.samples}
          students={bench.group.students}
          waiting={waiting}
          held={bench.held}
          several={bench.tests.length > 1}
          log={log}
          correct={(entry) => {
            setPicking(false);
            quiet();
            scrollTo(0, 0);
            chooseTest(testOf(entry.body.test).id);
            change({ ...correcting(entry), sample: sample.id });
          }}
        />
      )}
    </>
  );
}
