/** The benches as they stand in the room: each group, its students and its unknowns. A group is dragged to another bench. */
import { Box, chakra } from '@chakra-ui/react';
import type { LessonGroup, StudentName } from '@kivex/contract';
import { DndContext, useDraggable, useDroppable } from '@dnd-kit/core';
import { GripVertical } from 'lucide-react';
import type { ReactNode } from 'react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from '../kit/Button.js';
import { dragWords, spotWords } from '../kit/drag-words.js';
import { useDragByStep } from '../kit/use-drag-by-step.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { StudentChip } from '../lessons/StudentChip.js';
import { useThisLesson } from '../lessons/LessonFrame.js';

export function RoomPlan() {
  const lesson = useThisLesson();
  const me = useMe();
  const cache = useQueryClient();
  const seat = useMutation({
    mutationFn: ({ student, group }: { student: string; group: string }) =>
      call('PUT /api/lessons/:lesson/seats/:student', { lesson: lesson.id, student, body: { group } }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['lesson', lesson.id] }),
  });
  const moveBench = useMutation({
    mutationFn: ({ group, row, column }: { group: string; row: number; column: number }) =>
      call('PUT /api/lessons/:lesson/groups/:group/bench', {
        lesson: lesson.id,
        group,
        body: { row, column },
      }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['lesson', lesson.id] }),
  });
  const sensors = useDragByStep({ x: 160, y: 110 });
  const may = me.data?.role !== 'technician' && (lesson.state === 'planned' || lesson.state === 'running');
  const columns = Math.max(...lesson.groupList.map((g) => g.bench[1])) + 1;
  const rows = Math.max(...lesson.groupList.map((g) => g.bench[0])) + 1;
  const labels = new Map(lesson.samples.map((s) => [s.id, s.label]));
  const students = new Map(
    [...lesson.unseated, ...lesson.groupList.flatMap((g) => g.students)].map((s) => [s.id, s.name]),
  );
  const chip = (student: StudentName, group: string) => (
    <StudentChip
      key={student.id}
      student={student}
      movable={may}
      groups={lesson.groupList.filter((g) => g.id !== group)}
      move={(to) => seat.mutate({ student: student.id, group: to })}
    />
  );
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="2">
        The room
      </chakra.h2>
      {(seat.error ?? moveBench.error) && (
        <Notice tone="stop">{(seat.error ?? moveBench.error)!.message}</Notice>
      )}
      <DndContext
        sensors={sensors}
        accessibility={dragWords(
          (id) => students.get(id) ?? lesson.groupList.find((g) => g.id === id)?.name ?? 'The group',
          spotWords,
        )}
        onDragEnd={({ active, over }) => {
          if (!over) return;
          const [row, column] = String(over.id).split(' ').map(Number);
          if (row === undefined || column === undefined) return;
          const there = lesson.groupList.find((g) => g.bench[0] === row && g.bench[1] === column);
          const moved = String(active.id);
          if (!students.has(moved)) moveBench.mutate({ group: moved, row, column });
          else if (there && !there.students.some((s) => s.id === moved))
            seat.mutate({ student: moved, group: there.id });
        }}
      >
        <Box
          display="grid"
          gridTemplateColumns={`repeat(${columns}, minmax(8.5rem, 1fr))`}
          gap="2"
          overflowX="auto"
          tabIndex={0}
          role="region"
          aria-label="Benches"
        >
          {Array.from({ length: rows * columns }, (_, i) => {
            const [row, column] = [Math.floor(i / columns), i % columns];
            const group = lesson.groupList.find((g) => g.bench[0] === row && g.bench[1] === column);
            return (
              <BenchSpot key={i} row={row} column={column} empty={!group}>
                {group && (
                  <GroupCard group={group} movable={may} jars={group.unknowns.map((id) => labels.get(id)!)}>
                    {group.students.map((student) => chip(student, group.id))}
                  </GroupCard>
                )}
              </BenchSpot>
            );
          })}
        </Box>
        {lesson.unseated.length > 0 && (
          <Box mt="3">
            <chakra.h3 fontSize="md">In no group yet</chakra.h3>
            <Box display="flex" flexWrap="wrap" gap="1.5">
              {lesson.unseated.map((student) => chip(student, ''))}
            </Box>
          </Box>
        )}
        {may && (
          <chakra.p fontSize="sm" color="ink.soft" mt="2">
            Drag a student to another group, or a group to another bench; or press a name and choose.
          </chakra.p>
        )}
      </DndContext>
    </Tile>
  );
}

function BenchSpot({
  row,
  column,
  empty,
  children,
}: {
  readonly row: number;
  readonly column: number;
  readonly empty: boolean;
  readonly children: ReactNode;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: `${row} ${column}` });
  return (
    <Box
      ref={setNodeRef}
      gridRow={row + 1}
      gridColumn={column + 1}
      borderRadius="tile"
      borderWidth="2px"
      borderStyle={empty ? 'dashed' : 'solid'}
      borderColor={isOver ? 'permanganate' : empty ? 'slate.200' : 'transparent'}
      minH="5rem"
    >
      {children}
    </Box>
  );
}

function GroupCard({
  group,
  jars,
  movable,
  children,
}: {
  readonly group: LessonGroup;
  readonly jars: readonly string[];
  readonly movable: boolean;
  readonly children: ReactNode;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: group.id,
    disabled: !movable,
  });
  return (
    <Box
      ref={setNodeRef}
      display="flex"
      flexDirection="column"
      height="100%"
      bg="slate.50"
      borderWidth="1px"
      borderStyle="solid"
      borderColor="slate.300"
      borderRadius="tile"
      p="2"
      position="relative"
      boxShadow={isDragging ? 'lift' : undefined}
      style={{
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        zIndex: isDragging ? 4 : 1,
      }}
    >
      <Box display="flex" alignItems="center" gap="1">
        {movable && (
          <Button
            variant="quiet"
            size="icon"
            minH="8"
            minW="8"
            {...listeners}
            {...attributes}
            aria-label={`Move ${group.name} to another bench`}
            cursor="grab"
            touchAction="none"
            color="ink.faint"
          >
            <GripVertical size={16} aria-hidden />
          </Button>
        )}
        <b>{group.name}</b>
      </Box>
      <chakra.div fontFamily="mono" fontSize="sm" color="permanganate" fontWeight="600">
        {[...jars].sort().join(', ')}
      </chakra.div>
      {children}
    </Box>
  );
}
