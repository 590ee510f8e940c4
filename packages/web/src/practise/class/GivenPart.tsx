/** Sets given to classes: what came back, question by question, weakest first where wanted. */
import { Box, chakra } from '@chakra-ui/react';
import type { GatheredQuestion, GatheredSet, QuestionSetHead } from '@kivex/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Button } from '../../kit/Button.js';
import { Confirm } from '../../kit/Confirm.js';
import { Empty, Failed, Loading, Notice } from '../../kit/Notice.js';
import { isLacking } from '../../kit/request/lacking.js';
import { day } from '../../kit/moments.js';
import { OnOff } from '../../kit/OnOff.js';
import { call } from '../../kit/request/call.js';
import { askNow, nowOrNever } from '../../kit/request/now-or-never.js';
import { Cell, Row, Table } from '../../kit/Table.js';
import { Tile } from '../../kit/Tile.js';
import { AlikeAnswers } from './AlikeAnswers.js';
import { Heat } from './Heat.js';
import { SetAddress } from './SetAddress.js';
import { shareOf } from './warmth.js';

/** Milliseconds between two looks for new answers. */
const lookEvery = 4_000;

export function GivenPart() {
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('given');
  const list = useQuery({
    ...askNow,
    queryKey: ['question-sets'],
    queryFn: () => call('GET /api/question-sets'),
  });
  const show = (id: string | undefined) =>
    setSearch({ part: 'answers', ...(id ? { given: id } : {}) }, { replace: true });
  if (chosen) return <Given key={chosen} id={chosen} back={() => show(undefined)} />;
  if (isLacking(list)) return <Failed error={list.error} again={() => void list.refetch()} />;
  if (!list.data) return <Loading what="the sets" />;
  if (!list.data.length)
    return (
      <Tile>
        <Empty title="No set has been given out">
          Draw one under <Link to="/practise/class?part=sets">Sets of questions</Link> and give it out: what
          comes back stands here for thirty days.
        </Empty>
      </Tile>
    );
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="xl">Sets given out</chakra.h2>
      <Table label="Sets given out" heads={['Set', 'Code', 'When', 'Questions', 'Devices', '']}>
        {list.data.map((set) => (
          <SetRow key={set.id} set={set} show={() => show(set.id)} />
        ))}
      </Table>
    </Tile>
  );
}

function SetRow({ set, show }: { readonly set: QuestionSetHead; readonly show: () => void }) {
  return (
    <Row>
      <Cell fontWeight="600">{set.name}</Cell>
      <Cell fontFamily="mono">{set.code}</Cell>
      <Cell whiteSpace="nowrap">{day(set.at)}</Cell>
      <Cell>{set.questions}</Cell>
      <Cell>
        {set.devices}
        {!set.open && ', closed'}
      </Cell>
      <Cell>
        <Button size="small" whiteSpace="nowrap" aria-label={`Answers to ${set.name}`} onClick={show}>
          Answers
        </Button>
      </Cell>
    </Row>
  );
}

function Given({ id, back }: { readonly id: string; readonly back: () => void }) {
  const client = useQueryClient();
  const key = ['question-set', id];
  const [asking, setAsking] = useState(false);
  const { data, error, refetch } = useQuery({
    queryKey: key,
    queryFn: () => call('GET /api/question-sets/:given', { given: id }),
    refetchInterval: lookEvery,
  });
  const open = useMutation({
    ...nowOrNever,
    mutationFn: (now: boolean) => call('PATCH /api/question-sets/:given', { given: id, body: { open: now } }),
    onSuccess: (next) => client.setQueryData(key, next),
  });
  const remove = useMutation({
    ...nowOrNever,
    mutationFn: () => call('DELETE /api/question-sets/:given', { given: id }),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['question-sets'] });
      back();
    },
  });
  if (error && !data) return <Failed error={error} again={() => void refetch()} />;
  if (!data) return <Loading what="the answers" />;
  const wrong = open.error ?? remove.error;
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <Tile display="flex" flexDirection="column" gap="3">
        <Box display="flex" flexWrap="wrap" gap="4" alignItems="baseline">
          <chakra.h2 fontSize="2xl" flex="1" minW="14rem">
            {data.name}
          </chakra.h2>
          <chakra.p role="status" fontSize="lg">
            {data.devices} {data.devices === 1 ? 'device has' : 'devices have'} answered
            {!data.open && ' · closed'}
          </chakra.p>
        </Box>
        {data.open && <SetAddress address={`${location.origin}/set/${data.code}`} code={data.code} />}
        {wrong && <Notice tone="stop">{wrong.message}</Notice>}
        <Box display="flex" flexWrap="wrap" gap="2" data-noprint>
          <Button onClick={() => open.mutate(!data.open)} disabled={open.isPending}>
            {data.open ? 'Take no more answers' : 'Take answers again'}
          </Button>
          <Button onClick={() => setAsking(true)}>Take it away</Button>
          <Button variant="quiet" onClick={back}>
            All sets
          </Button>
        </Box>
      </Tile>
      <Gathered set={data} />
      <Confirm
        open={asking}
        close={() => setAsking(false)}
        title={`Take ${data.name} away?`}
        does="Take it away"
        then={() => remove.mutate()}
      >
        Its code finds nothing any more, and the answers to it are gone.
      </Confirm>
    </Box>
  );
}

/** Questions nobody has answered come last: nothing is known of them. */
const weakness = ({ last }: GatheredQuestion): number => (last.answers ? shareOf(last) : 2);

function Gathered({ set }: { readonly set: GatheredSet }) {
  const [weakest, setWeakest] = useState(true);
  const [opened, setOpened] = useState<string>();
  const questions = weakest ? [...set.gathered].sort((a, b) => weakness(a) - weakness(b)) : set.gathered;
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
        <chakra.h2 fontSize="lg" flex="1">
          {set.gathered.length} questions, {set.syllabus}
        </chakra.h2>
        <OnOff pressed={weakest} onPressedChange={setWeakest}>
          Weakest first
        </OnOff>
      </Box>
      <chakra.ul aria-label="Answers by question" listStyleType="none">
        {questions.map((q) => (
          <chakra.li key={q.card} borderTop="1px solid" borderColor="slate.300" py="2">
            <Question
              question={q}
              opened={opened === q.card}
              open={() => setOpened(opened === q.card ? undefined : q.card)}
            />
          </chakra.li>
        ))}
      </chakra.ul>
    </Tile>
  );
}

interface QuestionProps {
  readonly question: GatheredQuestion;
  readonly opened: boolean;
  readonly open: () => void;
}

function Question({ question: { ask, model, first, last, groups }, opened, open }: QuestionProps) {
  return (
    <>
      <Box display="flex" flexWrap="wrap" columnGap="4" rowGap="1" alignItems="center">
        <chakra.p color="ink.soft" width={{ base: '100%', md: '17rem' }}>
          {last.answers ? (
            <>
              first <Heat round={first} /> last <Heat round={last} /> of {last.answers}
            </>
          ) : (
            'not answered'
          )}
        </chakra.p>
        <Box flex="1" minW="12rem">
          {ask}
          <chakra.div color="ink.soft">{model}</chakra.div>
        </Box>
        {last.answers > 0 && (
          <Button
            size="small"
            whiteSpace="nowrap"
            aria-expanded={opened}
            aria-label={`${opened ? 'Hide' : 'Show answers'}: ${ask}`}
            onClick={open}
          >
            {opened ? 'Hide' : 'Show answers'}
          </Button>
        )}
      </Box>
      {opened && (
        <Box mt="2">
          <AlikeAnswers groups={groups} />
        </Box>
      )}
    </>
  );
}
