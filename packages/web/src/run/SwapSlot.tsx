/** Two slots of the rota changed for each other while the lesson runs; what that would clash with is said first. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import {
  newClashes,
  roomStations,
  rotaProblemOf,
  stationWords,
  swapSlots,
  swapsFor,
  type RotaSlot,
} from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { shortTestName } from '../kit/look-names.js';
import { clock } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { Select } from '../kit/Select.js';
import { usePlanningPart } from '../lessons/use-planning-part.js';

interface SwapSlotProps {
  readonly lesson: Lesson;
  /** Number of the group, from 1. */
  readonly group: number;
  /** Minute of the lesson. */
  readonly minute: number;
}
const idOf = ({ group, task }: Pick<RotaSlot, 'group' | 'task'>): string => `${group} ${task}`;

export function SwapSlot({ lesson, group, minute }: SwapSlotProps) {
  const { planning, practical, groupList } = lesson;
  const schedule = planning.schedule ?? [];
  const [ownId, setOwn] = useState('');
  const [otherId, setOther] = useState('');
  const save = usePlanningPart(lesson.id, 'rota');
  const ahead = schedule
    .filter((s) => s.group === group && s.start >= minute)
    .sort((a, b) => a.start - b.start);
  if (!ahead.length) return <chakra.p color="ink.soft">Nothing of the rota is left for this group.</chakra.p>;
  const problem = rotaProblemOf(practical, groupList.length, planning.places);
  const at = (slot: RotaSlot) =>
    clock(new Date(Date.parse(lesson.startedAt!) + slot.start * 60_000).toISOString());
  const station = (slot: RotaSlot) => {
    const of = problem.tasks.find((t) => t.id === slot.task)?.station;
    const known = roomStations.find((s) => s === of);
    return known ? `, ${stationWords[known]}` : '';
  };
  const groupName = (n: number) => groupList[n - 1]?.name ?? `Group ${n}`;
  const said = (slot: RotaSlot) => `${shortTestName(slot.task)}, ${at(slot)}${station(slot)}`;
  const own = ahead.find((s) => idOf(s) === ownId);
  const others = own ? swapsFor(schedule, own, minute) : [];
  const other = others.find((s) => idOf(s) === otherId);
  const after = own && other && swapSlots(problem, schedule, own, other);
  const clashes = after ? newClashes(problem, schedule, after, shortTestName) : [];
  const moved = after?.filter((s) => schedule.find((was) => idOf(was) === idOf(s))!.start !== s.start) ?? [];
  return (
    <Box display="grid" gap="2">
      <Box display="flex" gap="3" flexWrap="wrap">
        <Field label="Of this group" size="small" width="15rem">
          <Select
            value={own ? ownId : ''}
            onChange={(e) => {
              setOwn(e.target.value);
              setOther('');
            }}
          >
            <option value="">Choose</option>
            {ahead.map((s) => (
              <option key={idOf(s)} value={idOf(s)}>
                {said(s)}
              </option>
            ))}
          </Select>
        </Field>
        {own && (
          <Field label="Changed for" size="small" width="15rem">
            <Select value={other ? otherId : ''} onChange={(e) => setOther(e.target.value)}>
              <option value="">Choose</option>
              {others.map((s) => (
                <option key={idOf(s)} value={idOf(s)}>
                  {s.group === group ? said(s) : `${groupName(s.group)}, ${at(s)}`}
                </option>
              ))}
            </Select>
          </Field>
        )}
      </Box>
      {own && !others.length && <p>Nothing that is still to come can be changed for it.</p>}
      {after && (
        <>
          <chakra.ul listStyleType="disc" ps="5">
            {moved.map((s) => (
              <li key={idOf(s)}>
                <b>{groupName(s.group)}</b>: {shortTestName(s.task)} at {at(s)}
              </li>
            ))}
          </chakra.ul>
          {clashes.map((text) => (
            <Notice key={text} tone="look">
              {text}
            </Notice>
          ))}
          {!clashes.length && <Notice tone="go">It clashes with nothing.</Notice>}
          {save.error && <Notice tone="stop">{save.error.message}</Notice>}
          <Box>
            <Button
              variant={clashes.length ? 'plain' : 'go'}
              disabled={save.isPending}
              onClick={() =>
                save.mutate(
                  { change: { pins: [], schedule: after }, from: planning.versions.rota },
                  { onSuccess: () => setOwn('') },
                )
              }
            >
              {clashes.length ? 'Change them all the same' : 'Change them'}
            </Button>
          </Box>
        </>
      )}
    </Box>
  );
}
