/** The sheet of keyboard shortcuts, on `?`: those of the page one is on come first. */
import { Box, chakra, Kbd } from '@chakra-ui/react';
import { useLocation } from 'react-router';
import { Dialog } from '../Dialog.js';
import { shortcutsAt } from './shortcut-list.js';

export function Shortcuts({ open, close }: { readonly open: boolean; readonly close: () => void }) {
  const { pathname } = useLocation();
  return (
    <Dialog open={open} close={close} title="Keyboard">
      {shortcutsAt(pathname).map(({ title, keys }) => (
        <Box key={title} mb="3">
          <chakra.h3 fontSize="sm" color="ink.soft" fontWeight="600" mb="1">
            {title}
          </chakra.h3>
          <chakra.dl display="grid" gridTemplateColumns="9rem 1fr" columnGap="4" rowGap="1.5">
            {keys.map(([pressed, what]) => (
              <Box key={pressed} display="contents">
                <chakra.dt>
                  <Kbd>{pressed}</Kbd>
                </chakra.dt>
                <chakra.dd>{what}</chakra.dd>
              </Box>
            ))}
          </chakra.dl>
        </Box>
      ))}
    </Dialog>
  );
}
