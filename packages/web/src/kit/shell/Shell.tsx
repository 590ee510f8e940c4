/** The frame around every staff page: where one is, who one is, and the way elsewhere. */
import { Box, chakra } from '@chakra-ui/react';
import type { StaffMe } from '@kivex/contract';
import { useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { Keyboard, LogOut, MonitorCog } from 'lucide-react';
import { Suspense, useEffect, useState } from 'react';
import { Navigate, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { RequestProblem, request } from '../request/request.js';
import { Failed, Loading } from '../Notice.js';
import { ErrorBoundary } from './ErrorBoundary.js';
import { Shortcuts } from './Shortcuts.js';
import { themes, useTheme } from './theme-choice.js';
import { useOnline } from './online.js';

const navStyle = {
  px: '3',
  py: '2',
  borderRadius: 'tile',
  color: '#eef3f7',
  fontWeight: '600',
  textDecoration: 'none',
  _hover: { bg: 'rgba(255,255,255,.12)' },
  '&[aria-current=page]': { bg: '#fdfdfb', color: '#16233a' },
} as const;
const NavItem = chakra(NavLink, { base: navStyle });
const BarButton = chakra('button', {
  base: {
    ...navStyle,
    display: 'inline-flex',
    alignItems: 'center',
    gap: '2',
    bg: 'transparent',
    cursor: 'pointer',
    minH: '10',
    '&:focus-visible': { outline: '3px solid #dcaeea' },
  },
});

/** The signed-in member of staff. */
export const useMe = () =>
  useQuery({
    queryKey: ['me'],
    queryFn: () => request<StaffMe>('GET', '/api/staff/me'),
    staleTime: 300_000,
    retry: (n, e) => n < 2 && !(e instanceof RequestProblem && e.status === 401),
  });

const themeNames = { daylight: 'Daylight', projector: 'Projector', prep: 'Prep room' } as const;
const roleNames = { teacher: 'teacher', technician: 'technician', head: 'head of department' } as const;

export function Shell() {
  const me = useMe();
  const { pathname } = useLocation();
  const go = useNavigate();
  const cache = useQueryClient();
  const { theme, choose } = useTheme();
  const online = useOnline();
  const waiting = useMutationState({ filters: { predicate: (m) => m.state.isPaused } }).length > 0;
  const [help, setHelp] = useState(false);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
      if (event.key === '?' && !typing) setHelp((open) => !open);
      if (event.key === 'Escape') setHelp(false);
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, []);

  if (me.isPending) return <Loading what="your desk" />;
  if (me.error instanceof RequestProblem && me.error.status === 401)
    return <Navigate to={`/sign-in?then=${encodeURIComponent(pathname)}`} replace />;
  if (me.error) return <Failed error={me.error} again={() => void me.refetch()} />;

  if (me.data.mustChangePassword && pathname !== '/new-password')
    return <Navigate to="/new-password" replace />;

  return (
    <Box minH="100vh" display="flex" flexDirection="column">
      <chakra.a
        href="#work"
        position="absolute"
        left="-999px"
        _focus={{ left: '2', top: '2', bg: 'porcelain', color: 'ink', p: '2', zIndex: 10 }}
      >
        Skip to the work
      </chakra.a>
      <chakra.header
        data-noprint
        bg="#16233a"
        color="#eef3f7"
        display="flex"
        alignItems="center"
        gap="2"
        px="4"
        py="1.5"
        flexWrap="wrap"
      >
        <chakra.span display="inline-flex" alignItems="center" gap="2" fontWeight="700" fontSize="lg" mr="3">
          <img src="/kivex.svg" width={26} height={26} alt="" /> Kivex
        </chakra.span>
        <chakra.nav aria-label="Kivex" display="flex" gap="1" flexWrap="wrap">
          <NavItem to="/lessons">Lessons</NavItem>
          <NavItem to="/practicals">Practicals</NavItem>
          {me.data.role !== 'technician' && <NavItem to="/syllabuses">Syllabuses</NavItem>}
          <NavItem to="/store">Store</NavItem>
          <NavItem to="/rooms">Rooms</NavItem>
          {me.data.role !== 'technician' && <NavItem to="/classes">Classes</NavItem>}
          <NavItem to="/school">School</NavItem>
        </chakra.nav>
        {/* Wraps as one, and the name gives way before it does. */}
        <Box
          flex={{ base: '0 0 auto', md: '1 0 16rem' }}
          minWidth="0"
          display="flex"
          alignItems="center"
          gap="2"
          ml="auto"
        >
          <chakra.div
            fontSize="sm"
            color="#c2cdd8"
            display={{ base: 'none', md: 'block' }}
            truncate
            flex="1"
            textAlign="right"
            title={`${me.data.name}, ${roleNames[me.data.role]}, ${me.data.school}`}
          >
            {me.data.name}, {roleNames[me.data.role]}, {me.data.school}
          </chakra.div>
          <BarButton
            onClick={() => choose(themes[(themes.indexOf(theme) + 1) % themes.length]!)}
            title="Change the theme"
            aria-label={`Theme: ${themeNames[theme]}. Change it`}
          >
            <MonitorCog size={18} aria-hidden />{' '}
            <chakra.span display={{ base: 'none', lg: 'inline' }}>{themeNames[theme]}</chakra.span>
          </BarButton>
          <BarButton
            onClick={() => setHelp(true)}
            aria-label="Keyboard shortcuts"
            title="Keyboard shortcuts (?)"
          >
            <Keyboard size={18} aria-hidden />
          </BarButton>
          <BarButton
            aria-label="Sign out"
            title="Sign out"
            onClick={() => {
              void request('POST', '/api/staff/sign-out').finally(() => {
                cache.clear();
                void go('/sign-in');
              });
            }}
          >
            <LogOut size={18} aria-hidden />
          </BarButton>
        </Box>
      </chakra.header>
      {!online && (
        <Box role="status" bg="saffron.wash" color="saffron" px="4" py="2" fontWeight="600">
          {waiting
            ? 'No network. What you changed is not saved yet: keep this page open, it is sent when the network is back.'
            : 'No network. What is on screen may be old; it catches up by itself.'}
        </Box>
      )}
      {help && <Shortcuts close={() => setHelp(false)} />}
      <chakra.main id="work" flex="1" px={{ base: '3', md: '5' }} py="4" maxW="90rem" width="100%" mx="auto">
        <ErrorBoundary>
          <Suspense fallback={<Loading what="the page" />}>
            <Outlet />
          </Suspense>
        </ErrorBoundary>
      </chakra.main>
    </Box>
  );
}
