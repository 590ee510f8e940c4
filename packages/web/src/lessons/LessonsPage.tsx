/** All lessons of the school: what runs now, what waits for marks, what comes, what is done. */
import { Box, chakra } from '@chakra-ui/react';
import type { LessonHead, LessonState } from '@kivex/contract';
import { CalendarPlus } from 'lucide-react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { dayAndTime } from '../kit/moments.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { AskedToMark } from './AskedToMark.js';
import { useLessons } from './lesson-queries.js';
import { StateMark } from './StateMark.js';

const sections: readonly { readonly state: LessonState; readonly title: string }[] = [
  { state: 'running', title: 'Now' },
  { state: 'marking', title: 'To be marked' },
  { state: 'planned', title: 'Coming' },
  { state: 'released', title: 'Done' },
];
const faceFor: Readonly<Record<LessonState, string>> = {
  planned: 'plan',
  running: 'run',
  marking: 'mark',
  released: 'review',
};

export default function LessonsPage() {
  const lessons = useLessons();
  const me = useMe();
  const technician = me.data?.role === 'technician';
  if (lessons.isPending) return <Loading what="the lessons" />;
  if (isLacking(lessons)) return <Failed error={lessons.error} again={() => void lessons.refetch()} />;
  const all = lessons.data.pages.flat();
  const newLesson = !technician && (
    <Button asChild variant="go">
      <Link to="/lessons/new">
        <CalendarPlus size={18} aria-hidden /> New lesson
      </Link>
    </Button>
  );
  return (
    <>
      <Box display="flex" justifyContent="space-between" alignItems="center" mb="4">
        <chakra.h1 fontSize="xl">Lessons</chakra.h1>
        {newLesson}
      </Box>
      {!technician && <AskedToMark />}
      {!all.length && (
        <Tile>
          <Empty title="No lessons yet">{newLesson || 'A teacher plans them.'}</Empty>
        </Tile>
      )}
      <Box display="grid" gap="5">
        {sections.map(({ state, title }) => {
          const own = all.filter((l) => l.state === state);
          if (!own.length) return null;
          return (
            <section key={state}>
              <Box display="flex" justifyContent="space-between" gap="3" mb="2" flexWrap="wrap">
                <chakra.h2 fontSize="md" color="ink.soft">
                  {title}
                </chakra.h2>
                {state === 'marking' && own.length > 1 && !technician && (
                  <chakra.a asChild color="permanganate" textDecoration="underline">
                    <Link to="/marking">What wants a person in all of them, together</Link>
                  </chakra.a>
                )}
              </Box>
              <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(22rem, 1fr))" gap="3">
                {own.map((lesson) => (
                  <LessonCard
                    key={lesson.id}
                    lesson={lesson}
                    face={technician ? 'prepare' : faceFor[state]}
                  />
                ))}
              </Box>
            </section>
          );
        })}
      </Box>
      {lessons.hasNextPage && (
        <Box mt="5">
          <Button disabled={lessons.isFetchingNextPage} onClick={() => void lessons.fetchNextPage()}>
            Older lessons
          </Button>
        </Box>
      )}
    </>
  );
}

function LessonCard({ lesson, face }: { readonly lesson: LessonHead; readonly face: string }) {
  return (
    <Tile asChild _hover={{ boxShadow: 'lift' }} display="block" p="4">
      <Link to={`/lessons/${lesson.id}/${face}`} style={{ textDecoration: 'none', color: 'inherit' }}>
        <Box display="flex" justifyContent="space-between" gap="3" alignItems="flex-start">
          <chakra.h3 fontSize="lg">{lesson.className}</chakra.h3>
          <StateMark state={lesson.state} />
        </Box>
        <chakra.p fontWeight="600">{lesson.title}</chakra.p>
        <chakra.p color="ink.soft">
          {dayAndTime(lesson.startsAt)} · {lesson.room} · {lesson.groups} groups, {lesson.students} students
        </chakra.p>
      </Link>
    </Tile>
  );
}
