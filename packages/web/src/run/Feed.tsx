/** What was logged last at any bench, newest first; worked out only while it is open. */
import { chakra } from '@chakra-ui/react';
import type { Lesson, WireEvent } from '@kivex/contract';
import { memo, useState } from 'react';
import { clock } from '../kit/moments.js';
import { Fold } from '../kit/Fold.js';
import { feedOf } from './board-filter.js';

/** Lines shown at most. */
const mostLines = 40;

export const Feed = memo(function Feed({
  lesson,
  events,
}: {
  readonly lesson: Lesson;
  readonly events: readonly WireEvent[];
}) {
  const [open, setOpen] = useState(false);
  const lines = open ? feedOf(events, lesson.groupList, lesson.samples, mostLines) : [];
  return (
    <Fold title="What was logged last" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <chakra.ol maxH="18rem" overflowY="auto" mt="2" fontSize="sm" lineHeight="1.4">
        {lines.map((line) => (
          <li key={line.id}>
            {clock(line.at)} <b>{line.group}</b> {line.text}
          </li>
        ))}
        {!lines.length && <li>Nothing yet.</li>}
      </chakra.ol>
    </Fold>
  );
});
