/** The parts of naming a jar: the knowns beside it, the choice of a name, and what the evidence rules out. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { isIonId, speciesName, tileOf, type GroupRecord } from '@kivex/core';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { Formula } from '../kit/Formula.js';
import { Input } from '../kit/Input.js';
import { OnOff } from '../kit/OnOff.js';
import { SpotTile } from '../kit/well/SpotTile.js';
import { chosenIn } from './chosen-name.js';

export function NameChoice({
  label,
  choices,
  answer,
  change,
}: {
  readonly label: string;
  readonly choices: Bench['choices'];
  readonly answer: string;
  readonly change: (answer: string) => void;
}) {
  return (
    <Box>
      <chakra.h3 fontSize="md" mb="1">
        So it holds …
      </chakra.h3>
      {choices.map((ids, part) => (
        <Box
          key={part}
          role="group"
          aria-label={
            choices.length > 1 ? `${part ? 'Anions' : 'Cations'} for ${label}` : `Ions for ${label}`
          }
          display="grid"
          gridTemplateColumns="repeat(auto-fill, minmax(8rem, 1fr))"
          gap="2"
          mb="2"
        >
          {ids.map((id) => {
            const on = chosenIn(answer, ids) === id;
            return (
              <OnOff
                key={id}
                size="bench"
                pressed={on}
                fontWeight="600"
                gap="0"
                onPressedChange={() =>
                  change(
                    choices
                      .map((list, i) => (i === part ? id : chosenIn(answer, list)))
                      .flatMap((one) => (one ? [speciesName(one)] : []))
                      .join(' '),
                  )
                }
              >
                {speciesName(id)} {isIonId(id) && <Formula ion={id} />}
              </OnOff>
            );
          })}
        </Box>
      ))}
      <Field label="or write its name or formula" mt="3">
        <Input
          size="bench"
          value={answer}
          maxLength={120}
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          onChange={(e) => change(e.target.value)}
        />
      </Field>
    </Box>
  );
}

export function RulesOut({
  label,
  choices,
  out,
  change,
}: {
  readonly label: string;
  readonly choices: readonly string[];
  readonly out: readonly string[];
  readonly change: (out: readonly string[]) => void;
}) {
  return (
    <Fold size="bench" title="What does your evidence rule out?" open={out.length > 0}>
      <Box role="group" aria-label={`Ruled out for ${label}`} display="flex" flexWrap="wrap" gap="2" pt="1">
        {choices.map((id) => (
          <OnOff
            key={id}
            size="bench"
            minH="12"
            px="3"
            pressed={out.includes(id)}
            onPressedChange={(on) => change(on ? [...out, id] : out.filter((other) => other !== id))}
          >
            {speciesName(id)}
          </OnOff>
        ))}
      </Box>
    </Fold>
  );
}

/** The group's own knowns in the tests that speak for this jar: what it is compared with. */
export function Knowns({
  bench,
  record,
  tests,
}: {
  readonly bench: Bench;
  readonly record: GroupRecord;
  readonly tests: readonly string[];
}) {
  const own = bench.tests.map((t) => t.test).filter((t) => tests.includes(t));
  const samples = bench.samples.filter(
    (s) => s.role === 'known' && s.tests.some((t) => own.includes(t as never)),
  );
  const rows = tileOf(record, samples, own);
  if (!rows.some((row) => row.cells.some((c) => c?.entry))) return null;
  return (
    <Fold size="bench" title="Beside it: what your knowns showed">
      <SpotTile name="Your knowns" rows={rows} samples={samples} tests={own} size={36} />
    </Fold>
  );
}
