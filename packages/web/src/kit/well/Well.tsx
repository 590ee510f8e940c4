/**
 * The well: the one small drawing of a result, the same in every face of Kivex. It is decoration for
 * the eye; the word beside it carries the meaning, so it is hidden from screen readers unless named.
 */
import type { PlainLook, WellLook, WellPattern } from '@kivex/core';
import { useId, type ReactNode } from 'react';

export interface WellProps {
  readonly look: WellLook;
  /** Pixels across. */
  readonly size?: number;
  readonly chosen?: boolean;
  readonly doubtful?: boolean;
  /** Seen through the blue glass. */
  readonly glass?: boolean;
  /** A correction stands beside it. */
  readonly corrected?: boolean;
  /** How often it was seen, when more than once. */
  readonly times?: number;
  /** Plain entries that say different things. */
  readonly differs?: boolean;
  /** A sign for what else is so of it: weak, taken from another sample, no time. */
  readonly note?: '~' | '≈' | '–' | undefined;
  /** A name for screen readers, where no word stands beside it. */
  readonly name?: string;
}

const strokes: Readonly<Record<WellPattern, ReactNode>> = {
  plain: null,
  bars: <path d="M0 5H10" />,
  uprights: <path d="M5 0V10" />,
  diamonds: <path d="M5 1.5L8.5 5L5 8.5L1.5 5Z" fill="none" />,
  chevrons: <path d="M1 7L5 3L9 7" fill="none" />,
  specks: <path d="M2 2.5H3.5M6.5 7.5H8" />,
  dots: <circle cx="5" cy="5" r="1.1" fill="#fff" stroke="none" />,
  rising: <path d="M0 10L10 0" />,
  falling: <path d="M0 0L10 10" />,
  grid: <path d="M0 5H10M5 0V10" />,
  waves: <path d="M0 5Q2.5 1 5 5T10 5" fill="none" />,
  rings: <circle cx="5" cy="5" r="2.6" fill="none" />,
  dashes: <path d="M2 5H7" />,
  crosses: <path d="M3 3L7 7M7 3L3 7" />,
};

/** The pattern of a colour over liquids and solids, in ink so that it shows on pale ones. */
function Weave({ pattern, id }: { pattern: WellPattern; id: string }) {
  return (
    <pattern
      id={id}
      width="10"
      height="10"
      patternUnits="userSpaceOnUse"
      patternTransform="scale(1.25)"
      stroke="#16233a"
      strokeWidth="1.1"
      strokeOpacity="0.42"
      fillOpacity="0"
    >
      {strokes[pattern]}
    </pattern>
  );
}

/** Two lobes with a cleft between them: the well's flame. */
const flamePath =
  'M50 86C31 86 21 74 21 60C21 47 31 40 35 23C40 31 43 37 45 45C48 34 53 25 61 15C61 29 67 35 72 42C76 48 79 53 79 61C79 76 68 86 50 86Z';
const cleftPath = 'M50 86C43 78 42 68 50 55C58 68 57 78 50 86Z';

/** At this size, in pixels, and above it thin lines are seen; below it they are drawn stronger, for a white solid is nothing else. */
const thinFrom = 44;

