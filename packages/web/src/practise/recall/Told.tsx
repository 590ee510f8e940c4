/** What an answer earned and why, the model answer, and what was missing of it. */
import { Box, chakra } from '@chakra-ui/react';
import { missingWords, type Mark, type RecallCard } from '@kivex/core';
import { useEffect, useRef } from 'react';
import { Button } from '../../kit/Button.js';
import { Notice } from '../../kit/Notice.js';
import type { Known } from './schedule.js';

/** An answer that was marked. */
export interface ToldAnswer {
  readonly card: RecallCard;
  readonly answer: string;
  readonly mark: Mark;
  /** A well was tapped. */
  readonly tapped: boolean;
}

/** How well it is known; undefined where only its owner can say. To know it when one sees it is less than to say it. */
export const knownFrom = ({ mark: { points, max, verdict }, tapped }: ToldAnswer): Known | undefined =>
  verdict === 'review'
    ? undefined
    : points < max
      ? points > 0
        ? 'partly'
        : 'wrong'
      : tapped
        ? 'partly'
        : 'right';

export function Told({ told, goOn }: { readonly told: ToldAnswer; readonly goOn: (known: Known) => void }) {
  const { card, answer, mark, tapped } = told;
  const known = knownFrom(told);
  const missing =
    tapped || known === 'right' || card.item.kind === 'equation' ? [] : missingWords(card.model, answer);
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => first.current?.focus(), []);
  return (
    <Box display="flex" flexDirection="column" gap="3" mt="3">
      <Notice tone={mark.points === mark.max && known ? 'go' : known ? 'look' : 'tell'}>
        <strong>{known === undefined ? 'Kivex is not sure.' : `${mark.points} of ${mark.max}.`}</strong>{' '}
        {mark.why.map((w) => w.text).join(' ')}
        {tapped && known === 'partly' && ' It comes back to be said in words.'}
      </Notice>
      <chakra.p>
        Model answer: <strong>{card.model}</strong>
        {missing.length > 0 && (
          <>
            . Not in yours:{' '}
            {missing.map((word, i) => (
              <chakra.mark key={word} bg="saffron.wash" color="ink" px="1">
                {i ? ' ' : ''}
                {word}
              </chakra.mark>
            ))}
          </>
        )}
      </chakra.p>
      {known === undefined ? (
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button ref={first} size="bench" variant="go" onClick={() => goOn('right')}>
            Mine says the same
          </Button>
          <Button size="bench" onClick={() => goOn('wrong')}>
            It does not
          </Button>
        </Box>
      ) : (
        <Button ref={first} size="bench" variant="go" onClick={() => goOn(known)}>
          Next
        </Button>
      )}
    </Box>
  );
}
