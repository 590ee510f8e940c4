/** How strictly answers are marked. */
import { strictnesses, type Strictness } from '@kivex/core';
import { Field } from '../kit/Field.js';
import { Select } from '../kit/Select.js';
import { markedWords } from './class/topic-words.js';

interface HowStrictProps {
  readonly value: Strictness;
  readonly choose: (strictness: Strictness) => void;
  readonly width?: string;
}

export function HowStrict({ value, choose, width = '100%' }: HowStrictProps) {
  return (
    <Field label="Marked" width={width}>
      <Select value={value} onChange={(e) => choose(e.target.value as Strictness)}>
        {strictnesses.map((s) => (
          <option key={s} value={s}>
            {markedWords[s]}
          </option>
        ))}
      </Select>
    </Field>
  );
}
