/** Results in own words: what Kivex reads from them is shown as wells without their words, and nothing of whether it is right. */
import { Box, chakra } from '@chakra-ui/react';
import { readResults, type PlannedTest } from '@kivex/core';
import { useEffect } from 'react';
import { shownResults } from '../kit/well/results.js';
import { Well } from '../kit/well/Well.js';
import { WordsBox } from './WordsBox.js';

/** Asked of the student. */
const ownWordsAsked = 'What did you see? Write it in your own words.';

export interface OwnWordsProps {
  readonly planned: PlannedTest;
  readonly words: string;
  readonly write: (words: string) => void;
  /** Told what is read, each time it is. */
  readonly read: (seen: Readonly<Record<string, string>>) => void;
}

export function OwnWords({ planned, words, write, read }: OwnWordsProps) {
  const seen = readResults(planned.test, planned.attributes, words);
  const told = JSON.stringify(seen);
  useEffect(() => read(JSON.parse(told) as Record<string, string>), [told, read]);
  const shown = shownResults(planned.test, seen);
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <WordsBox label={ownWordsAsked} words={words} write={write} />
      {words.trim() && (
        <Box display="flex" alignItems="center" gap="3" minH="14" aria-live="polite">
          <chakra.span color="ink.soft">
            {shown.length
              ? 'Kivex draws it so:'
              : 'Kivex cannot draw this yet; it is logged as you write it.'}
          </chakra.span>
          {shown.map((r) => (
            <Well key={r.attribute} look={r.look} glass={r.glass} size={52} />
          ))}
        </Box>
      )}
    </Box>
  );
}
