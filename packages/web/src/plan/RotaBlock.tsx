/** One test of one group on the rota: dragged along its line, moved by the arrow keys, hatched where the group only waits. */
import { chakra } from '@chakra-ui/react';
import { useDraggable } from '@dnd-kit/core';
import type { RotaSlot } from '@kivex/core';
import { Pin } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';

export function Block({
  slot,
  attended,
  px,
  fill,
  pinned,
  clashing,
  place,
  movable,
  unpin,
}: {
  readonly slot: RotaSlot;
  readonly attended: number;
  readonly px: number;
  readonly fill: string;
  readonly pinned: boolean;
  readonly clashing: boolean;
  readonly place: string;
  readonly movable: boolean;
  readonly unpin: (() => void) | undefined;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${slot.group} ${slot.task}`,
    data: slot,
    disabled: !movable,
  });
  const whole = (slot.end - slot.start) * px;
  const says = `${shortTestName(slot.task)}, minute ${slot.start} to ${slot.end}, ${place}${pinned ? ', set by hand' : ''}${clashing ? ', clashes' : ''}`;
  return (
    <Button
      minH="0"
      justifyContent="flex-start"
      ref={setNodeRef}
      {...listeners}
      {...attributes}
      aria-label={says}
      title={`${says}${pinned ? '. Double-click to let it go' : ''}`}
      onDoubleClick={unpin}
      position="absolute"
      top="3px"
      bottom="3px"
      style={{
        left: slot.start * px,
        width: Math.max(6, whole - 2),
        transform: transform ? `translateX(${Math.round(transform.x / px) * px}px)` : undefined,
        zIndex: isDragging ? 5 : 1,
      }}
      bg={fill}
      color="ink"
      borderWidth="2px"
      borderStyle={clashing ? 'dashed' : 'solid'}
      borderColor={clashing ? 'cinnabar' : pinned ? 'permanganate' : 'slate.500'}
      borderRadius="6px"
      fontSize="xs"
      fontWeight="600"
      lineHeight="1.05"
      px="1"
      textAlign="left"
      overflow="hidden"
      cursor={movable ? 'grab' : 'default'}
      touchAction="none"
      display="flex"
      alignItems="center"
      gap="1"
    >
      {pinned && <Pin size={12} aria-hidden style={{ flex: 'none' }} />}
      <chakra.span
        overflow="hidden"
        textOverflow="ellipsis"
        display="-webkit-box"
        css={{ WebkitLineClamp: 2, WebkitBoxOrient: 'vertical', overflowWrap: 'normal', hyphens: 'auto' }}
      >
        {shortTestName(slot.task)}
      </chakra.span>
      {attended * px < whole - 2 && (
        <chakra.span
          aria-hidden
          position="absolute"
          top="0"
          bottom="0"
          right="0"
          style={{ left: attended * px }}
          backgroundImage="repeating-linear-gradient(45deg, transparent 0 5px, rgba(22,35,58,.18) 5px 7px)"
        />
      )}
    </Button>
  );
}
