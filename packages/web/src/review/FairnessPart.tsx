/** The same answer with other marks, anywhere in the school: where which, and by whose decision. */
import { Box, chakra } from '@chakra-ui/react';
import type { SchoolUnlike } from '@kivex/contract';
import { itemWords } from '@kivex/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { day } from '../kit/moments.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { askNow } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';

export function FairnessPart() {
  const found = useQuery({
    ...askNow,
    queryKey: ['school-fairness'],
    queryFn: () => call('GET /api/review/fairness', {}),
  });
  if (isLacking(found)) return <Failed error={found.error} again={() => void found.refetch()} />;
  if (!found.data) return <Loading what="answers with other marks" />;
  if (!found.data.length)
    return (
      <Tile>
        <Empty title="The same answer has the same mark everywhere">
          Looked for in all lessons of two years, beside every answer that somebody has decided on.
        </Empty>
      </Tile>
    );
  return (
    <Tile display="grid" gap="3">
      <chakra.p color="ink.soft" fontSize="sm">
        The same of the same, marked otherwise by a decision, in the lessons of two years. A rule of the
        syllabus, made at the desk under Like answers, settles it for all.
      </chakra.p>
      {found.data.map((one) => (
        <Unlike
          key={`${one.strand} ${one.test} ${one.attribute} ${one.truth.join()} ${one.answer}`}
          one={one}
        />
      ))}
    </Tile>
  );
}

function Unlike({ one }: { readonly one: SchoolUnlike }) {
  return (
    <Box borderTop="1px solid" borderColor="slate.200" pt="2">
      <b>“{one.answer}”</b> <chakra.span color="ink.soft">{itemWords(one)}</chakra.span>
      {one.given.map(({ points, lessons }) => (
        <Box key={points} display="flex" gap="3" mt="1">
          <chakra.span fontFamily="mono" fontWeight="700" minW="4.5rem">
            {points} of {one.max}
          </chakra.span>
          <Box as="ul" listStyleType="none">
            {lessons.map((lesson) => (
              <li key={lesson.id}>
                {lesson.marks} × in{' '}
                <chakra.a asChild color="permanganate" textDecoration="underline">
                  <Link to={`/lessons/${lesson.id}/mark?view=like`}>
                    {lesson.class}, {lesson.title}, {day(lesson.at)}
                  </Link>
                </chakra.a>
                <chakra.span color="ink.soft">
                  {lesson.decided.length
                    ? `: ${lesson.decided.map(({ by, reason }) => `${by}, “${reason}”`).join('; ')}`
                    : ': as computed'}
                </chakra.span>
              </li>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
