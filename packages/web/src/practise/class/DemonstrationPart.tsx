/** A test shown to the class, step by step, by keys; large enough for the last row; what it holds hidden or shown. */
import { Box, chakra } from '@chakra-ui/react';
import {
  canShow,
  demonstrationOf,
  sampleOfSpecies,
  speciesName,
  testOf,
  type Demonstration,
  type Syllabus,
} from '@kivex/core';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../kit/Button.js';
import { Field } from '../../kit/Field.js';
import { isTyping } from '../../kit/is-typing.js';
import { Notice } from '../../kit/Notice.js';
import { OnOff } from '../../kit/OnOff.js';
import { pressedKey } from '../../kit/pressed-key.js';
import { Select } from '../../kit/Select.js';
import { Tile } from '../../kit/Tile.js';
import { doing } from '../doing.js';
import { FrameDrawing } from '../stage/FrameDrawing.js';
import { Motion } from '../stage/Motion.js';
import { sampleWith, speciesFor } from './shown-samples.js';

export function DemonstrationPart({ syllabus }: { readonly syllabus: Syllabus }) {
  const tests = syllabus.tests
    .map((t) => t.test)
    .filter((t) => canShow(t) && speciesFor(syllabus, t).length > 0);
  const [search] = useSearchParams();
  const [test, setTest] = useState(() => tests.find((t) => t === search.get('test')) ?? tests[0]!);
  const species = speciesFor(syllabus, test);
  const [one, setOne] = useState(search.get('one') ?? undefined);
  const [other, setOther] = useState(search.get('other') ?? '');
  const [at, setAt] = useState(0);
  const [still, setStill] = useState(false);
  const [truth, setTruth] = useState(false);
  const first = one !== undefined && species.includes(one) ? one : species[0]!;
  const second = species.includes(other) ? other : undefined;
  const playFirst = usePlayed(test, first);
  const playSecond = usePlayed(test, second ?? first);
  const shown = [{ id: first, play: playFirst }, ...(second ? [{ id: second, play: playSecond }] : [])];
  const steps = Math.max(...shown.map(({ play }) => ('frames' in play ? play.frames.length : 1)));
  const here = Math.min(at, steps - 1);
  // What it holds stands in the set-up: that is put away once the class looks, unless it is told anyway.
  const setUp = truth || here === 0;
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
      const does: Readonly<Record<string, () => void>> = {
        ArrowRight: () => setAt(Math.min(steps - 1, here + 1)),
        ArrowLeft: () => setAt(Math.max(0, here - 1)),
        Home: () => setAt(0),
        End: () => setAt(steps - 1),
        t: () => setTruth((on) => !on),
        f: () => setStill((on) => !on),
      };
      const act = does[pressedKey(event)];
      if (!act) return;
      event.preventDefault();
      act();
    };
    addEventListener('keydown', key);
    return () => removeEventListener('keydown', key);
  }, [here, steps]);
  return (
    <Box display="flex" flexDirection="column" gap="3" {...(still ? { 'data-still': '' } : {})}>
      <Motion />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="end" data-noprint>
        {setUp ? (
          <>
            <Field label="Test" width="auto">
              <Select
                value={test}
                onChange={(e) => {
                  setTest(e.target.value as typeof test);
                  setAt(0);
                }}
              >
                {tests.map((t) => (
                  <option key={t} value={t}>
                    {testOf(t).name}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="Of" width="auto">
              <Select value={first} onChange={(e) => setOne(e.target.value)}>
                {species.map((id) => (
                  <option key={id} value={id}>
                    {speciesName(id)}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="Beside it" width="auto">
              <Select value={second ?? ''} onChange={(e) => setOther(e.target.value)}>
                <option value="">nothing</option>
                {species
                  .filter((id) => id !== first)
                  .map((id) => (
                    <option key={id} value={id}>
                      {speciesName(id)}
                    </option>
                  ))}
              </Select>
            </Field>
          </>
        ) : (
          <Button onClick={() => setAt(0)}>Set up</Button>
        )}
        <OnOff pressed={truth} onPressedChange={setTruth}>
          Say what it holds
        </OnOff>
        <OnOff pressed={still} onPressedChange={setStill}>
          Frozen
        </OnOff>
        <Button onClick={() => print()}>Print the frames</Button>
      </Box>
      <Box display="flex" gap="2" alignItems="center" flexWrap="wrap" data-noprint>
        <Button size="bench" disabled={here === 0} onClick={() => setAt(here - 1)}>
          Back
        </Button>
        <Button size="bench" variant="go" disabled={here === steps - 1} onClick={() => setAt(here + 1)}>
          Next
        </Button>
        <chakra.span fontSize="lg">
          {here + 1} of {steps}
          {'actions' in shown[0]!.play &&
            `: ${doing(shown[0]!.play.actions[Math.min(here, shown[0]!.play.actions.length - 1)]!)}`}
        </chakra.span>
        <chakra.span color="ink.soft" fontSize="sm" flex="1" textAlign="end">
          Keys: ← → step, Home and End to the first and last, T what it holds, F frozen
        </chakra.span>
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: '1fr', md: `repeat(${shown.length}, 1fr)` }}
        gap="3"
        data-noprint
      >
        {shown.map(({ id, play }, i) => (
          <Tile key={id} p="3">
            <chakra.h2 fontSize="2xl" mb="2">
              {truth ? speciesName(id) : shown.length > 1 ? `Sample ${i === 0 ? 'A' : 'B'}` : 'The sample'}
            </chakra.h2>
            {'problem' in play ? (
              <Notice tone="look">{play.problem}</Notice>
            ) : (
              <>
                <Box height="min(44vh, 32rem)">
                  <FrameDrawing
                    frame={play.frames[Math.min(here, play.frames.length - 1)]!}
                    action={play.actions[Math.min(here, play.frames.length - 1)]!}
                  />
                </Box>
                <chakra.p role="status" fontSize={{ base: 'xl', lg: '2xl' }} mt="2">
                  {play.frames[Math.min(here, play.frames.length - 1)]!.text}
                </chakra.p>
              </>
            )}
          </Tile>
        ))}
      </Box>
      <Handout title={testOf(test).name} shown={shown} truth={truth} />
    </Box>
  );
}

/** The frames on paper, for those who were not there. */
function Handout({
  title,
  shown,
  truth,
}: {
  readonly title: string;
  readonly shown: readonly {
    readonly id: string;
    readonly play: Demonstration | { readonly problem: string };
  }[];
  readonly truth: boolean;
}) {
  return (
    <Box display="none" _print={{ display: 'block' }} data-still="">
      <chakra.p fontSize="xl" fontWeight="700">
        {title}
      </chakra.p>
      {shown.map(({ id, play }, i) =>
        'problem' in play ? null : (
          <Box key={id} mt="4">
            <chakra.h2 fontSize="lg">{truth ? speciesName(id) : `Sample ${i === 0 ? 'A' : 'B'}`}</chakra.h2>
            <Box display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="3" mt="2">
              {play.frames.map((frame, k) => (
                <Box
                  key={k}
                  breakInside="avoid"
                  border="1px solid"
                  borderColor="slate.300"
                  borderRadius="tile"
                  p="2"
                >
                  <Box height="9rem">
                    <FrameDrawing frame={frame} action={play.actions[k]!} />
                  </Box>
                  <chakra.p fontSize="sm" mt="1">
                    {k + 1}. {doing(play.actions[k]!)}. {frame.text}
                  </chakra.p>
                </Box>
              ))}
            </Box>
          </Box>
        ),
      )}
    </Box>
  );
}

/** Played once for each test and sample. */
const usePlayed = (test: Parameters<typeof demonstrationOf>[0], id: string) =>
  useMemo(() => played(test, id), [test, id]);

function played(
  test: Parameters<typeof demonstrationOf>[0],
  id: string,
): Demonstration | { readonly problem: string } {
  try {
    return demonstrationOf(test, sampleOfSpecies(sampleWith(id)));
  } catch (error) {
    return { problem: (error as Error).message };
  }
}
