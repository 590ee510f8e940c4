/** A device's side of one question to the class: the code, the answer, and afterwards what it earned. */
import { Box, chakra } from '@chakra-ui/react';
import type { AskedQuestion } from '@kivex/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { RequestProblem } from '../kit/request/request.js';
import { Tile } from '../kit/Tile.js';

/** Milliseconds between two looks whether it was closed or asked again. */
const lookEvery = 3_000;

export default function AnswerPage() {
  const [params] = useSearchParams();
  const [typed, setTyped] = useState(params.get('code') ?? '');
  const [code, setCode] = useState<string>();
  const client = useQueryClient();
  const go = useNavigate();
  const key = ['answer', code];
  const { data, error } = useQuery({
    queryKey: key,
    queryFn: () => findQuestion(code!, (set) => void go(`/set/${set}`)),
    enabled: code !== undefined,
    refetchInterval: lookEvery,
  });
  const wrong = error instanceof RequestProblem && error.status === 422 ? error.message : undefined;
  return (
    <Box
      minH="100dvh"
      display="flex"
      flexDirection="column"
      alignItems="center"
      justifyContent="center"
      gap="5"
      p="4"
    >
      <Box display="flex" alignItems="center" gap="3">
        <img src="/kivex.svg" width={44} height={44} alt="" />
        <chakra.h1 fontSize="2xl">One question</chakra.h1>
      </Box>
      <Tile width="100%" maxW="34rem">
        {!data ? (
          <Form
            display="flex"
            flexDirection="column"
            gap="4"
            onSubmit={(event) => {
              event.preventDefault();
              setCode(typed.replace(/\D/g, ''));
            }}
          >
            <Field label="Code" help="Six digits; they are on the board." error={wrong}>
              <Input
                size="bench"
                value={typed}
                inputMode="numeric"
                autoComplete="off"
                maxLength={9}
                fontFamily="mono"
                fontSize="2xl"
                letterSpacing="0.2em"
                onChange={(e) => setTyped(e.target.value)}
                autoFocus
              />
            </Field>
            {error && !wrong && <Notice tone="stop">{error.message}</Notice>}
            <Button type="submit" variant="go" size="bench">
              Next
            </Button>
          </Form>
        ) : (
          <Answering
            key={data.round}
            code={code!}
            asked={data}
            told={(next) => client.setQueryData(key, next)}
          />
        )}
      </Tile>
    </Box>
  );
}

/** The question of a code; where it is the code of a set, one goes there. @throws RequestProblem where it is neither's. */
async function findQuestion(code: string, goTo: (set: string) => void): Promise<AskedQuestion> {
  try {
    return await call('POST /api/answer/find', { body: { code } });
  } catch (problem) {
    if (!(problem instanceof RequestProblem && problem.status === 422)) throw problem;
    const isSet = await call('POST /api/set/find', { body: { code } }).then(
      () => true,
      () => false,
    );
    if (isSet) goTo(code);
    throw problem;
  }
}

function Answering({
  code,
  asked,
  told,
}: {
  readonly code: string;
  readonly asked: AskedQuestion;
  readonly told: (next: AskedQuestion) => void;
}) {
  const [answer, setAnswer] = useState(asked.answer ?? '');
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const send = async (event: React.FormEvent) => {
    event.preventDefault();
    setBusy(true);
    try {
      told(await call('POST /api/answer', { body: { code, answer } }));
      setProblem(undefined);
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
    }
  };
  const sent = asked.answer !== null && asked.answer === answer.trim();
  return (
    <Form onSubmit={(event) => void send(event)} display="flex" flexDirection="column" gap="4">
      <chakra.h2 fontSize="xl">{asked.ask}</chakra.h2>
      <Field label="Your answer" error={problem}>
        <Input
          size="bench"
          value={answer}
          maxLength={500}
          autoComplete="off"
          readOnly={!asked.open}
          onChange={(e) => setAnswer(e.target.value)}
        />
      </Field>
      {asked.open ? (
        <>
          <Button type="submit" variant="go" size="bench" disabled={busy || sent || !answer.trim()}>
            {sent ? 'Sent' : asked.answer === null ? 'Send it' : 'Change it'}
          </Button>
          <chakra.p color="ink.soft">Nobody is told whose answer it is.</chakra.p>
        </>
      ) : asked.told ? (
        <Notice tone={asked.told.points === asked.told.max ? 'go' : 'look'}>
          {asked.told.points} of {asked.told.max}. {asked.told.why[0]?.text} Model answer:{' '}
          <strong>{asked.told.model}</strong>
        </Notice>
      ) : (
        <Notice>This question is closed. Wait until it is asked again.</Notice>
      )}
    </Form>
  );
}
