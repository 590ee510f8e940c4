/** One lesson across the top with its five faces; the working surface below. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import { lazy, Suspense, useEffect } from 'react';
import { NavLink, Outlet, useNavigate, useOutletContext, useParams } from 'react-router';
import { dayAndTime } from '../kit/moments.js';
import { isTyping } from '../kit/is-typing.js';
import { pressedKey } from '../kit/pressed-key.js';
import { Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { useMe } from '../kit/shell/Shell.js';
import { faces, facesOf } from './faces.js';
import { useLesson } from './lesson-queries.js';
import { StateMark } from './StateMark.js';

/** Only while a lesson runs is there anything elsewhere to be told of. */
const Elsewhere = lazy(() => import('./Elsewhere.js'));

const Face = chakra(NavLink, {
  base: {
    px: { base: '2.5', md: '4' },
    py: '2',
    fontWeight: '600',
    whiteSpace: 'nowrap',
    color: 'ink.soft',
    textDecoration: 'none',
    borderRadius: 'tile',
    borderWidth: '2px',
    borderStyle: 'solid',
    borderColor: 'transparent',
    '&:hover:not([aria-current=page])': { bg: 'slate.200' },
    '&[aria-current=page]': {
      bg: 'porcelain',
      color: 'permanganate',
      borderColor: 'permanganate',
      boxShadow: 'tile',
    },
  },
});

/** The lesson the page is in. */
export const useThisLesson = () => useOutletContext<Lesson>();

export default function LessonFrame() {
  const { id = '' } = useParams();
  const lesson = useLesson(id);
  const me = useMe();
  const go = useNavigate();
  const open = facesOf(me.data?.role);

  useEffect(() => {
    let leader = false;
    const press = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const face = faces[Number(event.key) - 1];
      if (leader && face) void go(`/lessons/${id}/${face.path}`);
      leader = pressedKey(event) === 'g';
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, [go, id]);

  if (lesson.isPending) return <Loading what="the lesson" />;
  if (isLacking(lesson)) return <Failed error={lesson.error} again={() => void lesson.refetch()} />;
  const { title, className, room, startsAt, state } = lesson.data;
  return (
    <>
      <Box data-noprint display="flex" alignItems="center" columnGap="4" rowGap="2" flexWrap="wrap" mb="4">
        <Box minW="0">
          <chakra.h1 fontSize="lg">
            {className}: {title}
          </chakra.h1>
          <Box display="flex" gap="3" alignItems="center" color="ink.soft" fontSize="sm" mt="0.5">
            {dayAndTime(startsAt)} · {room} <StateMark state={state} />
          </Box>
        </Box>
        <Box flex="1" />
        {/* One strip at every width; where it is too long it goes along under the finger. */}
        <chakra.nav
          aria-label="Faces of the lesson"
          display="flex"
          alignItems="center"
          maxW="100%"
          overflowX="auto"
          gap="0.5"
        >
          {open.map((face) => (
            <Face key={face.path} to={`/lessons/${id}/${face.path}`}>
              {face.name}
            </Face>
          ))}
        </chakra.nav>
      </Box>
      <Suspense fallback={<Loading what="this part of the lesson" />}>
        <Outlet context={lesson.data} />
      </Suspense>
      {state === 'running' && me.data?.role !== 'technician' && (
        <Suspense>
          <Elsewhere lesson={lesson.data} />
        </Suspense>
      )}
    </>
  );
}
