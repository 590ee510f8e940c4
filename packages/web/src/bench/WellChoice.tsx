/** The wells of one attribute, to tap: each a drawing and its word. */
import { Box, chakra } from '@chakra-ui/react';
import type { Attribute } from '@kivex/core';
import { Well } from '../kit/well/Well.js';

interface WellChoiceProps {
  readonly attribute: Attribute;
  readonly chosen: string | undefined;
  readonly glass: boolean;
  readonly choose: (value: string) => void;
}

export function WellChoice({ attribute, chosen, glass, choose }: WellChoiceProps) {
  return (
    <Box
      role="group"
      aria-label={attribute.question}
      display="grid"
      gridTemplateColumns={{
        base: 'repeat(auto-fill, minmax(5.4rem, 1fr))',
        md: 'repeat(auto-fill, minmax(7rem, 1fr))',
      }}
      gap="2"
    >
      {attribute.values.map((value) => (
        <chakra.button
          key={value.id}
          type="button"
          aria-pressed={chosen === value.id}
          onClick={() => choose(value.id)}
          display="flex"
          flexDirection="column"
          alignItems="center"
          gap="1"
          py="2"
          px="1"
          minH="24"
          cursor="pointer"
          borderRadius="tile"
          borderWidth="2px"
          borderStyle="solid"
          borderColor={chosen === value.id ? 'permanganate' : 'transparent'}
          bg={chosen === value.id ? 'permanganate.wash' : 'porcelain.shade'}
          fontWeight="600"
          _focusVisible={{ outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '2px' }}
        >
          <Well look={value.look} size={60} chosen={chosen === value.id} glass={glass} />
          <span style={{ lineHeight: 1.1 }}>{value.label}</span>
        </chakra.button>
      ))}
    </Box>
  );
}
