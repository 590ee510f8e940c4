/** The groups of a lesson that is being made: a student is dragged from one to another, or sent by the list on their name. */
import { Box, chakra } from '@chakra-ui/react';
import { DndContext, PointerSensor, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { dragWords } from '../kit/drag-words.js';
import { moveStudent, type DraftGroup } from './deal-groups.js';
import { StudentChip } from './StudentChip.js';

interface GroupsDraftProps {
  readonly groups: readonly DraftGroup[];
  readonly nameOf: (student: string) => string;
  readonly change: (groups: DraftGroup[]) => void;
}

const groupName = (place: number): string => `Group ${place + 1}`;

export function GroupsDraft({ groups, nameOf, change }: GroupsDraftProps) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const columns = Math.max(1, ...groups.map((g) => g.column + 1));
  return (
    <DndContext
      sensors={sensors}
      accessibility={dragWords(nameOf, (id) => groupName(Number(id)))}
      onDragEnd={({ active, over }) => {
        if (over) change(moveStudent(groups, String(active.id), Number(over.id)));
      }}
    >
      <Box
        display="grid"
        gridTemplateColumns={`repeat(${columns}, minmax(8rem, 1fr))`}
        gap="2"
        overflowX="auto"
        mt="2"
      >
        {groups.map((group, place) => (
          <Spot key={place} place={place} row={group.row} column={group.column}>
            <b>{groupName(place)}</b>
            {group.students.map((id) => (
              <StudentChip
                key={id}
                student={{ id, name: nameOf(id) }}
                movable
                groups={groups.flatMap((_, n) =>
                  n === place ? [] : [{ id: String(n), name: groupName(n) }],
                )}
                move={(to) => change(moveStudent(groups, id, Number(to)))}
              />
            ))}
          </Spot>
        ))}
      </Box>
      <chakra.p fontSize="sm" color="ink.soft" mt="2">
        Drag a student to another group, or press the name and choose.
      </chakra.p>
    </DndContext>
  );
}

function Spot({
  place,
  row,
  column,
  children,
}: {
  readonly place: number;
  readonly row: number;
  readonly column: number;
  readonly children: ReactNode;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: String(place) });
  return (
    <Box
      ref={setNodeRef}
      gridColumn={column + 1}
      gridRow={row + 1}
      display="flex"
      flexDirection="column"
      alignItems="flex-start"
      borderWidth="1px"
      borderStyle="solid"
      borderColor={isOver ? 'permanganate' : 'slate.300'}
      borderRadius="tile"
      p="2"
      bg="slate.50"
    >
      {children}
    </Box>
  );
}
