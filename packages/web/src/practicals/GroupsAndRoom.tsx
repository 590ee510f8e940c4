/** How many groups a practical is tried with, and in which room. */
import type { StationPlaces } from '@kivex/core';
import { Field } from '../kit/Field.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Select } from '../kit/Select.js';
import { useRooms } from '../rooms/room-queries.js';

const mostGroups = 40;

export function GroupsAndRoom({
  groups,
  setGroups,
  setPlaces,
}: {
  readonly groups: number;
  readonly setGroups: (n: number) => void;
  readonly setPlaces: (places: StationPlaces) => void;
}) {
  const rooms = useRooms();
  const choose = (roomId: string) => {
    const room = rooms.data?.find((r) => r.id === roomId);
    if (!room) return;
    setPlaces(room.plan.places);
    setGroups(Math.min(room.plan.benches.length, mostGroups));
  };
  return (
    <>
      <Field size="small" label="Groups" width="5.5rem">
        <NumberInput value={groups} min={1} max={mostGroups} onValue={(n) => setGroups(n ?? 1)} />
      </Field>
      {Boolean(rooms.data?.length) && (
        <Field size="small" label="Room">
          <Select defaultValue="" onChange={(e) => choose(e.target.value)}>
            <option value="">as set here</option>
            {rooms.data!.map((r) => (
              <option key={r.id} value={r.id}>
                {r.name}
              </option>
            ))}
          </Select>
        </Field>
      )}
    </>
  );
}
