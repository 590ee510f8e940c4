/** One laboratory: its name, its plan, and how many places its stations have. */
import { Box, chakra } from '@chakra-ui/react';
import type { Room, RoomPlan } from '@kivex/contract';
import { roomStations, stationWords } from '@kivex/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { DoorOpen, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Confirm } from '../kit/Confirm.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';
import { freeSpot, roomDifferences, standsOutside } from './room-plan.js';
import { RoomPlanDrawing } from './RoomPlanDrawing.js';
import { useRoom } from './use-room.js';

export function RoomCard({ room }: { readonly room: Room }) {
  const cache = useQueryClient();
  const [removing, setRemoving] = useState(false);
  const { form, overtaken, takeTheirs, saveOver } = useRoom(room);
  const [name, plan] = useWatch({ control: form.control, name: ['name', 'plan'] });
  const change = (next: RoomPlan) => form.setValue('plan', next, { shouldDirty: true });
  const remove = useMutation({
    ...nowOrNever,
    mutationFn: () => call('DELETE /api/rooms/:room', { room: room.id }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['rooms'] }),
  });
  const spot = freeSpot(plan);
  const outside = standsOutside(plan);
  const differences = roomDifferences(room, { name, plan });
  const problem = form.problem ?? remove.error?.message;
  return (
    <Tile asChild>
      <Form
        aria-label={room.name}
        onSubmit={form.submit}
        display="grid"
        gap="4"
        gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 15rem' }}
      >
        <Box minW="0">
          <Box display="flex" gap="3" alignItems="end" mb="3" flexWrap="wrap">
            <Box width="12rem">
              <Field label="Name of the room" error={form.at('name')}>
                <Input {...form.register('name')} maxLength={60} />
              </Field>
            </Box>
            <chakra.span pb="2">
              {plan.benches.length === 1 ? '1 bench' : `${plan.benches.length} benches`}
            </chakra.span>
            <Button
              size="small"
              mb="1"
              disabled={!spot}
              onClick={() => spot && change({ ...plan, benches: [...plan.benches, spot] })}
            >
              <Plus size={16} aria-hidden /> Bench
            </Button>
          </Box>
          <Box overflowX="auto" tabIndex={0} role="region" aria-label={`Plan of ${name}`}>
            <Box fontSize="sm" color="ink.soft" display="flex" alignItems="center" gap="1" mb="1">
              <DoorOpen size={16} aria-hidden /> front
            </Box>
            <RoomPlanDrawing plan={plan} change={change} />
          </Box>
          <chakra.p fontSize="sm" color="ink.soft" mt="1">
            Drag a bench to where it stands, or move it with the space bar and the arrow keys.
          </chakra.p>
        </Box>
        <Box display="grid" gap="2" alignContent="start">
          {(['rows', 'columns'] as const).map((key) => (
            <Field key={key} beside label={key === 'rows' ? 'Rows' : 'Benches across'}>
              <NumberInput
                value={plan[key]}
                min={1}
                max={20}
                onValue={(n) => change({ ...plan, [key]: n ?? 1 })}
              />
            </Field>
          ))}
          <chakra.h2 fontSize="md" mt="2">
            Places
          </chakra.h2>
          {roomStations.map((station) => (
            <Field key={station} beside label={stationWords[station]}>
              <NumberInput
                value={plan.places[station] ?? 0}
                max={60}
                onValue={(n) => change({ ...plan, places: { ...plan.places, [station]: n ?? 0 } })}
              />
            </Field>
          ))}
          {outside && (
            <Notice tone="look">
              A bench stands outside the room now; drag it in or make the room larger.
            </Notice>
          )}
          {overtaken ? (
            <Notice
              tone="look"
              action={
                <Box display="flex" gap="2" flexWrap="wrap">
                  <Button onClick={takeTheirs}>Take theirs</Button>
                  <Button disabled={outside} loading={form.busy} onClick={saveOver}>
                    Save mine over theirs
                  </Button>
                </Box>
              }
            >
              Somebody else has saved this room meanwhile{differences.length ? ':' : ', as you have it.'}
              <chakra.ul listStyleType="disc" ps="4">
                {differences.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </chakra.ul>
            </Notice>
          ) : (
            <>
              {problem && <Notice tone="stop">{problem}</Notice>}
              <Button type="submit" variant="go" disabled={!form.changed || outside} loading={form.busy}>
                {form.changed ? 'Save the room' : 'Saved'}
              </Button>
            </>
          )}
          <Button variant="stop" size="small" onClick={() => setRemoving(true)}>
            <Trash2 size={16} aria-hidden /> Take the room out
          </Button>
          <Confirm
            open={removing}
            close={() => setRemoving(false)}
            title={`Take ${room.name} out?`}
            does="Take it out"
            then={() => remove.mutate()}
          >
            Lessons planned in it keep their benches.
          </Confirm>
        </Box>
      </Form>
    </Tile>
  );
}
