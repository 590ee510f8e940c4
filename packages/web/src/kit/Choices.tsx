/** Words to switch on and off, as many as one likes. */
import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

const Word = chakra('button', {
  base: {
    minH: '9',
    px: '3',
    cursor: 'pointer',
    borderRadius: 'round',
    borderWidth: '1px',
    borderStyle: 'solid',
    borderColor: 'slate.300',
    bg: 'porcelain',
    color: 'ink',
    fontSize: 'sm',
    _focusVisible: { outline: '3px solid', outlineColor: 'permanganate', outlineOffset: '2px' },
    '&[aria-pressed=true]': {
      bg: 'permanganate.wash',
      borderColor: 'permanganate',
      color: 'permanganate',
      fontWeight: '600',
    },
  },
});

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
        <Word key={id} type="button" aria-pressed={chosen.includes(id)} onClick={() => toggle(id)}>
          {word}
        </Word>
      ))}
    </Box>
  );
}

/** A list with one thing put in, or taken out if it was there. */
export const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((x) => x !== one) : [...list, one];
