/** Where one is signed in, and the way to end it there. */
import { Box, chakra } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../kit/Button.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';

export function OwnSessions() {
  const cache = useQueryClient();
  const sessions = useQuery({
    queryKey: ['own-sessions'],
    queryFn: () => call('GET /api/staff/sessions'),
  });
  const end = useMutation({
    ...nowOrNever,
    mutationFn: (id: string | undefined) =>
      id === undefined
        ? call('DELETE /api/staff/sessions')
        : call('DELETE /api/staff/sessions/:session', { session: id }),
    onSettled: () => cache.invalidateQueries({ queryKey: ['own-sessions'] }),
  });
  const list = sessions.data ?? [];
  return (
    <Tile>
      <Box display="flex" justifyContent="space-between" alignItems="center" gap="3" mb="1">
        <chakra.h2 fontSize="lg">Where you are signed in</chakra.h2>
        {list.length > 1 && (
          <Button disabled={end.isPending} onClick={() => end.mutate(undefined)}>
            Sign out everywhere else
          </Button>
        )}
      </Box>
      {(end.error ?? sessions.error) && <Notice tone="stop">{(end.error ?? sessions.error)!.message}</Notice>}
      <chakra.ul>
        {list.map((session) => (
          <chakra.li
            key={session.id}
            display="flex"
            alignItems="center"
            gap="3"
            py="2"
            borderTop="1px solid"
            borderColor="slate.200"
          >
            <Box flex="1">
              <b>{session.device || 'A browser'}</b>
              {session.here && ', this one'}
              <chakra.div fontSize="sm" color="ink.soft">
                {session.since ? `since ${dayAndTime(session.since)}, ` : ''}until {dayAndTime(session.until)}{' '}
                at most
              </chakra.div>
            </Box>
            {!session.here && (
              <Button size="small" disabled={end.isPending} onClick={() => end.mutate(session.id)}>
                End it
              </Button>
            )}
          </chakra.li>
        ))}
      </chakra.ul>
    </Tile>
  );
}
