/** The laboratories: benches on a plan, dragged to where they stand; stations with their places. */
import { Box, chakra } from '@chakra-ui/react';
import type { Room, RoomBench, RoomPlan } from '@kivex/contract';
import { roomStations, stationWords } from '@kivex/core';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { DoorOpen, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Confirm } from '../kit/Confirm.js';
import { dragWords, spotWords } from '../kit/drag-words.js';
import { Input } from '../kit/Input.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { useRooms } from './room-queries.js';

const cell = 84;
const usualPlan: RoomPlan = {
  rows: 3,
  columns: 6,
  benches: Array.from({ length: 10 }, (_, i) => ({ row: Math.floor(i / 5), column: i % 5 })),
  places: { burner: 10, 'fume-cupboard': 2, 'hot-water-bath': 3, sink: 4 },
};
const at = (row: number, column: number) => `${row} ${column}`;

export default function RoomsPage() {
  const rooms = useRooms();
  const cache = useQueryClient();
  const add = useMutation({
    mutationFn: () => {
      const names = new Set(rooms.data?.map((r) => r.name));
      let n = 1;
      while (names.has(`Lab ${n}`)) n++;
      return call('POST /api/rooms', { body: { name: `Lab ${n}`, plan: usualPlan } });
    },
    onSuccess: () => cache.invalidateQueries({ queryKey: ['rooms'] }),
  });
  if (rooms.isPending) return <Loading what="the rooms" />;
  if (rooms.error) return <Failed error={rooms.error} again={() => void rooms.refetch()} />;
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

function RoomCard({ room }: { readonly room: Room }) {
  const cache = useQueryClient();
  const [removing, setRemoving] = useState(false);
  const [name, setName] = useState(room.name);
  const [plan, setPlan] = useState(room.plan);
  const changed = name !== room.name || JSON.stringify(plan) !== JSON.stringify(room.plan);
  const save = useMutation({
    mutationFn: () => call('PUT /api/rooms/:room', { room: room.id, body: { name, plan } }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['rooms'] }),
  });
  const remove = useMutation({
    ...nowOrNever,
    mutationFn: () => call('DELETE /api/rooms/:room', { room: room.id }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['rooms'] }),
  });
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: (event, { currentCoordinates: { x, y } }) => {
        const by = {
          ArrowLeft: [-cell, 0],
          ArrowRight: [cell, 0],
          ArrowUp: [0, -cell],
          ArrowDown: [0, cell],
        }[event.code];
        return by ? { x: x + by[0]!, y: y + by[1]! } : undefined;
      },
    }),
  );
  const taken = new Map(plan.benches.map((b, i) => [at(b.row, b.column), i]));
  const move = (index: number, to: RoomBench) => {
    const from = plan.benches[index]!;
    const there = taken.get(at(to.row, to.column));
    setPlan({
      ...plan,
      benches: plan.benches.map((b, i) => (i === index ? to : i === there ? from : b)),
    });
  };
  const free = (): RoomBench | undefined => {
    for (let row = 0; row < plan.rows; row++)
      for (let column = 0; column < plan.columns; column++)
        if (!taken.has(at(row, column))) return { row, column };
    return undefined;
  };
  const outside = plan.benches.some((b) => b.row >= plan.rows || b.column >= plan.columns);
  return (
    <Tile display="grid" gap="4" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 15rem' }}>
      <Box minW="0">
        <Box display="flex" gap="2" alignItems="center" mb="3" flexWrap="wrap">
          <Box width="12rem">
            <Input
              aria-label="Name of the room"
              value={name}
              maxLength={60}
              onChange={(e) => setName(e.target.value)}
            />
          </Box>
          <span>{plan.benches.length} benches</span>
          <Button
            size="small"
            disabled={!free()}
            onClick={() => {
              const spot = free();
              if (spot) setPlan({ ...plan, benches: [...plan.benches, spot] });
            }}
          >
            <Plus size={16} aria-hidden /> Bench
          </Button>
        </Box>
        <Box overflowX="auto" tabIndex={0} role="region" aria-label={`Plan of ${name}`}>
          <Box fontSize="sm" color="ink.soft" display="flex" alignItems="center" gap="1" mb="1">
            <DoorOpen size={16} aria-hidden /> front
          </Box>
          <DndContext
            sensors={sensors}
            accessibility={dragWords((id) => `Bench ${Number(id) + 1}`, spotWords)}
            onDragEnd={({ active, over }) => {
              const [row, column] = String(over?.id ?? '')
                .split(' ')
                .map(Number);
              if (over && row !== undefined && column !== undefined) move(Number(active.id), { row, column });
            }}
          >
            <Box position="relative" style={{ width: plan.columns * cell, height: plan.rows * cell }}>
              {Array.from({ length: plan.rows * plan.columns }, (_, i) => (
                <Spot key={i} row={Math.floor(i / plan.columns)} column={i % plan.columns} />
              ))}
              {plan.benches.map((bench, i) => (
                <Bench
                  key={i}
                  index={i}
                  bench={bench}
                  remove={
                    plan.benches.length > 1
                      ? () => setPlan({ ...plan, benches: plan.benches.filter((_, k) => k !== i) })
                      : undefined
                  }
                />
              ))}
            </Box>
          </DndContext>
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
              onValue={(n) => setPlan({ ...plan, [key]: n ?? 1 })}
            />
          </Field>
        ))}
        <chakra.h3 fontSize="md" mt="2">
          Places
        </chakra.h3>
        {roomStations.map((station) => (
          <Field key={station} beside label={stationWords[station]}>
            <NumberInput
              value={plan.places[station] ?? 0}
              max={60}
              onValue={(n) => setPlan({ ...plan, places: { ...plan.places, [station]: n ?? 0 } })}
            />
          </Field>
        ))}
        {outside && (
          <Notice tone="look">
            A bench stands outside the room now; drag it in or make the room larger.
          </Notice>
        )}
        {(save.error ?? remove.error) && <Notice tone="stop">{(save.error ?? remove.error)!.message}</Notice>}
        <Button variant="go" disabled={!changed || save.isPending || outside} onClick={() => save.mutate()}>
          {changed ? 'Save the room' : 'Saved'}
        </Button>
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
    </Tile>
  );
}

