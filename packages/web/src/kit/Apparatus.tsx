/** A drawing of apparatus in the pigments of the page. */
import { Box } from '@chakra-ui/react';
import { drawingOf, type DrawingId } from '@kivex/core';

const colour = (name: string): string => `var(--chakra-colors-${name})`;
const fills = {
  line: 'none',
  thin: 'none',
  liquid: colour('slate-200'),
  'other-liquid': colour('permanganate-wash'),
  flame: colour('saffron-wash'),
  'inner-flame': colour('saffron-line'),
  solid: colour('slate-500'),
  wood: colour('porcelain-shade'),
  paper: colour('cinnabar-wash'),
} as const;

export function Apparatus({ id, size = 120 }: { readonly id: DrawingId; readonly size?: number }) {
  const { name, shapes } = drawingOf(id);
  return (
    <Box asChild flex="none" color="ink">
      <svg viewBox="0 0 120 120" width={size} height={size} role="img" aria-label={name}>
        <title>{name}</title>
        {shapes.map(({ kind, d, turn }, i) => (
          <path
            key={i}
            d={d}
            fill={fills[kind]}
            stroke="currentColor"
            strokeWidth={kind === 'thin' ? 1.6 : 2.6}
            strokeLinecap="round"
            strokeLinejoin="round"
            {...(turn ? { transform: `rotate(${turn.join(' ')})` } : {})}
          />
        ))}
      </svg>
    </Box>
  );
}
