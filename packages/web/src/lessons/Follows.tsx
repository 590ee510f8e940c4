/** The panel "What follows": plain sentences on what the present state leads to, each with what to do. */
import { Box, chakra, useMediaQuery } from '@chakra-ui/react';
import { Fragment, memo, type ReactNode } from 'react';
import { Tile } from '../kit/Tile.js';

export interface Consequence {
  readonly key: string;
  readonly tone: 'tell' | 'look' | 'stop' | 'go';
  readonly text: ReactNode;
  readonly action?: ReactNode;
}
/** Would two be drawn alike? Sentences by their words, what is drawn by being the same object. */
export const saysTheSame = (a: Consequence, b: Consequence): boolean =>
  a.tone === b.tone && a.text === b.text && a.action === b.action;

const lines = { tell: 'slate.300', look: 'saffron.line', stop: 'cinnabar', go: 'verdigris.line' } as const;

export function Follows({
  consequences,
  first,
  children,
}: {
  readonly consequences: readonly Consequence[];
  /** What comes before all else: that something was not saved. */
  readonly first?: ReactNode;
  readonly children?: ReactNode;
}) {
  return (
    <FollowsFrame>
      {first}
      <Consequences consequences={consequences} />
      {children}
    </FollowsFrame>
  );
}

/** A line is drawn anew only where something in it is another. */
export function Consequences({ consequences }: { readonly consequences: readonly Consequence[] }) {
  return consequences.map((consequence) => <Line key={consequence.key} consequence={consequence} />);
}
const Line = memo(
  function Line({ consequence: { tone, text, action } }: { readonly consequence: Consequence }) {
    return (
      <Box borderLeft="5px solid" borderColor={lines[tone]} pl="3">
        <div>{text}</div>
        {action && <Box mt="1.5">{action}</Box>}
      </Box>
    );
  },
  (before, after) => saysTheSame(before.consequence, after.consequence),
);

/** The panel itself, for those who fill it by themselves. */
export function FollowsFrame({ children }: { readonly children: ReactNode }) {
  return (
    <Tile
      aria-label="What follows"
      position={{ lg: 'sticky' }}
      top="4"
      display="flex"
      flexDirection="column"
      gap="3"
      alignSelf="start"
    >
      <chakra.h2 fontSize="lg">What follows</chakra.h2>
      {children}
    </Tile>
  );
}

/** The working surface with the panel at its right; where there is no room for that, below, or above if it cannot wait. */
export function Surface({
  children,
  follows,
  urgent = false,
}: {
  readonly children: ReactNode;
  readonly follows: ReactNode;
  readonly urgent?: boolean;
}) {
  const [wide] = useMediaQuery(['(min-width: 1024px)'], { ssr: false });
  const panel = <Fragment key="follows">{follows}</Fragment>;
  const work = (
    <Box key="work" display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="4" minW="0">
      {children}
    </Box>
  );
  return (
    <Box
      display="grid"
      gap="4"
      gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 19rem' }}
      alignItems="start"
    >
      {urgent && !wide ? [panel, work] : [work, panel]}
    </Box>
  );
}
