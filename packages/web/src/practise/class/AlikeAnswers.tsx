/** Answers of a class put together by what they say, with what the reader makes of them. */
import { Box, chakra } from '@chakra-ui/react';
import type { LikeClassAnswers } from '@kivex/contract';
import { Notice } from '../../kit/Notice.js';
import { Tile } from '../../kit/Tile.js';

const verdictWords = {
  credit: 'right',
  partial: 'partly right',
  none: 'not right',
  review: 'Kivex is not sure',
} as const;
const verdictColours = {
  credit: 'verdigris',
  partial: 'saffron',
  none: 'ink',
  review: 'permanganate',
} as const;

export function AlikeAnswers({ groups }: { readonly groups: readonly LikeClassAnswers[] }) {
  if (!groups.length) return <Notice>No answers yet.</Notice>;
  return (
    <Box
      display="grid"
      gridTemplateColumns="repeat(auto-fill, minmax(min(19rem, 100%), 1fr))"
      gap="3"
      role="list"
      aria-label="Answers"
    >
      {groups.map((g, i) => (
        <Box key={i} role="listitem">
          <Tile p="3" height="100%" borderTopWidth="6px" borderTopColor={verdictColours[g.verdict]}>
            <chakra.p fontSize="xl" fontWeight="600">
              {g.n} × {g.words[0]!.text}
            </chakra.p>
            {g.words.length > 1 && (
              <chakra.p color="ink.soft">
                also:{' '}
                {g.words
                  .slice(1, 4)
                  .map((w) => w.text)
                  .join('; ')}
              </chakra.p>
            )}
            <chakra.p mt="1">
              <strong>
                {verdictWords[g.verdict]}, {g.points} of {g.max}
              </strong>
              {g.why[0] ? `: ${g.why[0].text}` : ''}
            </chakra.p>
          </Tile>
        </Box>
      ))}
    </Box>
  );
}