function Inside({
  look,
  id,
  glass,
  size,
}: {
  readonly look: PlainLook;
  readonly id: string;
  readonly glass: boolean;
  readonly size: number;
}) {
  const line = size < thinFrom ? { strokeWidth: 4, strokeOpacity: 0.5 } : undefined;
  switch (look.kind) {
    case 'empty':
      return (
        <circle
          cx="50"
          cy="50"
          r="27"
          fill="none"
          stroke="var(--chakra-colors-slate-300)"
          strokeWidth="3"
          strokeDasharray="6 7"
        />
      );
    case 'nothing':
      return (
        <g stroke="var(--chakra-colors-slate-500)" strokeWidth="5" strokeLinecap="round" fill="none">
          <circle cx="50" cy="50" r="24" strokeWidth="3" />
          <path d="M38 50H62" />
        </g>
      );
    case 'written':
      return (
        <path
          d="M28 38Q34 30 40 38T52 38T64 38T74 36M28 52Q34 44 40 52T52 52T64 52T74 50M28 66Q34 58 40 66T52 66"
          fill="none"
          stroke="var(--chakra-colors-slate-500)"
          strokeWidth="4"
          strokeLinecap="round"
        />
      );
    case 'number':
      return (
        <text
          x="50"
          y="50"
          textAnchor="middle"
          dominantBaseline="central"
          fontSize={look.text.length > 3 ? 26 : 34}
          fontWeight="700"
          fill="var(--chakra-colors-ink)"
        >
          {look.text}
        </text>
      );
    case 'flame':
      return (
        <g>
          <pattern
            id={`${id}-p`}
            width="10"
            height="10"
            patternUnits="userSpaceOnUse"
            stroke="#fff"
            strokeWidth="1.5"
            strokeOpacity="0.75"
            fillOpacity="0.85"
          >
            {strokes[look.pattern]}
          </pattern>
          <path d={flamePath} fill={look.colour} stroke="#16233a" strokeOpacity="0.45" strokeWidth="1.5" />
          <path d={flamePath} fill={`url(#${id}-p)`} />
          <path d={cleftPath} fill={glass ? '#c8d4ff' : '#f4f9ff'} fillOpacity="0.9" />
        </g>
      );
    case 'solution':
      return (
        <g>
          <Weave pattern={look.pattern} id={`${id}-w`} />
          <circle
            cx="50"
            cy="50"
            r="36"
            fill={look.colour}
            fillOpacity="0.85"
            stroke="#16233a"
            strokeOpacity="0.25"
            {...line}
          />
          <circle cx="50" cy="50" r="36" fill={`url(#${id}-w)`} />
        </g>
      );
    case 'precipitate':
      return (
        <g>
          <pattern id={`${id}-s`} width="9" height="9" patternUnits="userSpaceOnUse">
            <circle cx="2.5" cy="2.5" r="1.5" fill="#16233a" fillOpacity="0.4" />
            <circle cx="7" cy="7" r="1.1" fill="#16233a" fillOpacity="0.3" />
          </pattern>
          <Weave pattern={look.pattern} id={`${id}-w`} />
          <circle cx="50" cy="50" r="36" fill={look.solution} fillOpacity="0.6" />
          <path
            d="M15 56Q32 50 50 56T85 56A36 36 0 0 1 15 56Z"
            fill={look.colour}
            stroke="#16233a"
            strokeOpacity="0.35"
            {...line}
          />
          <path d="M15 56Q32 50 50 56T85 56A36 36 0 0 1 15 56Z" fill={`url(#${id}-s)`} />
          <path d="M15 56Q32 50 50 56T85 56A36 36 0 0 1 15 56Z" fill={`url(#${id}-w)`} />
        </g>
      );
    case 'effervescence': {
      const rings = {
        slow: [[50, 62, 6]],
        steady: [
          [42, 68, 6],
          [58, 54, 7],
          [47, 38, 5],
        ],
        vigorous: [
          [36, 70, 6],
          [50, 62, 7],
          [65, 68, 5],
          [41, 50, 6],
          [60, 46, 7],
          [49, 33, 6],
          [36, 33, 4],
          [66, 28, 4],
        ],
      }[look.rate] as [number, number, number][];
      return (
        <g fill="none" stroke="var(--chakra-colors-ink)" strokeWidth="3">
          {rings.map(([x, y, r]) => (
            <circle key={`${x}-${y}`} cx={x} cy={y} r={r} />
          ))}
        </g>
      );
    }
  }
}

