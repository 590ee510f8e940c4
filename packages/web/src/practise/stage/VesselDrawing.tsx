/** A tube, well, flask or jar as it looks now: liquid, solids, bubbles, layers, ring, gas, and what closes it. */
import type { VesselView } from '@kivex/core';
import { useId } from 'react';
import { bubblesFor, cloudiness, levelOf, scatter, shapeOf, type Shape } from './geometry.js';

const gasTints: Readonly<Record<string, string>> = { NO2: '#a5622a', Cl2: '#c4d877' };

/** Flakes and grains of a solid within a band of heights. */
function Flakes({
  colour,
  from,
  to,
  shape,
  many,
  seed,
}: {
  colour: string;
  from: number;
  to: number;
  shape: Shape;
  many: number;
  seed: number;
}) {
  return (
    <g fill={colour} opacity="0.9">
      {scatter(many, seed).map(([x, y, r], i) => (
        <ellipse
          key={i}
          cx={shape.middle + (x - 0.5) * 2 * shape.half}
          cy={from + y * (to - from)}
          rx={2 + r * 6}
          ry={1.4 + r * 3.2}
        />
      ))}
    </g>
  );
}

function Solids({ view, shape, top }: { view: VesselView; shape: Shape; top: number }) {
  const seen = view.solids.filter((s) => s.visible);
  if (!seen.length) return null;
  const main = seen[0]!;
  const thick = cloudiness(main.mol_per_L);
  const depth = shape.foot - top;
  // As it settles, the liquid above clears and the layer below thickens.
  const layer = Math.max(7, depth * Math.min(0.45, 0.12 + main.mol_per_L * 3)) * view.settled;
  const cloud = thick * (1 - 0.85 * view.settled);
  return (
    <>
      <rect x="0" y={top} width="200" height={depth} fill={main.srgb} opacity={cloud} />
      <g opacity={1 - 0.8 * view.settled}>
        <Flakes
          colour={main.srgb}
          from={top + 3}
          to={shape.foot}
          shape={shape}
          many={Math.round(18 * thick + 8)}
          seed={3}
        />
      </g>
      {view.settled > 0.05 && (
        <>
          <rect
            x="0"
            y={shape.foot - layer}
            width="200"
            height={layer + 2}
            fill={main.srgb}
            opacity={Math.min(1, thick + 0.25)}
          />
          <Flakes
            colour={main.srgb}
            from={shape.foot - layer - 3}
            to={shape.foot - layer + 4}
            shape={shape}
            many={16}
            seed={5}
          />
        </>
      )}
      {seen.slice(1, 3).map((s, i) => (
        <Flakes
          key={s.formula}
          colour={s.srgb}
          from={top + 2}
          to={shape.foot}
          shape={shape}
          many={12}
          seed={11 + i}
        />
      ))}
    </>
  );
}

function Pieces({ view, shape }: { view: VesselView; shape: Shape }) {
  return (
    <>
      {view.pieces.map((piece, i) => {
        const size = Math.max(0.25, piece.share ** (1 / 3));
        if (piece.lumps)
          return (
            <g key={i} fill={piece.srgb} stroke="#00000055" strokeWidth="1">
              {scatter(3, i + 2).map(([x, y, r], k) => {
                const cx = shape.middle + (x - 0.5) * shape.half * 1.1;
                const cy = shape.foot - 8 - y * 14;
                const a = (6 + r * 7) * size;
                return (
                  <path
                    key={k}
                    d={`M${cx - a} ${cy} l${a * 0.6} ${-a * 0.8} l${a * 0.9} ${a * 0.1} l${a * 0.5} ${a * 0.9} l${-a * 1.1} ${a * 0.5}Z`}
                  />
                );
              })}
            </g>
          );
        const h = 5 + 16 * size;
        return (
          <path
            key={i}
            d={`M${shape.middle - shape.half} ${shape.foot - h * 0.6} Q${shape.middle} ${shape.foot - h * 1.5} ${shape.middle + shape.half} ${shape.foot - h * 0.6} V${shape.foot + 4} H${shape.middle - shape.half}Z`}
            fill={piece.srgb}
            stroke="#00000022"
          />
        );
      })}
    </>
  );
}

