/** States of a page that are not its content: a message, nothing yet, loading, an error. Each says what to do next. */
import { Box, chakra } from '@chakra-ui/react';
import { CircleAlert, Info, LoaderCircle, TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './Button.js';
import { Well } from './well/Well.js';

const tones = {
  tell: { bg: 'slate.50', color: 'ink', line: 'slate.300', icon: Info },
  look: { bg: 'saffron.wash', color: 'saffron', line: 'saffron.line', icon: TriangleAlert },
  stop: { bg: 'cinnabar.wash', color: 'cinnabar', line: 'cinnabar.line', icon: CircleAlert },
  go: { bg: 'verdigris.wash', color: 'verdigris', line: 'verdigris.line', icon: Info },
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
  const { bg, color, line, icon: Icon } = tones[tone];
  return (
    <Box
      role={tone === 'stop' ? 'alert' : 'status'}
      display="flex"
      gap="3"
      alignItems="flex-start"
      bg={bg}
      color={color}
      borderWidth="1px"
      borderStyle="solid"
      borderColor={line}
      borderRadius="tile"
      px="3"
      py="2.5"
    >
      <Icon size={20} aria-hidden style={{ flex: 'none', marginTop: 2 }} />
      <Box flex="1" minW="0">
        {children}
        {action && <Box mt="2">{action}</Box>}
      </Box>
    </Box>
  );
}

const Turning = chakra('span', { base: { display: 'inline-flex', animation: 'spin 1.2s linear infinite' } });

export function Loading({ what }: { readonly what: string }) {
  return (
    <Box
      role="status"
      display="flex"
      gap="3"
      alignItems="center"
      justifyContent="center"
      p="8"
      color="ink.soft"
    >
      <Turning>
        <LoaderCircle size={22} aria-hidden />
      </Turning>
      Fetching {what} …
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
    <Box
      display="flex"
      flexDirection="column"
      alignItems="center"
      textAlign="center"
      gap="3"
      py="10"
      px="4"
      color="ink.soft"
    >
      <Well look={{ kind: 'empty' }} size={72} />
      <chakra.h2 fontSize="lg" color="ink">
        {title}
      </chakra.h2>
      <Box maxW="34rem">{children}</Box>
    </Box>
  );
}
