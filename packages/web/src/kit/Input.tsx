/** Boxes one types in: one line, and several. */
import {
  Input as ChakraInput,
  Textarea as ChakraTextarea,
  type InputProps as ChakraInputProps,
} from '@chakra-ui/react';
import type { Ref } from 'react';
import { wears } from './theme/wears.js';

export type InputProps = Omit<ChakraInputProps, 'size' | 'variant'> & {
  readonly size?: 'small' | 'medium' | 'bench' | undefined;
  readonly ref?: Ref<HTMLInputElement>;
};

export function Input(props: InputProps) {
  return <ChakraInput {...wears<ChakraInputProps>(props)} />;
}

export const Textarea = ChakraTextarea;