function Bubbles({ view, shape, top }: { view: VesselView; shape: Shape; top: number }) {
  const n = bubblesFor(view.bubbling_mL_s);
  const run = shape.foot - top;
  return (
    <g fill="#ffffff" stroke="#5b7386" strokeWidth="0.8">
      {scatter(n, 7).map(([x, y, r], i) => (
        <circle
          key={i}
          className="kx-bubble"
          cx={shape.middle + (x - 0.5) * shape.half * 1.5}
          cy={shape.foot - 6 - (y * run) / 3}
          r={1.6 + r * 2.6}
          fillOpacity="0.85"
          style={
            {
              '--kx-up': `${-(run * (0.66 - y / 3)) - 2}px`,
              '--kx-time': `${0.9 + r * 1.2}s`,
              animationDelay: `${-(x + y) * 1.3}s`,
            } as React.CSSProperties
          }
        />
      ))}
      {n > 6 &&
        scatter(Math.min(14, n), 19).map(([x, , r], i) => (
          <circle
            key={`f${i}`}
            cx={shape.middle + (x - 0.5) * shape.half * 1.8}
            cy={top + 1}
            r={1.5 + r * 2}
            fillOpacity="0.7"
          />
        ))}
    </g>
  );
}

/** A card behind it, half white and half black, as one holds one there: white solids show on the black, dark ones on the white. */
function Card({ shape, top }: { readonly shape: Shape; readonly top: number }) {
  const from = Math.max(shape.brim + 10, top - 34);
  const width = shape.half + 20;
  return (
    <g>
      <rect x={shape.middle - width} y={from} width={width} height={shape.foot - from + 12} fill="#fdfdfb" />
      <rect x={shape.middle} y={from} width={width} height={shape.foot - from + 12} fill="#262d35" />
    </g>
  );
}

/** A bung in the mouth. */
export function Bung({ kind }: { readonly kind: VesselView['kind'] }) {
  const { brim, mouth } = shapeOf(kind);
  return (
    <path
      d={`M${100 - mouth} ${brim - 12} H${100 + mouth} L${100 + mouth - 5} ${brim + 12} H${100 - mouth + 5}Z`}
      fill="#8b5a3c"
      stroke="#5d3a25"
      strokeWidth="2"
    />
  );
}

