/** The plan of a room: benches dragged, or moved by the space bar and the arrow keys. */
import { Box } from '@chakra-ui/react';
import type { RoomBench, RoomPlan } from '@kivex/contract';
import { DndContext, useDraggable, useDroppable } from '@dnd-kit/core';
import { Trash2 } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { dragWords, spotWords } from '../kit/drag-words.js';
import { useDragByStep } from '../kit/use-drag-by-step.js';
import { withMoved } from './room-plan.js';

/** Pixels of a spot. */
const cell = 84;

export function RoomPlanDrawing({
  plan,
  change,
}: {
  readonly plan: RoomPlan;
  readonly change: (plan: RoomPlan) => void;
}) {
  const sensors = useDragByStep({ x: cell, y: cell });
  return (
    <DndContext
      sensors={sensors}
      accessibility={dragWords((id) => `Bench ${Number(id) + 1}`, spotWords)}
      onDragEnd={({ active, over }) => {
        const [row, column] = String(over?.id ?? '')
          .split(' ')
          .map(Number);
        if (over && row !== undefined && column !== undefined)
          change(withMoved(plan, Number(active.id), { row, column }));
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
                ? () => change({ ...plan, benches: plan.benches.filter((_, k) => k !== i) })
                : undefined
            }
          />
        ))}
      </Box>
    </DndContext>
  );
}

function Spot({ row, column }: RoomBench) {
  const { setNodeRef, isOver } = useDroppable({ id: `${row} ${column}` });
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
