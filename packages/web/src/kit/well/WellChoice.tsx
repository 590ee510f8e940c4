/** The wells of one attribute, to tap: each a drawing and its word. */
import { Box } from '@chakra-ui/react';
import type { Attribute } from '@kivex/core';
import { OnOff } from '../OnOff.js';
import { Well } from './Well.js';

interface WellChoiceProps {
  readonly attribute: Attribute;
  readonly chosen: string | undefined;
  readonly glass?: boolean;
  readonly disabled?: boolean;
  readonly choose: (value: string) => void;
}

export function WellChoice({ attribute, chosen, glass = false, disabled = false, choose }: WellChoiceProps) {
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
        <OnOff
          key={value.id}
          size="bench"
          pressed={chosen === value.id}
          onPressedChange={() => choose(value.id)}
          disabled={disabled}
          justifyContent="flex-start"
          gap="1"
          px="1"
          minH="24"
          fontWeight="600"
        >
          <Well look={value.look} size={60} chosen={chosen === value.id} glass={glass} />
          <span style={{ lineHeight: 1.1 }}>{value.label}</span>
        </OnOff>
      ))}
    </Box>
  );
}
