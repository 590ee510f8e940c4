/** A student's own marks once released: what was earned, and what to change, in plain words. */
import { Box, chakra } from '@chakra-ui/react';
import type { Feedback, FeedbackItem } from '@kivex/contract';
import { orderItem } from '@kivex/core';
import { CircleCheck, CircleX, Printer } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { AskAbout } from './AskAbout.js';
import { NextStep } from './NextStep.js';
import { ScreenWork, useOwnScreenWork } from './ScreenWork.js';

const strandWords = {
  observation: 'You saw',
  conclusion: 'You named',
  equation: 'Your equation',
  technique: 'Technique',
} as const;

/** What an item is of, in words: "You saw, Sodium hydroxide". */
const whatOf = ({ strand, test, attribute }: FeedbackItem): string =>
  attribute === orderItem
    ? 'Order of tests'
    : test === null
      ? strandWords[strand]
      : `${strandWords[strand]}, ${shortTestName(test)}`;

export default function FeedbackPage({ leave }: { readonly leave: () => void }) {
  const [feedback, setFeedback] = useState<Feedback>();
  const [error, setError] = useState<unknown>();
  const own = useOwnScreenWork(feedback?.me.id);
  const load = useCallback(() => {
    setError(undefined);
    void call('GET /api/bench/feedback').then(setFeedback, setError);
  }, []);
  useEffect(load, [load]);
  if (error) return <Failed error={error} again={load} />;
  if (!feedback) return <Loading what="your marks" />;
  if (!feedback.released) return <Notice tone="tell">Your marks are not out yet. Ask your teacher.</Notice>;
  const samples = [...new Set(feedback.items.map((i) => i.sample))];
  const truth = new Map(feedback.truths.map((t) => [t.sample, t]));
  return (
    <chakra.main maxW="46rem" mx="auto" p="3" display="flex" flexDirection="column" gap="3">
      <Tile>
        <chakra.p color="ink.soft">{feedback.me.name}</chakra.p>
        <chakra.h1 fontSize="xl">{feedback.title}</chakra.h1>
        <chakra.p fontSize="2xl" fontWeight="700" mt="2">
          {feedback.points} of {feedback.max}
        </chakra.p>
        {feedback.agreed !== null && (
          <chakra.p>In the gradebook {feedback.agreed} stands: your teacher agreed to it.</chakra.p>
        )}
        {feedback.late && <chakra.p>Handed in after the end.</chakra.p>}
        {feedback.onScreen && (
          <chakra.p>You were away: this is what you made up on the bench on screen.</chakra.p>
        )}
      </Tile>
      <ScreenWork own={own} />
      {feedback.next && <NextStep next={feedback.next} syllabus={feedback.syllabus} />}
      {samples.map((id) => {
        const about = truth.get(id);
        const jar = about && about.label !== about.holds;
        return (
          <Tile key={id} p="3">
            <chakra.h2 fontSize="lg">
              {about?.label}
              {jar && <chakra.span fontWeight="400"> held {about.holds}</chakra.span>}
            </chakra.h2>
            {feedback.items
              .filter((i) => i.sample === id)
              .map((item) => (
                <Box
                  key={item.key}
                  display="flex"
                  gap="3"
                  py="2"
                  borderTop="1px solid"
                  borderColor="slate.200"
                  mt="2"
                >
                  {item.points === item.max ? (
                    <CircleCheck
                      size={24}
                      color="var(--chakra-colors-verdigris)"
                      aria-label="earned"
                      style={{ flex: 'none' }}
                    />
                  ) : (
                    <CircleX
                      size={24}
                      color="var(--chakra-colors-saffron)"
                      aria-label="not earned"
                      style={{ flex: 'none' }}
                    />
                  )}
                  <Box flex="1">
                    <b>
                      {whatOf(item)}: {item.answer || 'nothing logged'}
                    </b>
                    {item.why.map((why) => (
                      <chakra.p key={why}>{why}</chakra.p>
                    ))}
                    <AskAbout
                      item={item.key}
                      asked={feedback.questions.filter((q) => q.key === item.key)}
                      onAsked={(question) =>
                        setFeedback({ ...feedback, questions: [...feedback.questions, question] })
                      }
                    />
                  </Box>
                  <Box fontWeight="700" whiteSpace="nowrap">
                    {item.max ? `${item.points} / ${item.max}` : 'not counted'}
                  </Box>
                </Box>
              ))}
          </Tile>
        );
      })}
      <Box display="flex" gap="3" data-noprint>
        <Button size="bench" onClick={() => print()}>
          <Printer aria-hidden size={20} /> Print
        </Button>
        <Button size="bench" onClick={leave}>
          Done
        </Button>
      </Box>
    </chakra.main>
  );
}
