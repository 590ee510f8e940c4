/** A set of questions a teacher gave out, found by its code: practised like any recall, its answers gathered without a name. */
import { Box, chakra } from '@chakra-ui/react';
import type { GivenSet } from '@kivex/contract';
import { deckOf } from '@kivex/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Failed, Loading } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { PlainHead } from './PlainHead.js';
import { AnswersOnTheWay, findSet, sendingInWords, type Sending } from './recall/given-set.js';
import { RecallPart } from './recall/RecallPart.js';

export default function SetPage() {
  const { code = '' } = useParams();
  const { data, error, refetch } = useQuery({
    queryKey: ['set', code],
    queryFn: () => findSet(code, (wanted) => call('POST /api/set/find', { body: { code: wanted } })),
    networkMode: 'always',
    retry: false,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  return (
    <Box minH="100dvh">
      <PlainHead title={data?.name ?? 'A set of questions'} to="/practise?part=recall" back="All questions" />
      <chakra.main p={{ base: '2', md: '4' }} maxW="90rem" mx="auto">
        {data ? (
          <GivenRecall key={code} code={code} given={data} />
        ) : error ? (
          <Failed error={error} again={() => void refetch()} />
        ) : (
          <Loading what="the questions" />
        )}
      </chakra.main>
    </Box>
  );
}

function GivenRecall({ code, given }: { readonly code: string; readonly given: GivenSet }) {
  const [sending, setSending] = useState<Sending>();
  const [way] = useState(
    () =>
      new AnswersOnTheWay(
        code,
        (answers) => call('POST /api/set/answers', { body: { code, answers } }),
        setSending,
      ),
  );
  useEffect(() => {
    const back = () => void way.backAgain();
    void way.flush();
    window.addEventListener('online', back);
    return () => {
      way.stop();
      window.removeEventListener('online', back);
    };
  }, [way]);
  const cards = useMemo(() => {
    const deck = new Map(deckOf(given.syllabus).map((card) => [card.id, card]));
    return given.cards.flatMap((id) => deck.get(id) ?? []);
  }, [given]);
  const words = given.open
    ? sendingInWords(sending ?? way.now)
    : 'Answers to this set are no longer gathered. Go on by yourself.';
  return (
    <RecallPart
      syllabus={given.syllabus}
      set={{
        cards,
        strictness: given.strictness ?? undefined,
        ...(given.open
          ? {
              answered: (card: { readonly id: string }, answer: string) =>
                void way.add({ card: card.id, answer }),
            }
          : {}),
        beside: <chakra.p role="status">{words}</chakra.p>,
      }}
    />
  );
}
