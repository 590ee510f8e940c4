/** Who works at a bench: absent, moved, late. */
import type { Lesson } from '@kivex/contract';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Select } from '../kit/Select.js';
import type { BenchStatus } from './bench-status.js';
import type { BenchActs } from './board-acts.js';
import { Line, Part } from './DrawerParts.js';

export function People({
  lesson,
  bench,
  acts,
}: {
  readonly lesson: Lesson;
  readonly bench: BenchStatus;
  readonly acts: BenchActs;
}) {
  const others = lesson.groupList.filter((g) => g.id !== bench.group.id);
  return (
    <Part title="People">
      {bench.group.students.map((student) => (
        <Line key={student.id} text={student.name}>
          <Select
            size="small"
            width={{ base: '7.5rem', md: '10rem' }}
            aria-label={`Move ${student.name} to`}
            value=""
            onChange={(e) => acts.seat(student.id, e.target.value)}
          >
            <option value="">move to …</option>
            {others.map((g) => (
              <option key={g.id} value={g.id}>
                {g.name}
              </option>
            ))}
          </Select>
          <Button size="small" onClick={() => acts.absent(student.id)}>
            Absent
          </Button>
        </Line>
      ))}
      {lesson.unseated.length > 0 && (
        <Field label="Somebody came late" size="small">
          <Select size="small" value="" onChange={(e) => acts.seat(e.target.value, bench.group.id)}>
            <option value="">seat them here …</option>
            {lesson.unseated.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </Select>
        </Field>
      )}
    </Part>
  );
}
