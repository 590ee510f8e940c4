/** The two pieces a bench’s sheet is made of: a part with its head, and a line with what can be done about it. */
import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <chakra.section display="flex" flexDirection="column" gap="2">
      <chakra.h3 fontSize="md" fontWeight="700">
        {title}
      </chakra.h3>
      {children}
    </chakra.section>
  );
}
export function Line({ text, children }: { readonly text: ReactNode; readonly children: ReactNode }) {
  return (
    <Box display="flex" alignItems="center" gap="2" flexWrap="wrap">
      <Box flex="1" minW="7rem" lineHeight="1.3">
        {text}
      </Box>
      {children}
    </Box>
  );
}
