/** The front door: a student's way into a lesson in three short steps; staff have a link. */
import { Box, chakra } from '@chakra-ui/react';
import type { JoinNames } from '@kivex/contract';
import { useEffect, useState, type FormEvent } from 'react';
import { Link, Navigate, useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Input } from '../kit/Input.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { type RequestProblem } from '../kit/request/request.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { useBench } from './use-bench.js';
import { OthersHere } from './OthersHere.js';
import { PinBox } from './PinBox.js';

export default function JoinPage() {
  const go = useNavigate();
  const { status, others, look, open } = useBench();
  const [code, setCode] = useState('');
  const [names, setNames] = useState<JoinNames>();
  const [student, setStudent] = useState('');
  const [name, setName] = useState('');
  const [pin, setPin] = useState('');
  const [wrong, setWrong] = useState<{ field?: string; detail: string }>();
  const [busy, setBusy] = useState(false);

  useEffect(() => {
    void call('GET /api/first-school')
      .then(({ empty }) => empty && go('/first-school'))
      .catch(() => undefined);
  }, [go]);
  // Whoever comes to this device is told what is still on it.
  useEffect(() => void look(), [look]);

  if (status === 'joined') return <Navigate to="/bench" replace />;

  const attempt = async (work: () => Promise<void>) => {
    setBusy(true);
    setWrong(undefined);
    try {
      await work();
    } catch (error) {
      const problem = error as RequestProblem;
      const field = problem.fields?.[0];
      setWrong(field ? { field: field.field, detail: field.detail } : { detail: problem.message });
    } finally {
      setBusy(false);
    }
  };
  const findLesson = (event: FormEvent) => {
    event.preventDefault();
    const digits = code.replace(/\D/g, '');
    void attempt(async () => setNames(await call('POST /api/join/names', { body: { code: digits } })));
  };
  const join = (event: FormEvent) => {
    event.preventDefault();
    void attempt(async () => {
      await call('POST /api/join', {
        body: {
          code: code.replace(/\D/g, ''),
          ...(names?.open ? { student } : { name }),
          pin,
        },
      });
      await open(true);
      await go('/bench');
    });
  };
  const at = (field: string) => (wrong?.field === field ? wrong.detail : undefined);

  return (
    <Box
      minH="100vh"
      display="flex"
      flexDirection="column"
      alignItems="center"
      justifyContent="center"
      p="4"
      gap="5"
    >
      <Box display="flex" alignItems="center" gap="3">
        <img src="/kivex.svg" width={52} height={52} alt="" />
        <chakra.h1 fontSize="2xl">Kivex</chakra.h1>
      </Box>
      {others.length > 0 && (
        <Box width="100%" maxW="26rem" display="flex" flexDirection="column" gap="3">
          <OthersHere others={others} />
        </Box>
      )}
      <Tile width="100%" maxW="26rem">
        {!names ? (
          <Form onSubmit={findLesson} display="flex" flexDirection="column" gap="4">
            <chakra.h2 fontSize="xl">Join your lesson</chakra.h2>
            <Field label="Lesson code" help="Six digits; your teacher shows them." error={at('code')}>
              <Input
                size="bench"
                value={code}
                onChange={(e) => setCode(e.target.value)}
                inputMode="numeric"
                autoComplete="off"
                maxLength={9}
                fontFamily="mono"
                fontSize="2xl"
                letterSpacing="0.2em"
                autoFocus
              />
            </Field>
            {wrong && !wrong.field && <Notice tone="stop">{wrong.detail}</Notice>}
            <Button type="submit" variant="go" size="bench" disabled={busy}>
              Next
            </Button>
          </Form>
        ) : (
          <Form onSubmit={join} display="flex" flexDirection="column" gap="4">
            <Box>
              <chakra.h2 fontSize="xl">{names.title}</chakra.h2>
              {!names.open && (
                <chakra.p color="ink.soft">
                  This lesson has ended. Sign in to see your marks, or to send what is still on this device.
                </chakra.p>
              )}
            </Box>
            {names.open ? (
              <Field label="Who are you?" error={at('student')}>
                <Select value={student} onChange={(e) => setStudent(e.target.value)} size="bench">
                  <option value="">Choose your name</option>
                  {names.names.map((n) => (
                    <option key={n.id} value={n.id}>
                      {n.name}
                    </option>
                  ))}
                </Select>
              </Field>
            ) : (
              <Field label="Your name" help="As your teacher has it." error={at('name') ?? at('student')}>
                <Input
                  size="bench"
                  value={name}
                  onChange={(e) => setName(e.target.value)}
                  autoComplete="off"
                />
              </Field>
            )}
            <PinBox label="Your PIN" value={pin} change={setPin} error={at('pin')} />
            {wrong && !wrong.field && <Notice tone="stop">{wrong.detail}</Notice>}
            <Box display="flex" gap="3">
              <Button
                type="button"
                size="bench"
                onClick={() => {
                  setNames(undefined);
                  setWrong(undefined);
                }}
              >
                Back
              </Button>
              <Button type="submit" variant="go" size="bench" flex="1" disabled={busy}>
                Join
              </Button>
            </Box>
          </Form>
        )}
      </Tile>
      <Box display="flex" gap="4" flexWrap="wrap" justifyContent="center">
        <Link to="/practise" style={{ padding: '12px' }}>
          Practise on screen
        </Link>
        <Link to="/sign-in" style={{ padding: '12px' }}>
          Staff sign in
        </Link>
      </Box>
    </Box>
  );
}
