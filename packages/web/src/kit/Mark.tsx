/** A word or two on a small ground of their own: a state, told by its word. */
import { Badge, type BadgeProps } from '@chakra-ui/react';
import { wears } from './theme/wears.js';

export function Mark({
  tone = 'tell',
  ...rest
}: Omit<BadgeProps, 'variant' | 'size'> & { readonly tone?: 'tell' | 'go' | 'look' | 'stop' | 'chosen' }) {
  return <Badge {...wears<BadgeProps>({ ...rest, tone })} />;
}
