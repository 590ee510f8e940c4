/** The syllabus one practises by. */
import { allSyllabuses, type Syllabus } from '@kivex/core';
import { Field } from '../kit/Field.js';
import { Select } from '../kit/Select.js';

export function SyllabusSelect({
  syllabus,
  choose,
}: {
  readonly syllabus: Syllabus;
  readonly choose: (id: string) => void;
}) {
  return (
    <Field label="Syllabus" width="auto">
      <Select value={syllabus.id} onChange={(e) => choose(e.target.value)}>
        {allSyllabuses.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name} ({s.ages})
          </option>
        ))}
      </Select>
    </Field>
  );
}
