/** Practise: a bench where every slip can be made safely, and quick recall. Open to everyone; nothing leaves the device. */
import { Box, chakra } from '@chakra-ui/react';
import { asksOf, faultOf, setFromAddress, unknownExercise, type Asked, type Syllabus } from '@kivex/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { Checkbox } from '../kit/Checkbox.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Loading } from '../kit/Notice.js';
import { Parts } from '../kit/Parts.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { BenchOnScreen } from './BenchOnScreen.js';
import { OwnMaking } from './OwnMaking.js';
import { PlainHead } from './PlainHead.js';
import { SyllabusSelect } from './SyllabusSelect.js';
import { remember, remembered, useSyllabusChoice } from './syllabus-choice.js';
import { useScreenBench } from './screen-bench.js';

const AddressRecall = lazy(async () => ({
  default: (await import('./recall/AddressRecall.js')).AddressRecall,
}));
const stillKey = 'kivex-practise-still';

const askNames: Readonly<Record<Asked, string>> = {
  cation: 'a metal ion',
  anion: 'an anion',
  salt: 'a salt, both ions',
  gas: 'a gas',
  metal: 'a metal',
};
export default function PractisePage() {
  const [search] = useSearchParams();
  const set = useMemo(() => setFromAddress(search), [search]);
  const [syllabus, choose] = useSyllabusChoice(set?.syllabus);
  const [still, setStill] = useState(() => remembered(stillKey) === 'yes');
  // At the bench one sees the bench.
  const busy = useScreenBench((s) => s.exercise?.practical.syllabus === syllabus.id);
  return (
    <Box minH="100dvh" display="flex" flexDirection="column">
      <PlainHead title="Practise" to="/" back="Join a lesson" />
      <chakra.main p={{ base: '2', md: '4' }} maxW="90rem" width="100%" mx="auto">
        <Box display={busy ? 'none' : 'flex'} gap="3" flexWrap="wrap" alignItems="end" mb="3">
          <SyllabusSelect chosen={syllabus.id} choose={choose} />
        </Box>
        <Parts
          label="What to practise"
          parts={[
            {
              id: 'bench',
              name: 'Bench',
              show: () => (
                <BenchPart
                  key={syllabus.id}
                  syllabus={syllabus}
                  still={still}
                  setStill={(on) => {
                    setStill(on);
                    remember(stillKey, on ? 'yes' : 'no');
                  }}
                />
              ),
            },
            {
              id: 'recall',
              name: 'Quick recall',
              show: () => (
                <Suspense fallback={<Loading ofShell what="the questions" />}>
                  <AddressRecall
                    key={`${syllabus.id} ${set?.seed}`}
                    syllabus={syllabus}
                    set={set?.syllabus === syllabus.id ? set : undefined}
                  />
                </Suspense>
              ),
            },
          ]}
        />
      </chakra.main>
    </Box>
  );
}

function BenchPart({
  syllabus,
  still,
  setStill,
}: {
  readonly syllabus: Syllabus;
  readonly still: boolean;
  readonly setStill: (on: boolean) => void;
}) {
  const { exercise, start } = useScreenBench();
  const [params] = useSearchParams();
  const asks = asksOf(syllabus);
  const [asked, setAsked] = useState<Asked>(asks[0]!);
  const [number, setNumber] = useState(
    () => params.get('try') ?? String(1 + Math.floor(Math.random() * 998)),
  );
  const [wrong, setWrong] = useState<string>();
  const [faulty, setFaulty] = useState(false);
  const begin = (event: React.FormEvent) => {
    event.preventDefault();
    const seed = Number(number);
    if (!Number.isInteger(seed) || seed < 1 || seed > 99999) {
      setWrong('Give a whole number from 1 to 99999.');
      return;
    }
    setWrong(undefined);
    const exercise = unknownExercise(syllabus, asked, seed);
    start(exercise, `Unknown ${seed}`, faulty ? faultOf(exercise) : undefined);
  };
  const under = exercise?.practical.syllabus === syllabus.id;
  if (under)
    return (
      <BenchOnScreen
        still={still}
        setStill={setStill}
        again={() => {
          setNumber(String(1 + Math.floor(Math.random() * 998)));
          useScreenBench.setState({ exercise: undefined });
        }}
      />
    );
  return (
    <Box display="flex" flexWrap="wrap" gap="3" alignItems="start">
      <Tile maxW="36rem">
        <Form onSubmit={begin} display="flex" flexDirection="column" gap="3">
          <chakra.h2 fontSize="xl">An unknown on the bench</chakra.h2>
          <chakra.p color="ink.soft">
            Test it with true drops and strengths, log what you see as in a lesson, and name it. Whatever goes
            wrong goes wrong here as it would there, and is told when you look back. Nothing is stored.
          </chakra.p>
          <Field label="Name">
            <Select value={asked} onChange={(e) => setAsked(e.target.value as Asked)}>
              {asks.map((a) => (
                <option key={a} value={a}>
                  {askNames[a]}
                </option>
              ))}
            </Select>
          </Field>
          <Field
            label="Number"
            help="The same number is the same unknown for everyone: pass it on."
            error={wrong}
          >
            <Input
              value={number}
              inputMode="numeric"
              maxLength={5}
              onChange={(e) => setNumber(e.target.value)}
            />
          </Field>
          <Checkbox checked={faulty} onChange={setFaulty}>
            A bottle may not be what it says
          </Checkbox>
          <Button type="submit" variant="go">
            To the bench
          </Button>
          <chakra.p fontSize="sm" color="ink.soft">
            A bench on screen is no leave to do it for real: there, your teacher’s word and the local rules
            count.
          </chakra.p>
        </Form>
      </Tile>
      <OwnMaking syllabus={syllabus} start={start} />
    </Box>
  );
}
