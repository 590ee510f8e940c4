/** The board for the wall: big, and without the name of an ion, an answer or a student. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import { Clock3, Hand, X } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { minutesSince } from '../kit/moments.js';
import { shortTestName } from '../kit/look-names.js';
import { ProgressBar } from '../kit/ProgressBar.js';
import { waitLeft } from './board-filter.js';
import type { BenchStatus } from './bench-status.js';

interface ProjectorViewProps {
  readonly lesson: Lesson;
  readonly benches: readonly BenchStatus[];
  readonly now: number;
  readonly close: () => void;
}

export function ProjectorView({ lesson, benches, now, close }: ProjectorViewProps) {
  const left =
    lesson.startedAt && lesson.state === 'running'
      ? lesson.practical.minutes - lesson.practical.clearUp - minutesSince(lesson.startedAt, now)
      : undefined;
  return (
    <Box
      position="fixed"
      inset="0"
      zIndex={10}
      bg="porcelain"
      overflow="auto"
      p="6"
      display="flex"
      flexDirection="column"
      gap="6"
    >
      <Box display="flex" alignItems="baseline" gap="8" flexWrap="wrap">
        <chakra.h1 fontSize="2.6rem" lineHeight="1" flex="1">
          {lesson.title}
        </chakra.h1>
        <Box>
          <chakra.span fontSize="2xl" color="ink.soft">
            Code{' '}
          </chakra.span>
          <chakra.span fontFamily="mono" fontSize="3.6rem" fontWeight="700" letterSpacing="0.12em">
            {lesson.joinCode.slice(0, 3)} {lesson.joinCode.slice(3)}
          </chakra.span>
        </Box>
        <Button size="icon" variant="quiet" aria-label="Leave the projector view" onClick={close}>
          <X size={28} aria-hidden />
        </Button>
      </Box>
      {left !== undefined && (
        <chakra.div fontSize="2.4rem" lineHeight="1" fontWeight="700" color={left <= 5 ? 'cinnabar' : 'ink'}>
          {left > 0 ? `${left} minutes to work` : 'Clear away now'}
        </chakra.div>
      )}
      <Box
        as="ul"
        display="grid"
        gridTemplateColumns="repeat(auto-fit, minmax(17rem, 1fr))"
        gap="4"
        listStyleType="none"
      >
        {benches.map(({ group, record, count, pace, handedIn }) => (
          <Box
            as="li"
            key={group.id}
            border="3px solid"
            borderColor={record.openCalls.length ? 'saffron' : 'slate.200'}
            borderRadius="glaze"
            p="4"
            fontSize="2xl"
            lineHeight="1.25"
          >
            <Box display="flex" alignItems="center" gap="2">
              <chakra.b flex="1">{group.name}</chakra.b>
              {record.openCalls.length > 0 && <Hand size={30} aria-label="calling" />}
            </Box>
            <ProgressBar name={`${group.name}: logged`} done={count.filled} of={count.of} />
            <div>
              {count.filled} of {count.of}
              {group.students.length > 0 && handedIn === group.students.length && ', handed in'}
            </div>
            {pace?.now[0] && <chakra.div color="ink.soft">now {shortTestName(pace.now[0].test)}</chakra.div>}
            {record.timers.map((t) => {
              const seconds = waitLeft(t, now);
              return (
                <Box
                  key={t.id}
                  display="flex"
                  alignItems="center"
                  gap="2"
                  color={seconds ? 'ink' : 'saffron'}
                >
                  <Clock3 size={24} aria-hidden /> {seconds ? `${Math.ceil(seconds / 60)} min` : 'look now'}
                </Box>
              );
            })}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
