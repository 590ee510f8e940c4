/** How a result came about: sure, weak or in doubt, how it was done, what was not as it should be. */
import { Box, chakra } from '@chakra-ui/react';
import type { BenchSample } from '@kivex/contract';
import { howQuestions, testOf, type PlannedTest, type ReagentWas } from '@kivex/core';
import { Minus, Plus } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { Input } from '../kit/Input.js';
import { OnOff } from '../kit/OnOff.js';
import { Select } from '../kit/Select.js';
import { nothingSeen, wayOf, type Draft } from './pad-draft.js';

interface HowItWasProps {
  readonly planned: PlannedTest;
  readonly draft: Draft;
  /** Of the group’s own that the test is done on. */
  readonly samples: readonly BenchSample[];
  readonly change: (part: Partial<Draft>) => void;
  readonly noTime: () => void;
}

export function HowItWas({ planned, draft, samples, change, noTime }: HowItWasProps) {
  const nothing = nothingSeen(planned);
  const offersNothing = wayOf(planned) === 'tap' && Object.keys(nothing).length > 0;
  return (
    <>
      <Box role="group" aria-label="How was it?" display="flex" flexWrap="wrap" gap="2">
        <Said on={draft.doubtful} set={(doubtful) => change({ doubtful })} word="Not sure" />
        <Said on={draft.weak} set={(weak) => change({ weak })} word="Weak" />
        {offersNothing && (
          <Button size="bench" minH="12" px="3" fontSize="md" onClick={() => change({ seen: nothing })}>
            Nothing happened
          </Button>
        )}
        <Button size="bench" minH="12" px="3" fontSize="md" onClick={noTime}>
          No time for it
        </Button>
      </Box>
      {howQuestions(planned.test).map(({ id, question, answers }) => (
        <Box key={id} role="group" aria-label={question}>
          <chakra.h3 fontSize="md" mb="1" fontWeight="500">
            {question}
          </chakra.h3>
          <Box display="flex" flexWrap="wrap" gap="2">
            {answers.map((answer) => (
              <Said
                key={answer.id}
                on={draft.did[id] === answer.id}
                set={(on) => {
                  const { [id]: _, ...rest } = draft.did;
                  change({ did: on ? { ...rest, [id]: answer.id } : rest });
                }}
                word={answer.label}
              />
            ))}
          </Box>
        </Box>
      ))}
      {testOf(planned.test).attributes.some((a) => a.reads === 'warmth') && (
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
          <Degrees label="Before, °C" value={draft.before} change={(before) => change({ before })} />
          <Degrees label="Highest, °C" value={draft.highest} change={(highest) => change({ highest })} />
        </Box>
      )}
      <Different draft={draft} samples={samples} change={change} />
    </>
  );
}

function Degrees({
  label,
  value,
  change,
}: {
  readonly label: string;
  readonly value: string;
  readonly change: (typed: string) => void;
}) {
  return (
    <Field label={label}>
      <Input
        size="bench"
        inputMode="decimal"
        maxLength={6}
        value={value}
        onChange={(e) => change(e.target.value)}
      />
    </Field>
  );
}

function Said({
  on,
  set,
  word,
}: {
  readonly on: boolean;
  readonly set: (on: boolean) => void;
  readonly word: string;
}) {
  return (
    <OnOff size="bench" minH="12" px="3" fontWeight="600" pressed={on} onPressedChange={set}>
      {word}
    </OnOff>
  );
}

const reagents: Readonly<Record<ReagentWas, string>> = {
  old: 'It was old',
  impure: 'It was not clean',
  substitute: 'Something else was used',
};

/** What is seldom said: another reagent, drops counted, a result taken from another sample. */
function Different({ draft, samples, change }: Pick<HowItWasProps, 'draft' | 'samples' | 'change'>) {
  const others = samples.filter((s) => s.id !== draft.sample);
  const said = draft.reagentWas !== undefined || draft.drops > 0 || draft.inferredFrom !== undefined;
  return (
    <Fold size="bench" title="Something different?" open={said}>
      <Box display="flex" flexDirection="column" gap="3" pt="2">
        <Field label="The reagent">
          <Select
            size="bench"
            value={draft.reagentWas ?? ''}
            onChange={(e) => change({ reagentWas: (e.target.value || undefined) as ReagentWas | undefined })}
          >
            <option value="">was as it should be</option>
            {(Object.keys(reagents) as ReagentWas[]).map((id) => (
              <option key={id} value={id}>
                {reagents[id]}
              </option>
            ))}
          </Select>
        </Field>
        {draft.reagentWas && (
          <Field label="Which, and what was it?">
            <Input
              size="bench"
              value={draft.reagentNote}
              maxLength={500}
              onChange={(e) => change({ reagentNote: e.target.value })}
            />
          </Field>
        )}
        <Box role="group" aria-label="Drops counted" display="flex" alignItems="center" gap="2">
          <chakra.span flex="1">
            Drops till it happened: <b>{draft.drops || 'not counted'}</b>
          </chakra.span>
          <Button
            size="bench"
            minH="12"
            px="3"
            aria-label="One drop fewer"
            disabled={!draft.drops}
            onClick={() => change({ drops: draft.drops - 1 })}
          >
            <Minus size={20} aria-hidden />
          </Button>
          <Button
            size="bench"
            minH="12"
            px="4"
            aria-label="One drop more"
            disabled={draft.drops >= 500}
            onClick={() => change({ drops: draft.drops + 1 })}
          >
            <Plus size={20} aria-hidden />
          </Button>
        </Box>
        {others.length > 0 && (
          <Field label="Did you test it yourselves?">
            <Select
              size="bench"
              value={draft.inferredFrom ?? ''}
              onChange={(e) => change({ inferredFrom: e.target.value || undefined })}
            >
              <option value="">Yes, we tested it</option>
              {others.map((s) => (
                <option key={s.id} value={s.id}>
                  No, it is like {s.label}
                </option>
              ))}
            </Select>
          </Field>
        )}
      </Box>
    </Fold>
  );
}
