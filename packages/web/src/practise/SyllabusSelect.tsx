/** The syllabus one practises by. */
import type { SyllabusHead } from '@kivex/contract';
import { allSyllabuses } from '@kivex/core';
import { Field } from '../kit/Field.js';
import { Select } from '../kit/Select.js';

interface SyllabusSelectProps {
  /** Its id. */
  readonly chosen: string;
  readonly choose: (id: string) => void;
  /** The school's own, for staff. */
  readonly own?: readonly SyllabusHead[];
}

export function SyllabusSelect({ chosen, choose, own = [] }: SyllabusSelectProps) {
  return (
    <Field label="Syllabus" width="auto">
      <Select value={chosen} onChange={(e) => choose(e.target.value)}>
        {allSyllabuses.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name} ({s.ages})
          </option>
        ))}
        {own
          .filter((s) => !s.archived || s.id === chosen)
          .map((s) => (
            <option key={s.id} value={s.id}>
              {s.name} (yours)
            </option>
          ))}
      </Select>
    </Field>
  );
}
