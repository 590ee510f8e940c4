/** One line of a list of like answers: how many, what they wrote, of what, and how it stands. */
import { Box, chakra } from '@chakra-ui/react';
import type { LikeAnswers } from '@kivex/core';
import { memo } from 'react';
import { likeRowId } from './use-like-list.js';

interface LikeRowProps {
  readonly group: LikeAnswers;
  readonly item: string;
  readonly end: string;
  readonly endColor?: 'saffron' | 'verdigris' | 'ink.soft';
  readonly chosen: boolean;
  readonly choose: (group: LikeAnswers) => void;
}

/** Hundreds stand in a list, and a step along it changes two of them: the others are left as they are. */
export const LikeRow = memo(function LikeRow(props: LikeRowProps) {
  const { group, item, end, endColor = 'ink.soft', chosen, choose } = props;
  const [first, ...others] = group.written;
  return (
    <Box role="listitem" borderTop="1px solid" borderColor="slate.200">
      <chakra.button
        id={likeRowId(group)}
        type="button"
        onClick={() => choose(group)}
        aria-pressed={chosen}
        width="100%"
        textAlign="start"
        display="grid"
        gridTemplateColumns={{ base: '1fr auto', md: '3.5rem minmax(0, 2fr) minmax(0, 2fr) 7rem' }}
        gap="3"
        py="2"
        px="2"
        alignItems="center"
        cursor="pointer"
        bg={chosen ? 'slate.100' : undefined}
        borderLeft="4px solid"
        borderColor={chosen ? 'permanganate' : 'transparent'}
        _focusVisible={{ outline: '2px solid', outlineColor: 'permanganate', outlineOffset: '-2px' }}
      >
        <chakra.span
          fontFamily="mono"
          fontWeight="700"
          textAlign="end"
          display={{ base: 'none', md: 'block' }}
          whiteSpace="nowrap"
        >
          {group.ids.length} ×
        </chakra.span>
        <chakra.span fontWeight="600" minW="0" overflowWrap="anywhere">
          {first!.answer}
          {others.length > 0 && (
            <chakra.span color="ink.soft" fontWeight="400">
              {' '}
              and {others.length} {others.length === 1 ? 'other way' : 'other ways'}
            </chakra.span>
          )}
        </chakra.span>
        <chakra.span color="ink.soft" fontSize="sm" minW="0">
          {item}
        </chakra.span>
        <chakra.span fontSize="sm" fontWeight="600" color={endColor} textAlign="end">
          {end}
        </chakra.span>
      </chakra.button>
    </Box>
  );
});
