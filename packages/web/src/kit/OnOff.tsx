/** One word or picture that is on or off. */
import { Toggle, type ToggleRootProps } from '@chakra-ui/react';
import { wears } from './theme/wears.js';

export function OnOff({
  size = 'medium',
  ...rest
}: Omit<ToggleRootProps, 'size'> & { readonly size?: 'medium' | 'bench' }) {
  const look = wears<ToggleRootProps>({ size });
  return <Toggle.Root {...look} {...rest} />;
}
