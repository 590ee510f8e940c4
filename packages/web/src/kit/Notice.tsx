/** States of a page that are not its content: a message, nothing yet, loading, an error. Each says what to do next. */
import { Alert, Box, EmptyState, Skeleton, Spinner } from '@chakra-ui/react';
import { CircleAlert, Info, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './Button.js';
import { useOnline } from './shell/online.js';
import { Well } from './well/Well.js';

const tones = {
  tell: { status: 'neutral', icon: Info },
  look: { status: 'warning', icon: TriangleAlert },
  stop: { status: 'error', icon: CircleAlert },
  go: { status: 'success', icon: Info },
} as const;

export function Notice({
  tone = 'tell',
  children,
  action,
}: {
  readonly tone?: keyof typeof tones;
  readonly children: ReactNode;
  readonly action?: ReactNode;
}) {
  const { status, icon: Icon } = tones[tone];
  return (
    <Alert.Root status={status} role={tone === 'stop' ? 'alert' : 'status'}>
      <Alert.Indicator>
        <Icon aria-hidden />
      </Alert.Indicator>
      <Alert.Content>
        {children}
        {action && <Box mt="2">{action}</Box>}
      </Alert.Content>
    </Alert.Root>
  );
}

/** Something small under way, beside what it is about. */
export function Busy({ children }: { readonly children: ReactNode }) {
  return (
    <Box role="status" display="inline-flex" gap="2" alignItems="center" color="ink.soft">
      <Spinner aria-hidden /> {children}
    </Box>
  );
}

/** A page or part whose content is on its way: the places it will fill, and what is fetched. */
export function Loading({
  what,
  ofShell = false,
}: {
  readonly what: string;
  /** A part of Kivex itself, which is kept on the device and needs no network. */
  readonly ofShell?: boolean;
}) {
  const online = useOnline();
  // What waits for the network is not under way: said, and gone on with by itself.
  if (!online && !ofShell)
    return (
      <Box p={{ base: '3', md: '5' }}>
        <Notice tone="look">There is no network. It goes on with {what} as soon as there is.</Notice>
      </Box>
    );
  return (
    <Box role="status" p={{ base: '3', md: '5' }} display="grid" gap="3">
      <Box color="ink.soft" display="flex" gap="2" alignItems="center">
        <Spinner aria-hidden /> Fetching {what} …
      </Box>
      <Skeleton height="8" maxW="24rem" aria-hidden />
      <Skeleton height="6rem" aria-hidden />
      <Skeleton height="6rem" maxW="80%" aria-hidden />
    </Box>
  );
}

export function Failed({ error, again }: { readonly error: unknown; readonly again: () => void }) {
  return (
    <Box p="4" maxW="40rem" mx="auto">
      <Notice tone="stop" action={<Button onClick={again}>Try again</Button>}>
        {error instanceof Error ? error.message : 'Something went wrong.'}
      </Notice>
    </Box>
  );
}

export function Empty({ title, children }: { readonly title: string; readonly children?: ReactNode }) {
  return (
    <EmptyState.Root>
      <EmptyState.Content>
        <EmptyState.Indicator>
          <Well look={{ kind: 'empty' }} size={72} />
        </EmptyState.Indicator>
        <EmptyState.Title asChild>
          <h2>{title}</h2>
        </EmptyState.Title>
        <EmptyState.Description asChild>
          <div>{children}</div>
        </EmptyState.Description>
      </EmptyState.Content>
    </EmptyState.Root>
  );
}
