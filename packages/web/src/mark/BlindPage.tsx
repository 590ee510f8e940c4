/** Marking blind: one answer at a time, without names, groups or anybody else's points. A figure gives the points and goes on. */
import { Box, chakra } from '@chakra-ui/react';
import type { BlindMarking } from '@kivex/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { isTyping } from '../kit/is-typing.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { ProgressBar } from '../kit/ProgressBar.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';
import { itemName, seenOf, truthOf } from './like-names.js';

export default function BlindPage() {
  const { id = '' } = useParams();
  const marking = useQuery({
    queryKey: ['blind', id],
    queryFn: () => call('GET /api/second-markings/:marking', { marking: id }),
  });
  if (marking.isPending) return <Loading what="the answers" />;
  if (isLacking(marking)) return <Failed error={marking.error} again={() => void marking.refetch()} />;
  return <Blind id={id} marking={marking.data} />;
}

function Blind({ id, marking }: { readonly id: string; readonly marking: BlindMarking }) {
  const cache = useQueryClient();
  const { answers, practical, size } = marking;
  const firstLeft = answers.findIndex((a) => a.points === null);
  const [at, setAt] = useState(Math.max(0, firstLeft));
  const one = answers[at];
  const done = answers.filter((a) => a.points !== null).length;
  const give = useMutation({
    ...nowOrNever,
    mutationFn: ({ blind, points }: { blind: string; points: number }) =>
      call('PUT /api/second-markings/:marking/:blind', { marking: id, blind, body: { points } }),
    onSuccess: (_, { blind, points }) => {
      cache.setQueryData<BlindMarking>(
        ['blind', id],
        (before) =>
          before && {
            ...before,
            answers: before.answers.map((a) => (a.id === blind ? { ...a, points } : a)),
          },
      );
      setAt((place) => Math.min(answers.length - 1, place + 1));
    },
  });
  const { mutate, isPending } = give;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTyping(event) || !one) return;
      if (event.key === 'ArrowLeft') setAt((place) => Math.max(0, place - 1));
      else if (event.key === 'ArrowRight') setAt((place) => Math.min(answers.length - 1, place + 1));
      else if (/^[0-9]$/.test(event.key) && Number(event.key) <= one.max && !isPending)
        mutate({ blind: one.id, points: Number(event.key) });
      else return;
      event.preventDefault();
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, [one, answers.length, mutate, isPending]);
  if (!one) return <Notice tone="tell">There is nothing to mark here.</Notice>;
  const item = { ...one, test: one.test ?? '', attribute: one.attribute ?? '' };
  const toSee = seenOf({ practical }, item);
  return (
    <Box maxW="44rem" mx="auto" display="grid" gap="3">
      <chakra.h1 fontSize="xl">Marking blind: {marking.title}</chakra.h1>
      <p>
        For {marking.askedBy}. {done} of {size} marked; a figure gives the points and goes on, ← and → go back
        and forth.
      </p>
      <ProgressBar name={`${done} of ${size} marked`} done={done} of={size} />
      {done === size && (
        <Notice tone="go">
          All are marked. {marking.askedBy} sees now how far you agree.{' '}
          <Link to="/lessons">To the lessons</Link>
        </Notice>
      )}
      <Tile display="grid" gap="3" aria-live="polite">
        <chakra.div color="ink.soft">
          Answer {at + 1} of {size}: {itemName({ practical }, item)}, {truthOf(one)}
        </chakra.div>
        {toSee.length > 0 && (
          <Box display="flex" gap="2" alignItems="center" flexWrap="wrap" fontSize="sm">
            {toSee.slice(0, 1).map((value) => (
              <Well key={value.id} look={value.look} size={26} />
            ))}
            to be seen: {toSee.map((value) => value.label).join(' or ')}
          </Box>
        )}
        <chakra.div fontSize="2xl" fontWeight="600" overflowWrap="anywhere">
          {one.answer}
        </chakra.div>
        <Box display="flex" gap="2" flexWrap="wrap">
          {Array.from({ length: one.max + 1 }, (_, points) => (
            <Button
              key={points}
              variant={one.points === points ? 'go' : 'plain'}
              aria-pressed={one.points === points}
              disabled={isPending}
              onClick={() => mutate({ blind: one.id, points })}
            >
              {points} of {one.max}
            </Button>
          ))}
        </Box>
        {give.error && <Notice tone="stop">{give.error.message}</Notice>}
      </Tile>
    </Box>
  );
}
