/** What a student has to do on screen for this lesson, and the way to it. */
import { chakra } from '@chakra-ui/react';
import type { OwnScreenWork } from '@kivex/contract';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { day } from '../kit/moments.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';

const states = {
  none: '',
  tried: 'You have tried it.',
  passed: 'You have passed it.',
  waived: 'Your teacher has let you off.',
} as const;
const titles = {
  'pre-lab': 'Before the bench: an unknown on screen',
  'catch-up': 'To catch up: an unknown on screen',
  homework: 'Homework: an unknown on screen',
} as const;

/** Asked once; without a network nothing is known, and nothing is held back for it. */
export function useOwnScreenWork(student: string | undefined): OwnScreenWork | undefined {
  const [own, setOwn] = useState<OwnScreenWork>();
  useEffect(() => {
    if (student === undefined) return;
    let here = true;
    call('GET /api/bench/screen-work', { as: student }).then(
      (found) => here && setOwn(found),
      () => undefined,
    );
    return () => {
      here = false;
    };
  }, [student]);
  return own;
}

export function ScreenWork({ own }: { readonly own: OwnScreenWork | undefined }) {
  if (!own?.work) return null;
  const { work, state, first } = own;
  const done = state === 'passed' || state === 'waived';
  return (
    <Tile p="3" width="100%" textAlign="start">
      <chakra.h2 fontSize="lg">{titles[work.kind]}</chakra.h2>
      <chakra.p mb="2">
        {work.kind === 'pre-lab' && !done && 'Pass it, and the real bench opens for you. '}
        {work.due && !done && `By ${day(work.due)}. `}
        {states[state]}
      </chakra.p>
      {!done && (
        <Button asChild size="bench" variant={first || work.kind === 'homework' ? 'go' : 'plain'}>
          <Link to="/bench/on-screen">{state === 'tried' ? 'Try again' : 'Do it now'}</Link>
        </Button>
      )}
    </Tile>
  );
}
