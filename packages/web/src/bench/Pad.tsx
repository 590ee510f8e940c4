/** The record pad: choose the sample, tap what was seen, log it. Three taps; everything else is optional. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { adviceOn, attributeOf, testOf, type GroupRecord, type StudentBody } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { OnOff } from '../kit/OnOff.js';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import type { Waiting } from './device-store.js';
import { Entries } from './Entries.js';
import { SampleStrip } from './SampleStrip.js';
import { TestChoice } from './TestChoice.js';
import { WellChoice } from './WellChoice.js';

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
}
interface Draft {
  readonly test: string | undefined;
  readonly sample: string | undefined;
  readonly seen: Readonly<Record<string, string>>;
  readonly words: string;
  readonly doubtful: boolean;
  readonly corrects: string | undefined;
}

const blank: Draft = {
  test: undefined,
  sample: undefined,
  seen: {},
  words: '',
  doubtful: false,
  corrects: undefined,
};
const draftKey = (lesson: string, student: string) => `kivex-pad-${lesson}-${student}`;

/** What was being entered when the page was last open, if it is of what was pointed at since. */
function storedDraft(key: string, test: string | undefined, sample: string | undefined): Draft {
  const kept = keptDraft(key);
  if (sample === undefined || (kept.sample === sample && kept.test === test)) return kept;
  return { ...blank, test, sample };
}
function keptDraft(key: string): Draft {
  try {
    return { ...blank, ...(JSON.parse(sessionStorage.getItem(key) ?? '{}') as Partial<Draft>) };
  } catch {
    return blank;
  }
}