function Spot({ row, column }: RoomBench) {
  const { setNodeRef, isOver } = useDroppable({ id: at(row, column) });
  return (
    <Box
      ref={setNodeRef}
      position="absolute"
      borderRadius="tile"
      borderWidth="1px"
      borderStyle="dashed"
      borderColor={isOver ? 'permanganate' : 'slate.300'}
      bg={isOver ? 'permanganate.wash' : 'transparent'}
      style={{ left: column * cell + 4, top: row * cell + 4, width: cell - 8, height: cell - 8 }}
    />
  );
}

function Bench({
  index,
  bench,
  remove,
}: {
  readonly index: number;
  readonly bench: RoomBench;
  readonly remove: (() => void) | undefined;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: String(index) });
  return (
    <Box
      position="absolute"
      style={{
        left: bench.column * cell + 8,
        top: bench.row * cell + 8,
        width: cell - 16,
        height: cell - 16,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        zIndex: isDragging ? 4 : 1,
      }}
    >
      <Button
        ref={setNodeRef}
        {...listeners}
        {...attributes}
        aria-label={`Bench ${index + 1}, row ${bench.row + 1}, place ${bench.column + 1}`}
        width="100%"
        height="100%"
        bg="porcelain"
        borderWidth="2px"
        borderStyle="solid"
        borderColor="slate.500"
        borderRadius="tile"
        boxShadow={isDragging ? 'lift' : 'tile'}
        fontWeight="700"
        cursor="grab"
        touchAction="none"
      >
        {index + 1}
      </Button>
      {remove && (
        <Button
          variant="quiet"
          size="icon"
          minH="7"
          minW="7"
          aria-label={`Take bench ${index + 1} out`}
          onClick={remove}
          position="absolute"
          top="1px"
          right="1px"
          color="ink.faint"
        >
          <Trash2 size={13} aria-hidden />
        </Button>
      )}
    </Box>
  );
}
