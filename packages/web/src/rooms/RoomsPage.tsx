/** The laboratories of the school: where benches stand, and how many places each station has. */
import { Box, chakra } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';
import { newRoomName, usualPlan } from './room-plan.js';
import { useRooms } from './room-queries.js';
import { RoomCard } from './RoomCard.js';

export default function RoomsPage() {
  const rooms = useRooms();
  const cache = useQueryClient();
  const add = useMutation({
    ...nowOrNever,
    mutationFn: () =>
      call('POST /api/rooms', {
        body: { name: newRoomName(rooms.data?.map((r) => r.name) ?? []), plan: usualPlan },
      }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['rooms'] }),
  });
  if (rooms.isPending) return <Loading what="the rooms" />;
  if (isLacking(rooms)) return <Failed error={rooms.error} again={() => void rooms.refetch()} />;
  return (
    <Box display="grid" gap="4" gridTemplateColumns="minmax(0, 1fr)">
      <Box display="flex" alignItems="center" gap="3">
        <chakra.h1 fontSize="xl">Rooms</chakra.h1>
        <Box flex="1" />
        <Button variant="go" disabled={add.isPending} onClick={() => add.mutate()}>
          <Plus size={18} aria-hidden /> Add a room
        </Button>
      </Box>
      {add.error && <Notice tone="stop">{add.error.message}</Notice>}
      {!rooms.data.length && (
        <Tile>
          <Empty title="No rooms yet">
            A room tells lessons where benches stand, so that neighbours get different unknowns, and how many
            places its burners, fume cupboards and baths have, so that a rota can be made.
          </Empty>
        </Tile>
      )}
      {rooms.data.map((room) => (
        <RoomCard key={room.id} room={room} />
      ))}
    </Box>
  );
}
