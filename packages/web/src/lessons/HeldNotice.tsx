/** Entries kept apart from the record: what they are, and the teacher's word on them. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { memo } from 'react';
import { Button } from '../kit/Button.js';
import { clock } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { call } from '../kit/request/call.js';
import { heldBecause, heldInWords, inDecisions } from './held-entries.js';
import { useHeld } from './lesson-queries.js';

export const HeldNotice = memo(function HeldNotice({ lesson }: { readonly lesson: Lesson }) {
  const cache = useQueryClient();
  const held = useHeld(lesson.id);
  const decide = useMutation({
    ...nowOrNever,
    mutationFn: ({ ids, take }: { readonly ids: readonly string[]; readonly take: boolean }) =>
      call(take ? 'POST /api/lessons/:lesson/held/take' : 'POST /api/lessons/:lesson/held/leave-out', {
        lesson: lesson.id,
        body: { ids },
      }),
    onSettled: () =>
      Promise.all(
        ['held', 'events', 'marks'].map((key) => cache.invalidateQueries({ queryKey: [key, lesson.id] })),
      ),
  });
  if (!held.data?.count) return null;
  const { entries, count, canBeTaken } = held.data;
  const label = (sample: string) => lesson.samples.find((s) => s.id === sample)?.label ?? 'a jar';
  const groupName = (id: string) => lesson.groupList.find((g) => g.id === id)?.name ?? '';
  return (
    <Notice tone="look">
      <b>{count === 1 ? 'One entry is' : `${count} entries are`} kept apart.</b>{' '}
      {canBeTaken
        ? 'They are marked only if you take them in, and no more once marks are out.'
        : 'Marks have been given out, so they cannot be taken in any more.'}
      {decide.error && <chakra.p color="cinnabar">{decide.error.message}</chakra.p>}
      <chakra.ul display="flex" flexDirection="column" gap="2" mt="2">
        {inDecisions(entries).map((own) => {
          const [first] = own;
          const ids = own.map((e) => e.id);
          return (
            <chakra.li key={first!.id} borderTop="1px solid" borderColor="saffron.line" pt="2" color="ink">
              <b>{first!.name}</b>, {groupName(first!.group)}: {heldBecause[first!.reason]}
              {first!.broughtBy && `, brought by ${first!.broughtBy}`}
              <chakra.ul fontSize="sm" maxH="8rem" overflowY="auto">
                {own.map((entry) => (
                  <li key={entry.id}>
                    {clock(entry.at)} {heldInWords(entry, label)}
                  </li>
                ))}
              </chakra.ul>
              <Box display="flex" gap="2" mt="1" flexWrap="wrap">
                {canBeTaken && (
                  <Button
                    size="small"
                    variant="go"
                    disabled={decide.isPending}
                    onClick={() => decide.mutate({ ids, take: true })}
                  >
                    Take in
                  </Button>
                )}
                <Button
                  size="small"
                  disabled={decide.isPending}
                  onClick={() => decide.mutate({ ids, take: false })}
                >
                  Leave out
                </Button>
              </Box>
            </chakra.li>
          );
        })}
      </chakra.ul>
    </Notice>
  );
});
