/** One question to the whole class: on the projector, answered by devices, gathered, discussed, asked again. */
import { Box, chakra } from '@chakra-ui/react';
import type { ClassQuestion } from '@kivex/contract';
import { deckOf, recallTopics, type Syllabus } from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Button } from '../../kit/Button.js';
import { Combobox } from '../../kit/Combobox.js';
import { Field } from '../../kit/Field.js';
import { Failed, Loading, Notice } from '../../kit/Notice.js';
import { OnOff } from '../../kit/OnOff.js';
import { call } from '../../kit/request/call.js';
import { Cell, Row, Table } from '../../kit/Table.js';
import { Tile } from '../../kit/Tile.js';
import { AlikeAnswers } from './AlikeAnswers.js';
import { topicWords } from './topic-words.js';

/** Milliseconds between two looks for new answers. */
const lookEvery = 2_000;

export function QuestionPart({ syllabus }: { readonly syllabus: Syllabus }) {
  const [id, setId] = useState<string>();
  return id === undefined ? (
    <Choose syllabus={syllabus} asked={setId} />
  ) : (
    <Asked id={id} other={() => setId(undefined)} />
  );
}

function Choose({ syllabus, asked }: { readonly syllabus: Syllabus; readonly asked: (id: string) => void }) {
  const deck = useMemo(() => deckOf(syllabus), [syllabus]);
  const [card, setCard] = useState('');
  const list = useQuery({ queryKey: ['class-questions'], queryFn: () => call('GET /api/class-questions') });
  const ask = useMutation({
    mutationFn: () => call('POST /api/class-questions', { body: { syllabus: syllabus.id, card } }),
    onSuccess: (made) => asked(made.id),
  });
  const chosen = deck.find((c) => c.id === card);
  return (
    <Tile display="flex" flexDirection="column" gap="3" maxW="48rem">
      <chakra.h2 fontSize="xl">Ask the whole class</chakra.h2>
      <chakra.p color="ink.soft">
        The question stands on the projector. Whoever types its code answers on any device; nobody is named,
        to you neither.
      </chakra.p>
      <Field label="Question">
        <Combobox
          aria-label="Question"
          placeholder="Type a test, an ion, a gas"
          choices={recallTopics.flatMap((topic) =>
            deck
              .filter((c) => c.topic === topic)
              .map((c) => ({ id: c.id, name: c.ask, group: topicWords[topic] })),
          )}
          value={card}
          onChoose={setCard}
        />
      </Field>
      {chosen && <chakra.p>Model answer: {chosen.model}</chakra.p>}
      {ask.error && <Notice tone="stop">{ask.error.message}</Notice>}
      <Button variant="go" size="bench" disabled={!chosen || ask.isPending} onClick={() => ask.mutate()}>
        Ask it
      </Button>
      {list.data && list.data.length > 0 && (
        <Box>
          <chakra.h3 fontSize="md" mb="1">
            Asked before
          </chakra.h3>
          <Box display="flex" flexDirection="column" gap="1">
            {list.data.slice(0, 6).map((q) => (
              <Button
                key={q.id}
                variant="quiet"
                justifyContent="flex-start"
                textAlign="start"
                whiteSpace="normal"
                onClick={() => asked(q.id)}
              >
                {q.ask}
                {q.open ? ' · open' : ''}
              </Button>
            ))}
          </Box>
        </Box>
      )}
    </Tile>
  );
}

function Asked({ id, other }: { readonly id: string; readonly other: () => void }) {
  const client = useQueryClient();
  const key = ['class-question', id];
  const [show, setShow] = useState(false);
  const [model, setModel] = useState(false);
  const { data, error, refetch } = useQuery({
    queryKey: key,
    queryFn: () => call('GET /api/class-questions/:asked', { asked: id }),
    refetchInterval: lookEvery,
  });
  const change = useMutation({
    mutationFn: (body: { open?: boolean; again?: boolean }) =>
      call('PATCH /api/class-questions/:asked', { asked: id, body }),
    onSuccess: (next) => {
      client.setQueryData(key, next);
      void client.invalidateQueries({ queryKey: ['class-questions'] });
    },
  });
  if (error && !data) return <Failed error={error} again={() => void refetch()} />;
  if (!data) return <Loading what="the question" />;
  const round = data.rounds.at(-1)!;
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <Tile>
        <Box display="flex" flexWrap="wrap" gap="4" alignItems="baseline">
          <chakra.h2 fontSize={{ base: '2xl', lg: '3xl' }} flex="1" minW="16rem">
            {data.ask}
          </chakra.h2>
          <chakra.p fontSize="xl">
            <chakra.span fontFamily="mono" fontSize="3xl" fontWeight="700" letterSpacing="0.1em">
              {data.code}
            </chakra.span>
            <br />
            at {location.host}/answer
          </chakra.p>
        </Box>
        <chakra.p role="status" fontSize="xl" mt="2">
          {round.answers} {round.answers === 1 ? 'answer' : 'answers'}
          {data.round > 1 && ` to round ${data.round}`}
          {!data.open && ' · closed'}
        </chakra.p>
        <Box display="flex" flexWrap="wrap" gap="2" mt="3" data-noprint>
          <OnOff pressed={show} onPressedChange={setShow}>
            Show the answers
          </OnOff>
          <OnOff pressed={model} onPressedChange={setModel}>
            Model answer
          </OnOff>
          <Button onClick={() => change.mutate({ open: !data.open })}>
            {data.open ? 'Close it' : 'Open it again'}
          </Button>
          <Button
            variant="go"
            onClick={() => {
              setShow(false);
              setModel(false);
              change.mutate({ again: true });
            }}
          >
            Ask again
          </Button>
          <Button variant="quiet" onClick={other}>
            Another question
          </Button>
        </Box>
        {model && (
          <chakra.p fontSize="xl" mt="3">
            {data.model}
          </chakra.p>
        )}
      </Tile>
      {data.rounds.length > 1 && <Rounds rounds={data.rounds} />}
      {show && <AlikeAnswers groups={data.groups} />}
    </Box>
  );
}

/** The rounds beside each other: how the share of right answers moved. */
function Rounds({ rounds }: { readonly rounds: ClassQuestion['rounds'] }) {
  return (
    <Tile p="3">
      <chakra.h2 fontSize="lg">Round by round</chakra.h2>
      <Table label="Round by round" heads={['Round', 'Answers', 'Right', 'Partly', 'Not', 'Unsure']}>
        {rounds.map((r) => (
          <Row key={r.round}>
            <Cell fontWeight="600">{r.round}</Cell>
            {[r.answers, r.right, r.partly, r.wrong, r.unsure].map((n, i) => (
              <Cell key={i}>
                {n}
                {i > 0 && r.answers > 0 ? ` (${Math.round((100 * n) / r.answers)} %)` : ''}
              </Cell>
            ))}
          </Row>
        ))}
      </Table>
    </Tile>
  );
}
