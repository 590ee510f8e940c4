/** What a class reads off the board: the code, since when it runs, how many have handed in; and whether all is live. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import { Eye, EyeOff, Presentation, Wifi, WifiOff } from 'lucide-react';
import { memo } from 'react';
import { Button } from '../kit/Button.js';
import { IconButton } from '../kit/IconButton.js';
import { clock, minutesSince } from '../kit/moments.js';
import { Tile } from '../kit/Tile.js';

interface BoardHeadProps {
  readonly lesson: Lesson;
  readonly students: number;
  readonly handedIn: number;
  readonly now: number;
  readonly live: boolean;
  readonly truth: boolean;
  readonly showTruth: (shown: boolean) => void;
  /** Shows the board for the wall. */
  readonly project: () => void;
}

/** Drawn anew only where something in it has changed. */
export const BoardHead = memo(function BoardHead({
  lesson,
  students,
  handedIn,
  now,
  live,
  truth,
  showTruth,
  project,
}: BoardHeadProps) {
  const running = lesson.state === 'running';
  return (
    <Tile py="3" display="flex" alignItems="center" columnGap="4" rowGap="2" flexWrap="wrap">
      <Box>
        <chakra.div fontSize="sm" color="ink.soft">
          Lesson code
        </chakra.div>
        <chakra.div fontFamily="mono" fontSize="2xl" fontWeight="700" letterSpacing="0.12em">
          {lesson.joinCode.slice(0, 3)} {lesson.joinCode.slice(3)}
        </chakra.div>
      </Box>
      <Box>
        <chakra.div fontSize="sm" color="ink.soft">
          Begun
        </chakra.div>
        <chakra.div fontSize="lg" fontWeight="600">
          {lesson.startedAt
            ? `${clock(lesson.startedAt)}${running ? `, ${minutesSince(lesson.startedAt, now)} min of ${lesson.practical.minutes}` : ''}`
            : 'not yet'}
        </chakra.div>
      </Box>
      <Box>
        <chakra.div fontSize="sm" color="ink.soft">
          Handed in
        </chakra.div>
        <chakra.div fontSize="lg" fontWeight="600">
          {handedIn} of {students}
        </chakra.div>
      </Box>
      <Box flex="1" />
      <chakra.span
        role="status"
        display="inline-flex"
        gap="1.5"
        alignItems="center"
        color={live ? 'verdigris' : 'saffron'}
        fontWeight="600"
      >
        {live ? <Wifi size={18} aria-hidden /> : <WifiOff size={18} aria-hidden />}
        {live ? 'live' : 'connecting; the board catches up by itself'}
      </chakra.span>
      <IconButton label="Show the board for the wall" onClick={project}>
        <Presentation size={18} aria-hidden />
      </IconButton>
      <Button aria-pressed={truth} onClick={() => showTruth(!truth)}>
        {truth ? <EyeOff size={18} aria-hidden /> : <Eye size={18} aria-hidden />}{' '}
        {truth ? 'Hide what they hold' : 'Show what they hold'}
      </Button>
    </Tile>
  );
});
