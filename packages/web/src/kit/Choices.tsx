/** Words to switch on and off, as many as one likes; and a few of which one is in force. */
import { Box, SegmentGroup } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { OnOff } from './OnOff.js';

export function Choices<Id extends string>({
  label,
  choices,
  chosen,
  toggle,
}: {
  readonly label: string;
  readonly choices: readonly { readonly id: Id; readonly label: ReactNode }[];
  readonly chosen: readonly Id[];
  readonly toggle: (id: Id) => void;
}) {
  return (
    <Box role="group" aria-label={label} display="flex" flexWrap="wrap" gap="1.5">
      {choices.map(({ id, label: word }) => (
        <OnOff key={id} pressed={chosen.includes(id)} onPressedChange={() => toggle(id)}>
          {word}
        </OnOff>
      ))}
    </Box>
  );
}

/** A few words side by side, of which one is in force. */
export function OneOf<Id extends string>({
  label,
  choices,
  chosen,
  choose,
}: {
  readonly label: string;
  readonly choices: readonly { readonly id: Id; readonly label: ReactNode }[];
  readonly chosen: Id;
  readonly choose: (id: Id) => void;
}) {
  return (
    <SegmentGroup.Root
      aria-label={label}
      value={chosen}
      onValueChange={({ value }) => value !== null && choose(value as Id)}
    >
      {choices.map(({ id, label: word }) => (
        <SegmentGroup.Item key={id} value={id}>
          <SegmentGroup.ItemText>{word}</SegmentGroup.ItemText>
          <SegmentGroup.ItemHiddenInput />
        </SegmentGroup.Item>
      ))}
    </SegmentGroup.Root>
  );
}

/** A list with one thing put in, or taken out if it was there. */
export const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((x) => x !== one) : [...list, one];
