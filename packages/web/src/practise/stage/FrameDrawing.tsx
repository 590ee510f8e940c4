/** One moment of a run, drawn large: the vessel or the flame as it then was. */
import { Box } from '@chakra-ui/react';
import type { Action, ActionOf, Seen } from '@kivex/core';
import { FlameDrawing } from './FlameDrawing.js';
import { shapeOf } from './geometry.js';
import { HeldDrawing } from './HeldDrawing.js';
import { VesselDrawing } from './VesselDrawing.js';

const picture = { width: '100%', height: '100%', display: 'block' } as const;

export function FrameDrawing({ frame, action }: { readonly frame: Seen; readonly action: Action }) {
  if (frame.flame) {
    const { glass, where } = action as ActionOf<'flame'>;
    const last = frame.flame.moments.at(-1);
    return (
      <Box bg="#141a22" height="100%" borderRadius="glaze">
        <svg viewBox="0 0 320 334" style={picture} role="img" aria-label={frame.text}>
          <FlameDrawing
            airHoleOpen
            tool="wire"
            charred={false}
            colour={last && { srgb: frame.flame.srgb, name: last.name }}
            glass={glass ?? false}
            where={where ?? 'inner-cone-tip'}
          />
        </svg>
      </Box>
    );
  }
  const { vessel } = frame;
  return (
    <Box bg="slate.50" height="100%" borderRadius="glaze" display="grid" placeItems="center">
      {vessel ? (
        <svg viewBox="0 -34 200 344" style={picture} role="img" aria-label={frame.text}>
          <VesselDrawing view={vessel} />
          {action.do === 'hold' && (
            <HeldDrawing
              action={action as ActionOf<'hold'>}
              seen={frame.seen}
              brim={shapeOf(vessel.kind).brim}
            />
          )}
        </svg>
      ) : (
        <Box color="ink.soft" p="4" textAlign="center" fontSize="xl">
          {frame.text}
        </Box>
      )}
    </Box>
  );
}