export function Pad({ bench, record, waiting, test: under, chooseTest, sample: pointed, log }: PadProps) {
  const key = draftKey(bench.lesson.id, bench.me.id);
  const [kept, setDraft] = useState<Draft>(() => storedDraft(key, under, pointed));
  const planned = bench.tests.find((t) => t.test === (under ?? kept.test)) ?? bench.tests[0]!;
  const clear = { ...blank, test: planned.test };
  // What was half entered is of the test it was entered in.
  const draft = kept.test === planned.test ? kept : clear;
  const [advice, setAdvice] = useState<string>();
  const [said, setSaid] = useState('');
  // Choosing a sample folds the samples away, logging opens them again: sample, colour, Log it are three taps.
  const [picking, setPicking] = useState(
    pointed === undefined && (!draft.sample || !Object.keys(draft.seen).length),
  );
  const change = (part: Partial<Draft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    sessionStorage.setItem(key, JSON.stringify(next));
  };
  const test = testOf(planned.test);
  const own = bench.samples.filter((s) => s.tests.includes(planned.test));
  const sample = own.find((s) => s.id === draft.sample);
  const ready = sample && (Object.keys(draft.seen).length > 0 || draft.words.trim());

  const save = async () => {
    if (!sample || !ready) return;
    await log({
      type: 'observation',
      sample: sample.id,
      test: test.id,
      variant: planned.variant,
      seen: draft.seen,
      ...(draft.words.trim() ? { words: draft.words.trim() } : {}),
      ...(draft.doubtful ? { doubtful: true } : {}),
      ...(draft.corrects ? { corrects: draft.corrects } : {}),
    });
    setAdvice(
      draft.doubtful
        ? (adviceOn(test.id, draft.seen) ??
            'Not sure? Repeat it with fresh sample; the second look stands beside the first.')
        : adviceOn(test.id, draft.seen),
    );
    setSaid(`Logged for ${sample.label}.`);
    change({ ...clear, sample: sample.id });
    setPicking(true);
    scrollTo(0, 0);
  };

  return (
    <>
      <TestChoice
        bench={bench}
        chosen={planned.test}
        choose={(id) => {
          setAdvice(undefined);
          setSaid('');
          setPicking(true);
          chooseTest(id);
          change({ ...blank, test: id });
        }}
      />
      {picking && (
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
              setAdvice(undefined);
              setSaid('');
              setPicking(false);
              change({ ...clear, sample: id });
            }}
          />
        </Tile>
      )}
      <chakra.p srOnly role="status">
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
      {sample && !picking && (
        <Tile p="3" display="flex" flexDirection="column" gap="4">
          <Box display="flex" alignItems="center" justifyContent="space-between" gap="3">
            <chakra.h2 fontSize="xl">
              {sample.label}
              {draft.corrects && <chakra.span color="permanganate"> · correcting an entry</chakra.span>}
            </chakra.h2>
            <Button size="bench" minH="12" fontSize="md" onClick={() => setPicking(true)}>
              Other sample
            </Button>
          </Box>
          {planned.attributes.map((id, place) => {
            const attribute = attributeOf(test, id);
            const choice = attribute.number ? (
              <Input
                size="bench"
                inputMode="decimal"
                aria-label={attribute.question}
                value={draft.seen[id] ?? ''}
                placeholder={attribute.number.unit}
                onChange={(e) => {
                  const { [id]: _, ...rest } = draft.seen;
                  const typed = e.target.value.replace(',', '.').trim();
                  change({ seen: typed ? { ...rest, [id]: typed } : rest });
                }}
              />
            ) : (
              <WellChoice
                attribute={attribute}
                chosen={draft.seen[id]}
                glass={attribute.reads === 'glass-colour'}
                choose={(value) => {
                  const { [id]: before, ...rest } = draft.seen;
                  change({ seen: before === value ? rest : { ...rest, [id]: value } });
                }}
              />
            );
            if (place === 0 || attribute.reads !== 'glass-colour')
              return (
                <Box key={id}>
                  <chakra.h3 fontSize="md" mb="2">
                    {attribute.question}
                  </chakra.h3>
                  {choice}
                </Box>
              );
            return (
              <Fold key={id} size="bench" title={attribute.question} open={Boolean(draft.seen[id])}>
                {choice}
              </Fold>
            );
          })}
          <Field
            label={
              <>
                In your own words{' '}
                <chakra.span fontWeight="400" color="ink.soft">
                  (if you like)
                </chakra.span>
              </>
            }
          >
            <Input
              size="bench"
              value={draft.words}
              maxLength={500}
              autoComplete="off"
              onChange={(e) => change({ words: e.target.value })}
            />
          </Field>
          {/* Always in reach of the thumb, above the places at the foot. */}
          <Box
            display="flex"
            gap="2"
            flexWrap="wrap"
            position="sticky"
            bottom="16"
            mx="-3"
            mb="-3"
            px="3"
            py="2"
            bg="porcelain"
            borderTop="1px solid"
            borderColor="slate.200"
            borderBottomRadius="glaze"
            zIndex={2}
          >
            <OnOff
              size="bench"
              px="3"
              pressed={draft.doubtful}
              onPressedChange={() => change({ doubtful: !draft.doubtful })}
            >
              {draft.doubtful ? 'Not sure: yes' : 'Not sure?'}
            </OnOff>
            {draft.corrects && (
              <Button size="bench" px="3" onClick={() => change({ ...clear, sample: sample.id })}>
                Leave it
              </Button>
            )}
            <Button
              size="bench"
              variant="go"
              flex="1"
              minW="8rem"
              disabled={!ready}
              onClick={() => void save()}
            >
              Log it
            </Button>
          </Box>
        </Tile>
      )}
      {sample && (
        <Entries
          record={record}
          sample={sample.id}
          students={bench.group.students}
          waiting={waiting}
          held={bench.held}
          several={bench.tests.length > 1}
          log={log}
          correct={(entry) => {
            setPicking(false);
            setAdvice(undefined);
            scrollTo(0, 0);
            chooseTest(entry.body.test);
            change({
              test: entry.body.test,
              sample: sample.id,
              seen: entry.body.seen,
              words: entry.body.words ?? '',
              doubtful: false,
              corrects: entry.id,
            });
          }}
        />
      )}
    </>
  );
}