/** Draws one result. */
export function Well({
  look,
  size = 48,
  chosen = false,
  doubtful = false,
  glass = false,
  corrected = false,
  times = 1,
  differs = false,
  note,
  name,
}: WellProps) {
  const id = `w${useId().replace(/[^a-zA-Z0-9]/g, '')}`;
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 100 100"
      style={{ flex: 'none', display: 'block', overflow: 'visible' }}
      {...(name ? { role: 'img', 'aria-label': name } : { 'aria-hidden': true })}
    >
      <radialGradient id={`${id}-g`} cx="0.4" cy="0.32" r="0.75">
        <stop offset="0" stopColor="#ffffff" />
        <stop offset="0.72" stopColor="#f6f9fb" />
        <stop offset="1" stopColor="#d9e2e9" />
      </radialGradient>
      <circle
        cx="50"
        cy="50"
        r="46"
        fill={`url(#${id}-g)`}
        stroke={chosen ? 'var(--chakra-colors-permanganate)' : 'var(--chakra-colors-slate-300)'}
        strokeWidth={chosen ? 7 : 3}
        strokeDasharray={doubtful ? '10 7' : undefined}
      />
      <g opacity={corrected ? 0.45 : 1}>
        {look.kind === 'split' ? (
          <>
            <clipPath id={`${id}-l`}>
              <rect x="0" y="0" width="49" height="100" />
            </clipPath>
            <clipPath id={`${id}-r`}>
              <rect x="51" y="0" width="49" height="100" />
            </clipPath>
            <g clipPath={`url(#${id}-l)`}>
              <Inside look={look.before} id={`${id}a`} glass={glass} size={size} />
            </g>
            <g clipPath={`url(#${id}-r)`}>
              <Inside look={look.after} id={`${id}b`} glass={glass} size={size} />
            </g>
            <path d="M50 6V94" stroke="var(--chakra-colors-slate-500)" strokeWidth="2" />
          </>
        ) : (
          <Inside look={look} id={id} glass={glass} size={size} />
        )}
      </g>
      {glass && (
        <g>
          <rect
            x="4"
            y="66"
            width="92"
            height="15"
            fill="#2346b8"
            fillOpacity="0.3"
            stroke="#2346b8"
            strokeOpacity="0.85"
            strokeWidth="2.5"
            rx="3"
          />
        </g>
      )}
      {corrected && (
        <path d="M16 84L84 16" stroke="var(--chakra-colors-ink)" strokeWidth="5" strokeLinecap="round" />
      )}
      {differs ? (
        <Corner sign="≠" colour="saffron" />
      ) : doubtful ? (
        <Corner sign="?" colour="saffron" />
      ) : (
        note && <Corner sign={note} colour="ink" />
      )}
      {times > 1 && (
        <g>
          <rect x="60" y="76" width="40" height="24" rx="12" fill="var(--chakra-colors-ink)" />
          <text
            x="80"
            y="94"
            textAnchor="middle"
            fontSize="18"
            fontWeight="700"
            fill="var(--chakra-colors-porcelain)"
          >
            ×{times}
          </text>
        </g>
      )}
      {chosen && (
        <g>
          <circle cx="18" cy="18" r="16" fill="var(--chakra-colors-permanganate)" />
          <path
            d="M10 18L16 24L27 12"
            fill="none"
            stroke="#fff"
            strokeWidth="4.5"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        </g>
      )}
    </svg>
  );
}

/** A sign in the upper corner of a well. */
function Corner({ sign, colour }: { readonly sign: string; readonly colour: 'saffron' | 'ink' }) {
  const line = `var(--chakra-colors-${colour})`;
  return (
    <g>
      <circle
        cx="82"
        cy="18"
        r="18"
        fill={`var(--chakra-colors-${colour === 'ink' ? 'porcelain' : 'saffron-wash'})`}
        stroke={line}
        strokeWidth="3"
      />
      <text x="82" y="28" textAnchor="middle" fontSize="32" fontWeight="700" fill={line}>
        {sign}
      </text>
    </g>
  );
}
