/** The frame around every staff page: where one is, who one is, and the way elsewhere. */
import { Box, chakra } from '@chakra-ui/react';
import type { StaffMe } from '@kivex/contract';
import { useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense, useEffect, useState, type ComponentType } from 'react';
import { Navigate, Outlet, useLocation, useNavigate } from 'react-router';
import { call } from '../request/call.js';
import { isAway, useIsOld } from '../request/lacking.js';
import { RequestProblem } from '../request/request.js';
import { Failed, Loading } from '../Notice.js';
import { isTyping } from '../is-typing.js';
import { Bar } from './Bar.js';
import { ErrorBoundary } from './ErrorBoundary.js';
import { Shortcuts } from './Shortcuts.js';
import { nextTheme } from './theme-choice.js';
import { useOnline } from './online.js';

/** What the palette is given: who asks, how it is closed, and what it may have done. */
export interface PaletteProps {
  readonly me: StaffMe;
  readonly close: () => void;
  readonly acts: Readonly<Record<'theme' | 'help' | 'sign-out', () => void>>;
}

/** Milliseconds until a server that could not be reached is asked again who one is. */
const askAgain = 5_000;
const isSignedOut = (error: unknown) => error instanceof RequestProblem && error.status === 401;

/** The signed-in member of staff. Without them no page stands: asked until the server answers. */
export const useMe = () =>
  useQuery({
    queryKey: ['me'],
    queryFn: () => call('GET /api/staff/me'),
    staleTime: 300_000,
    retry: (n, e) => n < 2 && isAway(e),
    refetchInterval: ({ state: { error } }) => (isAway(error) ? askAgain : false),
  });

export function Shell({ palette: Palette }: { readonly palette: ComponentType<PaletteProps> }) {
  const me = useMe();
  // What went wrong last is said also while it is asked again.
  const [lost, setLost] = useState(me.error);
  if (me.error && me.error !== lost) setLost(me.error);
  const { pathname, search } = useLocation();
  const go = useNavigate();
  const cache = useQueryClient();
  const online = useOnline();
  const old = useIsOld();
  const waiting = useMutationState({ filters: { predicate: (m) => m.state.isPaused } }).length > 0;
  const [above, setAbove] = useState<'help' | 'palette'>();
  const close = () => setAbove(undefined);
  const signOut = () =>
    void call('POST /api/staff/sign-out').finally(() => {
      cache.clear();
      void go('/sign-in');
    });

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        setAbove('palette');
      } else if (event.key === '?' && !isTyping(event)) setAbove('help');
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, []);

  if (isSignedOut(me.error))
    return <Navigate to={`/sign-in?then=${encodeURIComponent(pathname + search)}`} replace />;
  // Asked anew in vain, a page that stands stays, with all that is being entered.
  if (!me.data)
    return lost ? <Failed error={lost} again={() => void me.refetch()} /> : <Loading what="your desk" />;

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
      <Bar me={me.data} find={() => setAbove('palette')} help={() => setAbove('help')} signOut={signOut} />
      {(!online || old) && (
        <Box role="status" bg="saffron.wash" color="saffron" px="4" py="2" fontWeight="600">
          {online
            ? 'Kivex cannot be reached just now. What is on screen may be old; it catches up by itself.'
            : waiting
              ? 'No network. What you changed is not saved yet: keep this page open, it is sent when the network is back.'
              : 'No network. What is on screen may be old; it catches up by itself.'}
        </Box>
      )}
      <Shortcuts open={above === 'help'} close={close} />
      {above === 'palette' && (
        <Suspense fallback={null}>
          <Palette
            me={me.data}
            close={close}
            acts={{ theme: nextTheme, help: () => setAbove('help'), 'sign-out': signOut }}
          />
        </Suspense>
      )}
      <chakra.main id="work" flex="1" px={{ base: '3', md: '5' }} py="4" maxW="90rem" width="100%" mx="auto">
        <ErrorBoundary>
          <Suspense fallback={<Loading ofShell what="the page" />}>
            <Outlet />
          </Suspense>
        </ErrorBoundary>
      </chakra.main>
    </Box>
  );
}
