/** A student's name: dragged to another group's bench, or pressed for the list of groups. */
import { Box } from '@chakra-ui/react';
import type { StudentName } from '@kivex/contract';
import { useDraggable } from '@dnd-kit/core';
import { Button } from '../kit/Button.js';
import { Menu } from '../kit/Menu.js';

export function StudentChip({
  student,
  groups,
  movable,
  move,
}: {
  readonly student: StudentName;
  /** Where else they could sit. */
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly movable: boolean;
  readonly move: (group: string) => void;
}) {
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: student.id,
    disabled: !movable,
  });
  if (!movable) return <Box fontSize="sm">{student.name}</Box>;
  return (
    <Menu
      entries={groups.map((g) => ({ id: g.id, label: g.name, group: `Move ${student.name} to` }))}
      choose={move}
    >
      <Button
        ref={setNodeRef}
        variant="quiet"
        size="small"
        px="1.5"
        fontWeight="400"
        justifyContent="flex-start"
        textAlign="start"
        cursor="grab"
        touchAction="none"
        boxShadow={isDragging ? 'lift' : undefined}
        bg={isDragging ? 'porcelain' : undefined}
        aria-label={`${student.name}: move to another group`}
        // The keyboard opens the list; dragging is the pointer's.
        onPointerDown={(event) => void listeners?.['onPointerDown']?.(event)}
        style={{
          transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
          zIndex: isDragging ? 5 : undefined,
        }}
      >
        {student.name}
      </Button>
    </Menu>
  );
}
