/** The one thing that would bring a student most, with questions to try oneself on. */
import { Box, chakra } from '@chakra-ui/react';
import { setInAddress, teachWords, type ToTeach } from '@kivex/core';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Fold } from '../kit/Fold.js';
import { Tile } from '../kit/Tile.js';

/** Questions of a set to practise what was lost. */
const practised = 10;

export function NextStep({ next, syllabus }: { readonly next: ToTeach; readonly syllabus: string | null }) {
  return (
    <Tile p="3" display="grid" gap="2">
      <chakra.h2 fontSize="lg">What would bring you most</chakra.h2>
      <p>
        <b>{teachWords(next)}</b>. It cost you {next.lost} {next.lost === 1 ? 'point' : 'points'}
        {next.instead.length > 0 && `; you wrote ${next.instead.map((w) => `“${w}”`).join(', ')}`}.
      </p>
      {next.questions.length > 0 && (
        <Box display="grid" gap="1">
          <chakra.h3 fontSize="md">Try yourself</chakra.h3>
          {next.questions.map(({ ask, model }) => (
            <Fold key={ask} size="bench" title={ask}>
              <chakra.p pb="2">{model}</chakra.p>
            </Fold>
          ))}
        </Box>
      )}
      {syllabus && (
        <Button asChild size="bench">
          <Link
            to={`/practise?part=recall&${setInAddress({
              syllabus,
              topics: [],
              test: next.test ?? '',
              about: next.test ? [] : [...new Set(next.samples.flat())],
              n: practised,
              seed: 1,
            })}`}
          >
            Practise it: {practised} questions
          </Link>
        </Button>
      )}
    </Tile>
  );
}
