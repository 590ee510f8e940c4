/**
 * The rota drawn: a line for each group, a block for each test, along the minutes of the lesson. A block
 * is moved by dragging it or with the arrow keys; moving pins it.
 */
import { Box, chakra } from '@chakra-ui/react';
import { DndContext } from '@dnd-kit/core';
import { stationWords, type RotaClash, type RotaPin, type RotaProblem, type RotaSlot } from '@kivex/core';
import { shortTestName } from '../kit/look-names.js';
import { dragWords } from '../kit/drag-words.js';
import { useDragByStep } from '../kit/use-drag-by-step.js';
import { useLayoutEffect, useRef, useState } from 'react';
import { labelWidth } from './rota-measures.js';
import { Block } from './RotaBlock.js';
import { Stations } from './RotaStations.js';

interface RotaBoardProps {
  readonly problem: RotaProblem;
  readonly schedule: readonly RotaSlot[];
  readonly pins: readonly RotaPin[];
  readonly clashes: readonly RotaClash[];
  readonly groupName: (group: number) => string;
  readonly move?: (slot: RotaSlot, start: number) => void;
  readonly unpin?: (slot: RotaSlot) => void;
}

const fills = [
  'slate.100',
  'verdigris.wash',
  'permanganate.wash',
  'porcelain.shade',
  'slate.200',
  'slate.50',
] as const;
/** Room after the last minute for half its figure. */
const endWidth = 12;

const is = (slot: RotaSlot) => (other: { readonly group: number; readonly task: string }) =>
  other.group === slot.group && other.task === slot.task;

export function RotaBoard({ problem, schedule, pins, clashes, groupName, move, unpin }: RotaBoardProps) {
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(800);
  useLayoutEffect(() => {
    const watch = new ResizeObserver(([entry]) => setWidth(entry!.contentRect.width));
    if (frame.current) watch.observe(frame.current);
    return () => watch.disconnect();
  }, []);
  const minutes = Math.max(problem.lesson, ...schedule.map((s) => s.end));
  const px = Math.max(7, Math.floor(((width - labelWidth - endWidth) / minutes) * 10) / 10);
  const sensors = useDragByStep({ x: px, y: 0 });
  const order = problem.tasks.map((t) => t.id);
  const attended = new Map(problem.tasks.map((t) => [t.id, t.attended]));
  const stationOf = new Map(problem.tasks.map((t) => [t.id, stationWords[t.station] ?? t.station]));
  return (
    <Box ref={frame} overflowX="auto" tabIndex={0} role="region" aria-label="The rota">
      <DndContext
        sensors={sensors}
        accessibility={dragWords(
          (id) => `${shortTestName(id.split(' ')[1]!)} of ${groupName(Number(id.split(' ')[0]))}`,
          () => 'its line',
        )}
        onDragEnd={({ active, delta }) => {
          const slot = active.data.current as RotaSlot;
          const by = Math.round(delta.x / px);
          if (by) move?.(slot, Math.max(0, slot.start + by));
        }}
      >
        <Box style={{ width: labelWidth + minutes * px + endWidth }}>
          <Box display="flex">
            <Box width={`${labelWidth}px`} flex="none" />
            <Box position="relative" height="20px" style={{ width: minutes * px }} aria-hidden>
              {Array.from({ length: Math.floor(minutes / 5) + 1 }, (_, i) => i * 5).map((m) => (
                <chakra.span
                  key={m}
                  position="absolute"
                  fontSize="xs"
                  color="ink.soft"
                  style={{ left: m * px - 5 }}
                >
                  {m}
                </chakra.span>
              ))}
            </Box>
          </Box>
          {Array.from({ length: problem.groups }, (_, i) => i + 1).map((group) => (
            <Box key={group} display="flex" borderTop="1px solid" borderColor="slate.200" minH="42px">
              <Box
                width={`${labelWidth}px`}
                flex="none"
                fontSize="sm"
                fontWeight="600"
                alignSelf="center"
                position="sticky"
                left="0"
                bg="porcelain"
                zIndex={3}
                whiteSpace="nowrap"
                overflow="hidden"
                textOverflow="ellipsis"
              >
                {groupName(group)}
              </Box>
              <Box
                position="relative"
                style={{
                  width: minutes * px,
                  backgroundImage: `linear-gradient(to right, var(--chakra-colors-slate-200) 1px, transparent 1px)`,
                  backgroundSize: `${5 * px}px 100%`,
                }}
              >
                <Box
                  position="absolute"
                  top="0"
                  bottom="0"
                  bg="slate.100"
                  opacity={0.8}
                  style={{ left: 0, width: problem.setUp * px }}
                  aria-hidden
                />
                <Box
                  position="absolute"
                  top="0"
                  bottom="0"
                  bg="slate.100"
                  opacity={0.8}
                  style={{
                    left: (problem.lesson - problem.clearUp) * px,
                    width: Math.max(0, minutes - problem.lesson + problem.clearUp) * px,
                  }}
                  aria-hidden
                />
                {schedule
                  .filter((s) => s.group === group)
                  .map((slot) => (
                    <Block
                      key={slot.task}
                      slot={slot}
                      attended={attended.get(slot.task) ?? 0}
                      px={px}
                      fill={fills[order.indexOf(slot.task) % fills.length]!}
                      pinned={pins.some(is(slot))}
                      clashing={clashes.some((c) => c.slots.some(is(slot)))}
                      place={stationOf.get(slot.task) ?? ''}
                      movable={Boolean(move)}
                      unpin={unpin && pins.some(is(slot)) ? () => unpin(slot) : undefined}
                    />
                  ))}
              </Box>
            </Box>
          ))}
          <Stations problem={problem} schedule={schedule} px={px} minutes={minutes} />
        </Box>
      </DndContext>
    </Box>
  );
}
