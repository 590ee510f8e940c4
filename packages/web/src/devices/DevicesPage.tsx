/** The devices outside Kivex, as the simulated stand-ins that ship: to be tried, to fail and to drop out at will. */
import { Box, chakra } from '@chakra-ui/react';
import { FileDown } from 'lucide-react';
import { FileLink } from '../kit/FileLink.js';
import { address } from '../kit/request/call.js';
import { CameraPart } from './CameraPart.js';
import { ProbePart } from './ProbePart.js';
import { StandInGradebook } from './StandInGradebook.js';

export default function DevicesPage() {
  return (
    <Box maxW="72rem" mx="auto" p="4" display="flex" flexDirection="column" gap="4">
      <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
        <chakra.h1 fontSize="xl" flex="1">
          Devices
        </chakra.h1>
        <FileLink href={address('GET /api/reference-card.pdf', {})}>
          <FileDown size={18} aria-hidden /> Reference cards for flames (PDF)
        </FileLink>
      </Box>
      <chakra.p color="ink.soft">
        These are stand-ins: what burns and how warm a tube gets is told to them here. A real camera is the
        one of the bench’s own phone or tablet; balance and label printer are tried where they are used, in
        the store and in preparing.
      </chakra.p>
      <Box display="grid" gap="4" gridTemplateColumns={{ base: '1fr', lg: '1fr 1fr' }}>
        <CameraPart />
        <ProbePart />
        <StandInGradebook />
      </Box>
    </Box>
  );
}
