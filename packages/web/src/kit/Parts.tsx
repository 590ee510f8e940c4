/** Parts of a page side by side, one shown at a time; which one stands in the address, so that a reload stays. */
import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';

export interface Part {
  readonly id: string;
  readonly name: string;
  readonly show: () => ReactNode;
}
const PartButton = chakra('button', {
  base: {
    px: '3',
    py: '2',
    minH: '10',
    cursor: 'pointer',
    fontWeight: '600',
    color: 'ink.soft',
    bg: 'transparent',
    borderBottom: '3px solid',
    borderColor: 'transparent',
    whiteSpace: 'nowrap',
    _hover: { color: 'ink' },
    _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '-3px' },
    '&[aria-current=true]': { color: 'permanganate', borderColor: 'permanganate' },
  },
});

export function Parts({ label, parts }: { readonly label: string; readonly parts: readonly Part[] }) {
  const [params, setParams] = useSearchParams();
  const chosen = parts.find((p) => p.id === params.get('part')) ?? parts[0]!;
  return (
    <>
      <chakra.nav
        data-noprint
        aria-label={label}
        display="flex"
        gap="1"
        overflowX="auto"
        borderBottom="1px solid"
        borderColor="slate.300"
      >
        {parts.map((part) => (
          <PartButton
            key={part.id}
            type="button"
            aria-current={part === chosen}
            onClick={() => setParams({ part: part.id }, { replace: true })}
          >
            {part.name}
          </PartButton>
        ))}
      </chakra.nav>
      <Box display="grid" gap="4" gridTemplateColumns="minmax(0, 1fr)">
        {chosen.show()}
      </Box>
    </>
  );
}
