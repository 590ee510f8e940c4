/** What to teach again, by the marks it would bring: with questions that are ready to be asked, and what to show. */
import { Box, chakra } from '@chakra-ui/react';
import { canShow, isTestId, saltName, teachWords, testOf, type ToTeach } from '@kivex/core';
import { Printer } from 'lucide-react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Empty } from '../kit/Notice.js';
import { Fold } from '../kit/Fold.js';
import { Tile } from '../kit/Tile.js';
import { setFor, showingFor } from '../practise/class-address.js';

export function TeachPart({
  teach,
  syllabus,
}: {
  readonly teach: readonly ToTeach[];
  /** Of the lesson; where several are looked at, the one last practised by. */
  readonly syllabus?: string;
}) {
  if (!teach.length)
    return (
      <Tile>
        <Empty title="Nothing to teach again">All had all of it.</Empty>
      </Tile>
    );
  return (
    <Tile>
      <Box display="flex" justifyContent="space-between" gap="2" mb="2">
        <chakra.h2 fontSize="lg">What to teach again, by the marks it would bring</chakra.h2>
        <Button size="small" onClick={() => print()} data-noprint>
          <Printer size={16} aria-hidden /> Print
        </Button>
      </Box>
      <Box as="ol" listStyleType="none" display="grid" gap="3">
        {teach.map((one, i) => (
          <Box
            as="li"
            key={one.key}
            borderTop="1px solid"
            borderColor="slate.200"
            pt="3"
            display="grid"
            gap="1"
          >
            <Box display="flex" gap="3" alignItems="baseline">
              <chakra.span fontFamily="mono" fontWeight="700" minW="1.5rem">
                {i + 1}
              </chakra.span>
              <chakra.h3 fontSize="md" flex="1">
                {teachWords(one)}
              </chakra.h3>
              <chakra.span whiteSpace="nowrap" fontWeight="600">
                {one.lost} {one.lost === 1 ? 'point' : 'points'}
              </chakra.span>
            </Box>
            <Box pl="2.25rem" display="grid" gap="1">
              <chakra.p color="ink.soft" fontSize="sm">
                Lost {one.times} {one.times === 1 ? 'time' : 'times'}
                {one.instead.length > 0 &&
                  `; written instead: ${one.instead.map((w) => `“${w}”`).join(', ')}`}
                .
              </chakra.p>
              {one.show.length > 0 && (
                <chakra.p fontSize="sm">
                  <b>Show</b> {one.show.map((ions) => saltName(ions)).join(', beside it ')}.
                </chakra.p>
              )}
              {one.questions.length > 0 && (
                <Fold
                  title={`Ask: ${one.questions.length} ${one.questions.length === 1 ? 'question' : 'questions'}`}
                >
                  <Box as="ol" pl="1.25rem" fontSize="sm" display="grid" gap="1">
                    {one.questions.map(({ ask, model }) => (
                      <li key={ask}>
                        {ask} <chakra.span color="ink.soft">Model answer: {model}.</chakra.span>
                      </li>
                    ))}
                  </Box>
                </Fold>
              )}
              <Ready one={one} syllabus={syllabus} />
            </Box>
          </Box>
        ))}
      </Box>
    </Tile>
  );
}

/** A set of questions and a shown test, ready for the next lesson. */
function Ready({ one, syllabus }: { readonly one: ToTeach; readonly syllabus: string | undefined }) {
  const shown = one.test && isTestId(one.test) && canShow(one.test) ? testOf(one.test).family : undefined;
  const showing = shown && showingFor(one, shown, syllabus);
  return (
    <Box display="flex" gap="2" flexWrap="wrap" data-noprint>
      <Button asChild size="small">
        <Link to={setFor(one, syllabus)}>A set of questions on it</Link>
      </Button>
      {showing && (
        <Button asChild size="small">
          <Link to={showing}>Show the test</Link>
        </Button>
      )}
    </Box>
  );
}
