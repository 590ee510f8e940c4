/** What share of a class knew something. */
import { Box, chakra } from '@chakra-ui/react';
import type { ClassRound } from '@kivex/contract';
import { shareOf, warmthOf } from './warmth.js';

const looks = {
  known: { bg: 'verdigris.wash', color: 'verdigris', sign: '●' },
  half: { bg: 'saffron.wash', color: 'saffron', sign: '◐' },
  weak: { bg: 'cinnabar.wash', color: 'cinnabar', sign: '○' },
} as const;
const warmthWords = { known: 'known', half: 'half known', weak: 'weak' } as const;

/** A share by figure, colour and sign. */
export function Heat({ round }: { readonly round: ClassRound }) {
  const share = shareOf(round);
  const warmth = warmthOf(share);
  const { bg, color, sign } = looks[warmth];
  return (
    <Box
      as="span"
      display="inline-block"
      whiteSpace="nowrap"
      bg={bg}
      color={color}
      borderRadius="tile"
      px="2"
      fontWeight="700"
    >
      <span aria-hidden>{sign}</span> {Math.round(share * 100)} %
      <chakra.span srOnly> {warmthWords[warmth]}</chakra.span>
    </Box>
  );
}
