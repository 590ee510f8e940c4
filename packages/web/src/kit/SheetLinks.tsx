/** One table to take out, in each kind of sheet. */
import { Box } from '@chakra-ui/react';
import { FileDown } from 'lucide-react';
import type { ReactNode } from 'react';
import { FileLink } from './FileLink.js';

const kinds = ['csv', 'xlsx', 'ods'] as const;

/** @param at the address of one kind. */
export function SheetLinks({
  what,
  at,
}: {
  readonly what: ReactNode;
  readonly at: (kind: (typeof kinds)[number]) => string;
}) {
  return (
    <Box>
      <Box fontWeight="600" fontSize="sm" mb="1">
        {what}
      </Box>
      <Box display="flex" gap="1.5" flexWrap="wrap">
        {kinds.map((kind) => (
          <FileLink key={kind} size="small" href={at(kind)}>
            <FileDown size={14} aria-hidden /> {kind.toUpperCase()}
          </FileLink>
        ))}
      </Box>
    </Box>
  );
}
