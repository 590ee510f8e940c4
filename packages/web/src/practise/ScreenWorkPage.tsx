/** The unknown a teacher has set: done as any on screen, then sent in, to be played again and marked by the server. */
import { Box, chakra } from '@chakra-ui/react';
import type { OwnScreenWork, ScreenRunMarked } from '@kivex/contract';
import { allSyllabuses, unknownExercise } from '@kivex/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { BenchOnScreen } from './BenchOnScreen.js';
import { PlainHead } from './PlainHead.js';
import { useScreenBench } from './screen-bench.js';

export default function ScreenWorkPage() {
  const { data, error, refetch } = useQuery({
    queryKey: ['own-screen-work'],
    queryFn: () => call('GET /api/bench/screen-work'),
  });
  if (error && !data) return <Failed error={error} again={() => void refetch()} />;
  if (!data) return <Loading what="your work on screen" />;
  return (
    <Box minH="100dvh">
      <PlainHead title="On screen" to="/bench" back="Back to my bench" />
      <chakra.main p={{ base: '2', md: '4' }} maxW="90rem" mx="auto">
        {data.work ? (
          <Work own={data} />
        ) : (
          <Notice>Your teacher has set nothing on screen for this lesson.</Notice>
        )}
      </chakra.main>
    </Box>
  );
}

function Work({ own }: { readonly own: OwnScreenWork }) {
  const { exercise, over, start, actions, events } = useScreenBench();
  const [still, setStill] = useState(false);
  const [begun, setBegun] = useState(false);
  const { asks, seed, syllabus } = own.work!;
  const begin = () => {
    const document = own.ownSyllabus ?? allSyllabuses.find((s) => s.id === syllabus)!;
    start(unknownExercise(document, asks, seed), 'The unknown');
    setBegun(true);
  };
  const send = useMutation<ScreenRunMarked>({
    mutationFn: () =>
      call('POST /api/bench/screen-work', {
        body: { actions, entries: events.map(({ id, at, body }) => ({ id, at, body })) },
      }),
  });
  const { mutate, isIdle } = send;
  useEffect(() => {
    if (begun && over && isIdle) mutate();
  }, [begun, over, isIdle, mutate]);
  if (!begun || !exercise)
    return (
      <Notice
        action={
          <Button variant="go" size="bench" onClick={begin}>
            To the bench on screen
          </Button>
        }
      >
        Test the unknown, log what you see, name it, and look back: then it is sent in. Goggles on before the
        first bottle.
      </Notice>
    );
  return (
    <Box display="flex" flexDirection="column" gap="3">
      {send.isPending && <Notice>Sending it in …</Notice>}
      {send.error && (
        <Notice tone="stop" action={<Button onClick={() => mutate()}>Send it again</Button>}>
          It could not be sent: {send.error.message} It stays on this page.
        </Notice>
      )}
      {send.data && (
        <Notice
          tone={send.data.passed ? 'go' : 'look'}
          action={
            send.data.passed ? (
              <Button variant="go" asChild>
                <Link to="/bench">To my bench</Link>
              </Button>
            ) : undefined
          }
        >
          {send.data.passed
            ? 'Passed; your teacher sees it.'
            : 'Not passed: the name is not what it holds. Look back over it and try again.'}
        </Notice>
      )}
      <BenchOnScreen
        still={still}
        setStill={setStill}
        again={() => {
          send.reset();
          begin();
        }}
      />
    </Box>
  );
}
