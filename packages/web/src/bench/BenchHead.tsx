/** The bench’s bar: whose bench it is, who is writing, whether everything is safe, and the call for the teacher. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { Hand, HandHelping } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { SavedMark } from './SavedMark.js';
import type { SavedMarkOf } from './saved.js';

interface BenchHeadProps {
  readonly bench: Bench;
  readonly saved: SavedMarkOf;
  /** Somebody of the group has called and waits. */
  readonly called: boolean;
  readonly call: () => void;
  /** Somebody else is to write. */
  readonly change: () => void;
}

export function BenchHead({ bench, saved, called, call, change }: BenchHeadProps) {
  return (
    <chakra.header
      position="sticky"
      top="0"
      zIndex={3}
      bg="bar"
      color="bar.ink"
      px="3"
      py="2"
      display="flex"
      alignItems="center"
      gap="3"
    >
      <Box minW="0" flex="1">
        <chakra.h1 fontSize="lg" whiteSpace="nowrap" overflow="hidden" textOverflow="ellipsis">
          {bench.group.name}{' '}
          {bench.group.students.length > 1 ? (
            <chakra.button
              type="button"
              fontWeight="400"
              minH="12"
              minW="12"
              my="-3"
              textAlign="start"
              textDecoration="underline"
              textUnderlineOffset="4px"
              aria-label={`${bench.me.name} writes; change`}
              aria-haspopup="dialog"
              onClick={change}
            >
              · {bench.me.name}
            </chakra.button>
          ) : (
            <chakra.span fontWeight="400">· {bench.me.name}</chakra.span>
          )}
        </chakra.h1>
        <Box role="status" fontSize="sm" display="flex" alignItems="center" gap="1.5" color="bar.soft">
          <SavedMark {...saved} />
        </Box>
      </Box>
      <Button
        size="bench"
        minH="12"
        px="3"
        variant={called ? 'look' : 'plain'}
        fontSize="md"
        disabled={called}
        onClick={call}
      >
        {called ? <HandHelping size={20} aria-hidden /> : <Hand size={20} aria-hidden />}{' '}
        {called ? 'Called' : 'Call'}
      </Button>
    </chakra.header>
  );
}
