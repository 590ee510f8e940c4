/** Who of the group is writing: one tap for those who have joined at this device, their PIN once for the others. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { Check, KeyRound, X } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { PinBox } from './PinBox.js';

interface WhoWritesProps {
  readonly bench: Bench;
  /** @throws RequestProblem */
  readonly writeAs: (student: string, pin?: string) => Promise<void>;
  readonly close: () => void;
}

export function WhoWrites({ bench, writeAs, close }: WhoWritesProps) {
  const [asked, setAsked] = useState<Bench['me']>();
  const tap = (student: Bench['me']) => {
    if (student.id === bench.me.id) close();
    else if (bench.here.includes(student.id)) void writeAs(student.id).then(close);
    else setAsked(student);
  };
  return (
    <Tile p="3" role="dialog" aria-labelledby="who-writes" display="flex" flexDirection="column" gap="3">
      <Box display="flex" alignItems="center" gap="3">
        <chakra.h2 id="who-writes" fontSize="xl" flex="1">
          {asked ? `${asked.name} writes` : 'Who is writing?'}
        </chakra.h2>
        <Button size="bench" minH="12" px="3" aria-label="Close" onClick={close}>
          <X size={20} aria-hidden />
        </Button>
      </Box>
      {asked ? (
        <PinForm
          label={`PIN of ${asked.name}`}
          go="Write here"
          prove={(pin) => writeAs(asked.id, pin).then(close)}
        />
      ) : (
        <Box display="flex" flexDirection="column" gap="2">
          {bench.group.students.map((student) => (
            <Button
              key={student.id}
              size="bench"
              justifyContent="space-between"
              aria-current={student.id === bench.me.id ? 'true' : undefined}
              onClick={() => tap(student)}
            >
              {student.name}
              {student.id === bench.me.id ? (
                <Check size={20} aria-label="writing now" />
              ) : (
                !bench.here.includes(student.id) && <KeyRound size={20} aria-label="asks for the PIN once" />
              )}
            </Button>
          ))}
          <chakra.p fontSize="sm" color="ink.soft">
            What is logged is your group’s, with who wrote it. Names, equations and handing in are each one’s
            own, behind their PIN.
          </chakra.p>
        </Box>
      )}
    </Tile>
  );
}

/** In place of what is one’s own, while others have written at the device since. */
export function OwnIsShut({
  bench,
  unlock,
}: {
  readonly bench: Bench;
  readonly unlock: (pin: string) => Promise<void>;
}) {
  return (
    <Tile p="4" display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="xl">This part is {bench.me.name}’s own</chakra.h2>
      <chakra.p color="ink.soft">
        Others have written at this device. Type your PIN to open your answers.
      </chakra.p>
      <PinForm label="Your PIN" go="Open" prove={unlock} />
    </Tile>
  );
}

function PinForm({
  label,
  go,
  prove,
}: {
  readonly label: string;
  readonly go: string;
  readonly prove: (pin: string) => Promise<void>;
}) {
  const [pin, setPin] = useState('');
  const [wrong, setWrong] = useState<string>();
  const [busy, setBusy] = useState(false);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    setWrong(undefined);
    prove(pin)
      .catch((error: Error) => setWrong(error.message))
      .finally(() => setBusy(false));
  };
  return (
    <Form onSubmit={submit} display="flex" flexDirection="column" gap="3">
      <PinBox label={label} value={pin} change={setPin} autoFocus />
      {wrong && <Notice tone="stop">{wrong}</Notice>}
      <Button type="submit" variant="go" size="bench" disabled={busy || pin.length < 4}>
        {go}
      </Button>
    </Form>
  );
}
