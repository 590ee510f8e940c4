/** What to do when, ticked off with who and when. */
import { Box, chakra } from '@chakra-ui/react';
import type { Preparation } from '@kivex/contract';
import { dueAt, leadTime, type PrepTask } from '@kivex/core';
import { CalendarDays } from 'lucide-react';
import { useEffect, useState, type ReactNode } from 'react';
import { Button } from '../kit/Button.js';
import { Checkbox } from '../kit/Checkbox.js';
import { dayAndTime } from '../kit/moments.js';
import { Tile } from '../kit/Tile.js';
import { address } from '../kit/request/call.js';

/** Changes under the finger at once: the log, which has the last word, answers a moment later. */
function TickBox({
  done,
  tick,
  children,
}: {
  readonly done: boolean;
  readonly tick: (done: boolean) => void;
  readonly children: ReactNode;
}) {
  const [shown, setShown] = useState(done);
  useEffect(() => setShown(done), [done]);
  return (
    <Checkbox
      alignItems="flex-start"
      gap="2"
      width="100%"
      checked={shown}
      onChange={(now) => {
        setShown(now);
        tick(now);
      }}
    >
      {children}
    </Checkbox>
  );
}

export function TasksPart({
  tasks,
  log,
  startsAt,
  lessonId,
  tick,
}: {
  readonly tasks: readonly PrepTask[];
  readonly log: Preparation | undefined;
  readonly startsAt: string;
  readonly lessonId: string;
  readonly tick: (key: string, done: boolean) => void;
}) {
  const last = new Map(log?.ticks.map((t) => [t.key, t]));
  const left = tasks.filter((t) => !last.get(t.key)?.done).length;
  return (
    <Tile>
      <Box display="flex" alignItems="center" gap="3" mb="2" flexWrap="wrap">
        <chakra.h2 fontSize="lg">What to do when</chakra.h2>
        <span>{left ? `${left} of ${tasks.length} to do` : 'all done'}</span>
        <Box flex="1" />
        <Button asChild>
          <a
            href={address('GET /api/lessons/:lesson/preparation/calendar.ics', { lesson: lessonId })}
            download
          >
            <CalendarDays size={18} aria-hidden /> Calendar
          </a>
        </Button>
      </Box>
      <chakra.ol>
        {tasks.map((task) => {
          const own = last.get(task.key);
          return (
            <chakra.li key={task.key} borderTop="1px solid" borderColor="slate.200">
              <Box py="2" minH="12" color={own?.done ? 'ink.faint' : 'ink'}>
                <TickBox done={own?.done ?? false} tick={(done) => tick(task.key, done)}>
                  <Box display="grid" gap="2" gridTemplateColumns={{ base: '1fr', md: '11rem 1fr' }}>
                    <Box>
                      <b>
                        {task.hoursBefore < 0
                          ? 'after the lesson'
                          : dayAndTime(dueAt(startsAt, task.hoursBefore))}
                      </b>
                      <chakra.div fontSize="sm" color="ink.soft">
                        {leadTime(task.hoursBefore)}
                      </chakra.div>
                    </Box>
                    <Box>
                      <chakra.span display="inline-block" _firstLetter={{ textTransform: 'uppercase' }}>
                        {task.text}
                      </chakra.span>
                      {own && (
                        <chakra.div fontSize="sm" color={own.done ? 'verdigris' : 'ink.soft'}>
                          {own.done ? 'done' : 'taken back'} by {own.by}, {dayAndTime(own.at)}
                        </chakra.div>
                      )}
                    </Box>
                  </Box>
                </TickBox>
              </Box>
            </chakra.li>
          );
        })}
      </chakra.ol>
    </Tile>
  );
}
