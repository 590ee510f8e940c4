/** Things hands can do, gathered under a heading. */
import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <Box role="group" aria-label={title}>
      <chakra.h2 fontSize="sm" color="ink.soft" fontWeight="600" mb="1">
        {title}
      </chakra.h2>
      <Box display="flex" flexWrap="wrap" gap="1.5">
        {children}
      </Box>
    </Box>
  );
}
