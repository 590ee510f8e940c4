/** The one button, in its few meanings: go, plain, quiet, look here, stop; and a mark in a table, for staff. */
import { Button as ChakraButton, type ButtonProps as ChakraButtonProps } from '@chakra-ui/react';
import type { Ref } from 'react';
import { wears } from './theme/wears.js';

export type ButtonProps = Omit<ChakraButtonProps, 'variant' | 'size'> & {
  readonly variant?: 'go' | 'plain' | 'quiet' | 'look' | 'stop' | 'bar' | 'mark' | undefined;
  readonly size?: 'small' | 'medium' | 'bench' | 'icon' | 'mark' | undefined;
  readonly ref?: Ref<HTMLButtonElement>;
};

/** A button that sends a form says `type="submit"`; every other sends nothing. */
export function Button(props: ButtonProps) {
  return <ChakraButton {...wears<ChakraButtonProps>(props)} />;
}
