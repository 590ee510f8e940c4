/** What slipped on screen, and what the first runs tell of a lesson: with the teacher's word it counts for rehearsals. */
import { Box, chakra } from '@chakra-ui/react';
import type { ScreenWorkTable } from '@kivex/contract';
import { slipFacts, type ScreenRate, type SlipCode } from '@kivex/core';
import { Button } from '../kit/Button.js';

/** Shown of what slips most. */
const mostShown = 5;

/** What the first runs show beside what is usual, and how far that goes. */
export const rateWords = ({ factor, runs, made, usual }: ScreenRate): string =>
  `${made} ${made === 1 ? 'slip' : 'slips'} that rehearsals reckon with, in ${runs === 1 ? 'one first run' : `${runs} first runs`}; ${usual.toFixed(1)} would be usual. That makes ${factor.toFixed(1)} times the usual rate.`;

export function ScreenSlips({
  table: { slips, rate, agreed },
  count,
  busy,
}: {
  readonly table: ScreenWorkTable;
  /** Takes the rate into the school's, or out of it. */
  readonly count: (wanted: boolean) => void;
  readonly busy: boolean;
}) {
  if (!slips.length && !rate) return null;
  return (
    <Box display="grid" gap="2" justifyItems="start">
      {slips.length > 0 && (
        <>
          <chakra.h3 fontSize="md">What slips most</chakra.h3>
          <chakra.ul ps="5" listStyleType="disc">
            {slips.slice(0, mostShown).map(({ code, runs, of }) => (
              <chakra.li key={code}>
                {runs} of {of} runs: {slipFacts[code as SlipCode]?.text ?? code}
              </chakra.li>
            ))}
          </chakra.ul>
        </>
      )}
      {rate && (
        <>
          <chakra.p>{rateWords(rate)}</chakra.p>
          <Button size="small" disabled={busy} onClick={() => count(!agreed)}>
            {agreed
              ? 'No longer count it for the school’s rehearsals'
              : 'Count it for the school’s rehearsals'}
          </Button>
          {agreed && (
            <chakra.p color="ink.soft" fontSize="sm">
              Counted: {agreed.factor.toFixed(1)} times the usual, from{' '}
              {agreed.runs === 1 ? 'one run' : `${agreed.runs} runs`}. A run weighs half of a name in a
              lesson.
            </chakra.p>
          )}
        </>
      )}
    </Box>
  );
}
