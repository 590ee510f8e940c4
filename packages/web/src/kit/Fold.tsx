/** Something more to read or to set, folded away until it is asked for: the browser's own disclosure, in our dress. */
import { chakra, type HTMLChakraProps } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface FoldProps extends Omit<HTMLChakraProps<'details'>, 'title'> {
  readonly title: ReactNode;
  readonly size?: 'medium' | 'bench';
}

export function Fold({ title, size = 'medium', children, ...rest }: FoldProps) {
  return (
    <chakra.details {...rest}>
      <chakra.summary
        cursor="pointer"
        fontWeight="600"
        borderRadius="tile"
        {...(size === 'bench' ? { minH: '12', py: '2.5', fontSize: 'lg' } : { py: '1' })}
      >
        {title}
      </chakra.summary>
      {children}
    </chakra.details>
  );
}
