/** A known sample from its own jar, to stand beside the unknown: which, and into what. */
import { knownJar, speciesName, type UnknownExercise } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Fold } from '../kit/Fold.js';
import { Field } from '../kit/Field.js';
import { Select } from '../kit/Select.js';

const nameOf = (ids: readonly string[]): string => ids.map(speciesName).join(' ');

export function Known({
  exercise,
  take,
  words,
}: {
  readonly exercise: UnknownExercise;
  /** Takes of the jar of that name. */
  readonly take: (jar: string) => void;
  readonly words: string;
}) {
  const [at, setAt] = useState(0);
  const known = exercise.knowns[at] ?? exercise.knowns[0];
  if (!known) return null;
  return (
    <Fold title="A known beside it">
      <Field label="Known sample">
        <Select value={String(at)} onChange={(e) => setAt(Number(e.target.value))}>
          {exercise.knowns.map((ids, i) => (
            <option key={ids.join()} value={i}>
              {nameOf(ids)}
            </option>
          ))}
        </Select>
      </Field>
      <Button mt="2" onClick={() => take(knownJar(known))}>
        {words}
      </Button>
    </Fold>
  );
}
