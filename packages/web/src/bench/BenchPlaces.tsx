/** The five places of a bench, at the foot of the page. */
import { chakra } from '@chakra-ui/react';
import { BookOpenText, CircleCheck, Grid3x3, PencilLine, Tag } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { places, type Place } from './places.js';

const icons = {
  tile: Grid3x3,
  method: BookOpenText,
  log: PencilLine,
  name: Tag,
  'hand-in': CircleCheck,
} as const;

export function BenchPlaces({
  place,
  moveTo,
}: {
  readonly place: Place;
  readonly moveTo: (next: Place) => void;
}) {
  return (
    <chakra.nav
      aria-label="Bench"
      position="fixed"
      bottom="0"
      left="0"
      right="0"
      zIndex={3}
      bg="porcelain"
      borderTop="1px solid"
      borderColor="slate.300"
      display="grid"
      gridTemplateColumns={`repeat(${places.length}, 1fr)`}
    >
      {places.map(({ id, label }) => {
        const Icon = icons[id];
        return (
          <Button
            key={id}
            variant="quiet"
            aria-current={place === id ? 'page' : undefined}
            onClick={() => moveTo(id)}
            minH="16"
            px="1"
            flexDirection="column"
            gap="0.5"
            borderRadius="0"
            borderWidth="0"
            bg={place === id ? 'permanganate.wash' : 'transparent'}
            color={place === id ? 'permanganate' : 'ink'}
            borderTop="4px solid"
            borderColor={place === id ? 'permanganate' : 'transparent'}
            _focusVisible={{ outlineOffset: '-3px' }}
          >
            <Icon size={24} aria-hidden />
            {label}
          </Button>
        );
      })}
    </chakra.nav>
  );
}
