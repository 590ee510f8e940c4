/** Freshly made PINs on cards to cut out: shown once, never stored. */
import { Box, chakra } from '@chakra-ui/react';
import type { PinCard } from '@kivex/contract';
import { Printer } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';

export function PinCards({
  cards,
  className,
  done,
}: {
  readonly cards: readonly PinCard[];
  readonly className: string;
  readonly done: () => void;
}) {
  return (
    <Box>
      <Box data-noprint display="flex" flexDirection="column" gap="3" mb="4">
        <Notice tone="look">
          These PINs are shown this once: Kivex keeps only a fingerprint of them. Print the cards now; older
          PINs of these students no longer work.
        </Notice>
        <Box display="flex" gap="2">
          <Button variant="go" onClick={() => print()}>
            <Printer size={18} aria-hidden /> Print the cards
          </Button>
          <Button onClick={done}>I have printed them</Button>
        </Box>
      </Box>
      <chakra.ul display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="0">
        {cards.map((card) => (
          <chakra.li
            key={card.student}
            border="1px dashed"
            borderColor="slate.500"
            bg="porcelain"
            color="ink"
            p="4"
            minH="24"
            breakInside="avoid"
          >
            <chakra.div fontWeight="700">{card.name}</chakra.div>
            <chakra.div fontSize="sm" color="ink.soft">
              {className}
            </chakra.div>
            <chakra.div mt="2">
              PIN{' '}
              <chakra.span fontFamily="mono" fontSize="2xl" letterSpacing="0.2em">
                {card.pin}
              </chakra.span>
            </chakra.div>
          </chakra.li>
        ))}
      </chakra.ul>
    </Box>
  );
}
