/** An incident as it was logged in haste, completed or put right; who logged it, and when, stays. */
import { incidentKinds, type Incident, type IncidentKind, type Lesson } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { Box } from '@chakra-ui/react';
import { Button } from '../kit/Button.js';
import { Dialog } from '../kit/Dialog.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';
import { IncidentFields } from './IncidentFields.js';
import { incidentWords } from './incident-words.js';

interface ChangeIncidentProps {
  readonly lesson: Pick<Lesson, 'id' | 'groupList'>;
  readonly incident: Incident;
  readonly close: () => void;
}

export function ChangeIncident({ lesson, incident, close }: ChangeIncidentProps) {
  return (
    <Dialog open close={close} title={`Incident of ${incident.by}`} first="select">
      <IncidentForm lesson={lesson} incident={incident} close={close} />
    </Dialog>
  );
}

function IncidentForm({ lesson, incident, close }: ChangeIncidentProps) {
  const cache = useQueryClient();
  const form = useSentForm({
    defaults: {
      kind: incident.kind as string,
      nearMiss: incident.nearMiss,
      group: incident.group?.id ?? '',
      student: incident.student?.id ?? '',
      what: incident.what,
      done: incident.done,
    },
    fields: ['kind', 'group', 'student', 'what', 'done'],
    send: async ({ kind, nearMiss, group, student, what, done }) => {
      await call('PUT /api/lessons/:lesson/incidents/:incident', {
        lesson: lesson.id,
        incident: incident.id,
        body: {
          kind: kind as IncidentKind,
          nearMiss,
          group: group || null,
          student: student || null,
          what,
          done,
        },
      });
      await cache.invalidateQueries({ queryKey: ['incidents', lesson.id] });
      close();
    },
  });
  return (
    <Form onSubmit={form.submit} display="flex" flexDirection="column" gap="3">
      {form.problem && <Notice tone="stop">{form.problem}</Notice>}
      <Field label="Kind" error={form.at('kind')}>
        <Select {...form.register('kind')}>
          {incidentKinds.map((id) => (
            <option key={id} value={id}>
              {incidentWords[id]}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Bench" error={form.at('group')}>
        <Select {...form.register('group')}>
          <option value="">no bench in particular</option>
          {lesson.groupList.map((g) => (
            <option key={g.id} value={g.id}>
              {g.name}
            </option>
          ))}
        </Select>
      </Field>
      <IncidentFields form={form} students={lesson.groupList.flatMap((g) => g.students)} />
      <Box display="flex" gap="2">
        <Button type="submit" variant="go" disabled={form.busy}>
          Save
        </Button>
        <Button onClick={close}>Leave it</Button>
      </Box>
    </Form>
  );
}
