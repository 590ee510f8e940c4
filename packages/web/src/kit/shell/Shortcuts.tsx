/** The sheet of keyboard shortcuts, on `?`. */
import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../Button.js';
import { Tile } from '../Tile.js';

const shortcuts: readonly (readonly [string, string])[] = [
  ['?', 'This sheet'],
  ['g then 1 … 5', 'Plan, Prepare, Run, Mark, Review of the lesson'],
  ['← → ↑ ↓', 'From mark to mark (Mark)'],
  ['n', 'Next mark to look at (Mark)'],
  ['1 / 0', 'Give or take the point, then say why (Mark)'],
  ['t', 'Show or hide what the jars hold (Run)'],
];

export function Shortcuts({ close }: { readonly close: () => void }) {
  return (
    <Box position="fixed" right="4" top="16" zIndex={5} role="dialog" aria-label="Keyboard shortcuts">
      <Tile boxShadow="lift">
        <chakra.h2 fontSize="lg" mb="2">
          Keyboard
        </chakra.h2>
        <chakra.dl display="grid" gridTemplateColumns="auto 1fr" columnGap="4" rowGap="1.5">
          {shortcuts.map(([keys, what]) => (
            <Box key={keys} display="contents">
              <chakra.dt fontFamily="mono" fontWeight="600">
                {keys}
              </chakra.dt>
              <chakra.dd>{what}</chakra.dd>
            </Box>
          ))}
        </chakra.dl>
        <Button mt="3" onClick={close} autoFocus>
          Close
        </Button>
      </Tile>
    </Box>
  );
}
