/** An incident or near miss of one bench: two taps log it; who, what and what was done follow when there is time. */
import { Box } from '@chakra-ui/react';
import { incidentKinds, type IncidentKind } from '@kivex/contract';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Notice } from '../kit/Notice.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import type { BenchActs } from './board-acts.js';
import type { BenchStatus } from './bench-status.js';
import { IncidentFields } from './IncidentFields.js';
import { incidentWords } from './incident-words.js';

/** The usual first aid, said at its moment; the school's own rules and its first aider come first. */
const firstAid: Readonly<Partial<Record<IncidentKind, string>>> = {
  burn: 'Cool under running water for twenty minutes; call the first aider.',
  splash:
    'Rinse with running water at once, eyes for twenty minutes; take splashed clothes off; call the first aider.',
  'breathed-in': 'Fresh air, sit upright; call the first aider if anything remains.',
  cut: 'Press a clean dressing on it; look for glass; call the first aider.',
  fire: 'Gas off, everybody back; a beaker fire is smothered, nothing is carried. Call for help.',
  spill: 'Keep people away; goggles and gloves; the spill kit. Acids: sodium hydrogencarbonate first.',
};

export function LogIncident({ bench, acts }: { readonly bench: BenchStatus; readonly acts: BenchActs }) {
  const [kind, setKind] = useState<IncidentKind>();
  const [logged, setLogged] = useState<IncidentKind>();
  if (!kind)
    return (
      <>
        {logged && <Notice tone="go">{incidentWords[logged]}: logged. It is listed beside the board.</Notice>}
        <Box role="group" aria-label="Kind of incident" display="flex" flexWrap="wrap" gap="1.5">
          {incidentKinds.map((id) => (
            <Button key={id} size="small" onClick={() => setKind(id)}>
              {incidentWords[id]}
            </Button>
          ))}
        </Box>
      </>
    );
  return (
    <IncidentForm
      bench={bench}
      kind={kind}
      acts={acts}
      done={(saved) => {
        setKind(undefined);
        setLogged(saved ? kind : undefined);
      }}
    />
  );
}

function IncidentForm({
  bench,
  kind,
  acts,
  done,
}: {
  readonly bench: BenchStatus;
  readonly kind: IncidentKind;
  readonly acts: BenchActs;
  readonly done: (saved: boolean) => void;
}) {
  const form = useSentForm({
    defaults: { student: '', nearMiss: false, what: '', done: '' },
    fields: ['student', 'what', 'done'],
    send: async ({ student, nearMiss, what, done: did }) => {
      await acts.logIncident({
        kind,
        nearMiss,
        group: bench.group.id,
        student: student || null,
        what,
        done: did,
      });
      done(true);
    },
  });
  return (
    <Form onSubmit={form.submit} display="flex" flexDirection="column" gap="2">
      {firstAid[kind] && (
        <Notice tone="stop">{firstAid[kind]} Your school’s rules and its first aider come first.</Notice>
      )}
      {form.problem && <Notice tone="stop">{form.problem}</Notice>}
      <Button type="submit" variant="go" disabled={form.busy}>
        Log: {incidentWords[kind]}
      </Button>
      <IncidentFields form={form} students={bench.group.students} />
      <Button onClick={() => done(false)}>Leave it</Button>
    </Form>
  );
}