/** What a vessel shows, drawn; the words for it stand beside. */
export function VesselDrawing({
  view,
  small = false,
  led = false,
}: {
  readonly view: VesselView;
  readonly small?: boolean;
  /** The vessel its delivery tube leads to stands beside it, and the tube is drawn between them. */
  readonly led?: boolean;
}) {
  const id = useId();
  const shape = shapeOf(view.kind);
  const below = levelOf(view.kind, view.liquid?.mL ?? 0);
  const top = levelOf(view.kind, (view.liquid?.mL ?? 0) + (view.layer?.mL ?? 0));
  const ringAt = (below + shape.foot) / 2 + (shape.foot - below) * 0.12;
  const tint = Object.entries(view.gases).find(([gas, mL]) => gasTints[gas] && mL > 0.3);
  const turned = view.mouthDown ? `rotate(180 100 ${(shape.brim + shape.foot) / 2})` : undefined;
  return (
    <g {...(turned ? { transform: turned } : {})}>
      <defs>
        <clipPath id={id}>
          <path d={shape.inside} />
        </clipPath>
        <linearGradient id={`${id}g`} x1="0" x2="1" y1="0" y2="0">
          <stop offset="0" stopColor="#ffffff" stopOpacity="0.5" />
          <stop offset="0.18" stopColor="#ffffff" stopOpacity="0.08" />
          <stop offset="0.75" stopColor="#16233a" stopOpacity="0.02" />
          <stop offset="1" stopColor="#16233a" stopOpacity="0.16" />
        </linearGradient>
      </defs>
      {!small && view.liquid && <Card shape={shape} top={top} />}
      <path d={shape.inside} fill="#f7fafb" fillOpacity={small ? 0.75 : 0.22} />
      {view.filled !== null && (
        // Turned mouth down, the gas stands at its foot and the water below it, at the brim.
        <g clipPath={`url(#${id})`}>
          <rect
            x="0"
            y={shape.brim}
            width="200"
            height={(shape.foot - shape.brim) * (1 - view.filled)}
            fill="#9cc3d8"
            opacity="0.55"
          />
        </g>
      )}
      <g clipPath={`url(#${id})`}>
        {tint && (
          <rect
            x="0"
            y={shape.brim}
            width="200"
            height={top - shape.brim}
            fill={gasTints[tint[0]]}
            opacity={Math.min(0.6, tint[1] / 12)}
          />
        )}
        {view.liquid && (
          <>
            <rect
              x="0"
              y={below}
              width="200"
              height={shape.foot - below + 4}
              fill={view.liquid.name === 'colourless' ? '#c6dbe6' : view.liquid.srgb}
              opacity={view.liquid.name === 'colourless' ? (small ? 0.7 : 0.34) : 0.85}
            />
            <Solids view={view} shape={shape} top={below} />
            {view.layer && (
              <>
                <rect x="0" y={top} width="200" height={below - top} fill={view.layer.srgb} opacity="0.9" />
                <path d={`M0 ${below} H200`} stroke="#3c4f61" strokeOpacity="0.55" strokeWidth="1.2" />
              </>
            )}
            {view.ring !== null && (
              <>
                <rect
                  x="0"
                  y={ringAt}
                  width="200"
                  height={shape.foot - ringAt + 4}
                  fill="#e9edf0"
                  opacity="0.7"
                />
                <path d={`M0 ${ringAt} H200`} stroke="#5b7386" strokeOpacity="0.4" />
                {view.ring === 'brown' && (
                  <rect x="0" y={ringAt - 6} width="200" height="11" fill="#7a4318" opacity="0.88" rx="5" />
                )}
              </>
            )}
            <ellipse
              cx={shape.middle}
              cy={top}
              rx={shape.half}
              ry={Math.min(5, shape.half / 6)}
              fill="#ffffff"
              opacity="0.35"
            />
          </>
        )}
        <Pieces view={view} shape={shape} />
        {!small && view.liquid && <Bubbles view={view} shape={shape} top={below} />}
        <path d={shape.inside} fill={`url(#${id}g)`} />
      </g>
      <path d={shape.glass} fill="none" stroke="#5d7488" strokeWidth={small ? 5 : 3} strokeLinecap="round" />
      {!small && view.liquid && view.liquid.celsius >= 45 && (
        <g stroke="#aebdc9" strokeWidth="3" fill="none" strokeLinecap="round">
          {[-12, 4, 18].map((dx, i) => (
            <path
              key={dx}
              className="kx-waft"
              style={{ animationDelay: `${i * 0.7}s` }}
              d={`M${100 + dx} ${shape.brim - 6} q5 -8 0 -15 t0 -14`}
            />
          ))}
        </g>
      )}
      {view.stopper === 'bung' && <Bung kind={view.kind} />}
      {view.stopper === 'thumb' && (
        <path
          d={`M${100 + shape.mouth + 26} ${shape.brim - 44} Q${96 - shape.mouth} ${shape.brim - 30} ${94 - shape.mouth} ${shape.brim - 8} Q${100 - shape.mouth} ${shape.brim + 3} ${100 + shape.mouth} ${shape.brim} L${100 + shape.mouth + 44} ${shape.brim - 10}Z`}
          fill="#dcb89a"
          stroke="#a37b5c"
          strokeWidth="2"
        />
      )}
      {view.leadsTo !== null && !led && (
        <>
          <path
            d={`M100 ${shape.brim + 22} V14 H186 V60`}
            fill="none"
            stroke="#4a6174"
            strokeWidth="4"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
          <Bung kind={view.kind} />
        </>
      )}
      {view.label && (
        <g>
          <rect x="66" y={shape.brim + 26} width="68" height="24" rx="3" fill="#fffef4" stroke="#c9bf9b" />
          <text x="100" y={shape.brim + 43} fontSize="15" textAnchor="middle" fill="#16233a">
            {view.label.slice(0, 8)}
          </text>
        </g>
      )}
    </g>
  );
}
