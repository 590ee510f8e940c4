/** A vessel with what its delivery tube leads to: into a liquid, over water in a trough, upward or downward. */
import type { VesselView } from '@kivex/core';
import { shapeOf } from './geometry.js';
import { Bung, VesselDrawing } from './VesselDrawing.js';

/** How far right the second vessel stands. */
const apart = 190;
const glass = {
  fill: 'none',
  stroke: '#4a6174',
  strokeWidth: 4,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;

/** Where the delivery tube runs, from the bung to its end. */
function courseOf(from: VesselView, to: VesselView): string {
  const start = `M100 ${shapeOf(from.kind).brim + 22} V14`;
  const { brim, foot, half } = shapeOf(to.kind);
  const middle = 100 + apart;
  switch (from.ledOver) {
    case 'water': {
      // Down beside the jar, under its mouth, and up into it.
      const side = middle - half - 16;
      return `${start} H${side} V${foot + 18} H${middle} V${foot - 8}`;
    }
    case 'upward':
      // Turned mouth down, its foot is on top: the tube goes up into it from below.
      return `${start} H${middle - half - 22} V${foot + 16} H${middle} V${brim + 46}`;
    case 'downward':
      return `${start} H${middle} V${foot - 24}`;
    default:
      return `${start} H${middle} V${to.liquid ? foot - 14 : brim + 40}`;
  }
}

/** A trough of water; what stands in it is drawn first, the water before it. */
function Trough({ top, foot }: { readonly top: number; readonly foot: number }) {
  const [left, right] = [apart + 8, apart + 186];
  return (
    <g>
      <rect x={left} y={top} width={right - left} height={foot - top} fill="#9cc3d8" opacity="0.5" />
      <path
        d={`M${left - 4} ${top - 16} V${foot} H${right + 4} V${top - 16}`}
        fill="none"
        stroke="#5d7488"
        strokeWidth="3"
      />
      <path d={`M${left} ${top} H${right}`} stroke="#6f9db6" strokeWidth="2" />
    </g>
  );
}

export function Apparatus({ view, led }: { readonly view: VesselView; readonly led: VesselView }) {
  const water = view.ledOver === 'water';
  const { foot } = shapeOf(led.kind);
  return (
    <>
      <VesselDrawing view={view} led />
      <g transform={`translate(${apart} 0)`}>
        <VesselDrawing view={led} />
      </g>
      <path d={courseOf(view, led)} {...glass} />
      {water && <Trough top={foot - 34} foot={foot + 34} />}
      <Bung kind={view.kind} />
    </>
  );
}
