/** What is asked of every incident, as it is logged and as it is completed: near miss, who, what happened, what was done. */
import type { StudentName } from '@kivex/contract';
import type { FieldValues, Path, PathValue } from 'react-hook-form';
import { Checkbox } from '../kit/Checkbox.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import type { SentFormState } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';

export interface IncidentEntered extends FieldValues {
  nearMiss: boolean;
  student: string;
  what: string;
  done: string;
}

export function IncidentFields<Entered extends IncidentEntered>({
  form,
  students,
}: {
  readonly form: SentFormState<Entered>;
  readonly students: readonly StudentName[];
}) {
  const at = (name: keyof IncidentEntered & string) => name as Path<Entered>;
  return (
    <>
      <Checkbox
        checked={Boolean(form.watch(at('nearMiss')))}
        onChange={(on) =>
          form.setValue(at('nearMiss'), on as PathValue<Entered, Path<Entered>>, { shouldDirty: true })
        }
      >
        A near miss: nobody hurt, nothing broken
      </Checkbox>
      <Field label="Who? (if anybody)" error={form.at(at('student'))}>
        <Select {...form.register(at('student'))}>
          <option value="">nobody in particular</option>
          {students.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="What happened?" error={form.at(at('what'))}>
        <Input maxLength={500} {...form.register(at('what'))} />
      </Field>
      <Field label="What was done?" error={form.at(at('done'))}>
        <Input maxLength={500} {...form.register(at('done'))} />
      </Field>
    </>
  );
}
