/** The burner in a dimmed place, what is held in it, and the colour it gives; a blue glass before it if one looks through one. */
import { drawnAs, type FlameColourSeen } from './flame-course.js';

export interface FlameDrawingProps {
  readonly airHoleOpen: boolean;
  /** What is held in the flame, if anything is. */
  readonly tool: 'wire' | 'splint' | 'swab' | 'glass-rod' | undefined;
  readonly charred: boolean;
  /** The colour it gives now; undefined while nothing shines. */
  readonly colour: FlameColourSeen | undefined;
  readonly glass: boolean;
  readonly where: 'inner-cone-tip' | 'edge' | 'inside-cone' | 'base';
}
const holdAt = {
  'inner-cone-tip': [158, 168],
  edge: [134, 150],
  'inside-cone': [158, 208],
  base: [146, 228],
} as const;

export function FlameDrawing({ airHoleOpen, tool, charred, colour, glass, where }: FlameDrawingProps) {
  const [x, y] = holdAt[where];
  const shines = colour !== undefined && colour.name !== 'none';
  const drawn = shines ? drawnAs(colour, glass) : undefined;
  const plume = drawn?.outer ?? (airHoleOpen ? '#5f7fd6' : '#ffb13d');
  return (
    <g>
      <defs>
        <radialGradient id="kx-glow">
          <stop offset="0" stopColor={plume} stopOpacity={shines || !airHoleOpen ? 0.7 : 0.25} />
          <stop offset="1" stopColor={plume} stopOpacity="0" />
        </radialGradient>
        <linearGradient id="kx-cone" x1="0" y1="1" x2="0" y2="0">
          <stop
            offset="0"
            stopColor={airHoleOpen ? '#3c63d8' : '#ffb13d'}
            stopOpacity={airHoleOpen ? 0.75 : 0.95}
          />
          <stop
            offset="0.55"
            stopColor={airHoleOpen ? '#6f8ff0' : '#ffc861'}
            stopOpacity={airHoleOpen ? 0.4 : 0.9}
          />
          <stop
            offset="1"
            stopColor={airHoleOpen ? '#8aa5ff' : '#ffe0a0'}
            stopOpacity={airHoleOpen ? 0.08 : 0.5}
          />
        </linearGradient>
        <linearGradient id="kx-plume" x1="0" y1="1" x2="0" y2="0">
          <stop offset="0" stopColor={plume} stopOpacity="0.95" />
          <stop offset="0.6" stopColor={plume} stopOpacity="0.75" />
          <stop offset="1" stopColor={plume} stopOpacity="0" />
        </linearGradient>
        <linearGradient id="kx-hot" x1="0" y1="1" x2="0" y2="0">
          <stop offset="0" stopColor={drawn?.inner ?? plume} stopOpacity="0.75" />
          <stop offset="1" stopColor={drawn?.inner ?? plume} stopOpacity="0" />
        </linearGradient>
      </defs>
      {!glass && <circle cx={x} cy={y - 40} r="130" fill="url(#kx-glow)" />}
      {/* The flame and its inner cone. */}
      <g className="kx-flame">
        <path d="M160 240 C118 210 136 120 160 46 C184 120 202 210 160 240Z" fill="url(#kx-cone)" />
        {airHoleOpen && (
          <path
            d="M160 240 C142 224 152 190 160 168 C168 190 178 224 160 240Z"
            fill="#a9c4ff"
            opacity="0.8"
          />
        )}
      </g>
      {shines && (
        <g className="kx-flame">
          <path
            d={`M${x} ${y + 10} C${x - 40} ${y - 8} ${x - 26} ${y - 74} ${x + 2} ${y - 138} C${x + 30} ${y - 74} ${x + 38} ${y - 8} ${x} ${y + 10}Z`}
            fill="url(#kx-plume)"
          />
          <path
            d={`M${x} ${y + 6} C${x - 18} ${y - 6} ${x - 12} ${y - 44} ${x + 1} ${y - 84} C${x + 14} ${y - 44} ${x + 18} ${y - 6} ${x} ${y + 6}Z`}
            fill="url(#kx-hot)"
          />
        </g>
      )}
      {/* The burner. */}
      <g fill="#9aa7b3" stroke="#5d6b79" strokeWidth="2">
        <rect x="149" y="240" width="22" height="70" rx="2" />
        <path d="M118 326 L132 310 H188 L202 326Z" />
        <path d="M128 318 H92" fill="none" strokeWidth="7" />
      </g>
      <circle cx="160" cy="286" r="5.5" fill={airHoleOpen ? '#10161d' : '#8592a0'} stroke="#5d6b79" />
      {tool && (
        <g strokeLinecap="round">
          {tool === 'wire' && (
            <>
              <path d={`M${x + 4} ${y} L262 ${y - 4}`} stroke="#c7ccd1" strokeWidth="2.5" />
              <circle cx={x} cy={y} r="6" fill="none" stroke="#e7b074" strokeWidth="2.6" />
              <path d={`M262 ${y - 4} L316 ${y - 6}`} stroke="#7b4a2f" strokeWidth="11" />
            </>
          )}
          {tool === 'glass-rod' && (
            <path d={`M${x} ${y} L316 ${y - 6}`} stroke="#cfe0e6" strokeWidth="8" opacity="0.85" />
          )}
          {(tool === 'splint' || tool === 'swab') && (
            <>
              <path d={`M${x} ${y} L316 ${y - 6}`} stroke="#c8a165" strokeWidth="7" />
              {tool === 'swab' && (
                <ellipse cx={x + 8} cy={y} rx="18" ry="9" fill={charred ? '#5b4a3e' : '#f0ece2'} />
              )}
              {charred && tool === 'splint' && (
                <path d={`M${x} ${y} L${x + 30} ${y - 1}`} stroke="#2e2622" strokeWidth="7" />
              )}
            </>
          )}
        </g>
      )}
      {glass && (
        <g>
          <rect
            x="84"
            y="24"
            width="156"
            height="196"
            rx="6"
            fill="#1b2a86"
            opacity="0.62"
            stroke="#0c144d"
            strokeWidth="5"
          />
          {shines && (
            <path
              d={`M${x} ${y + 10} C${x - 40} ${y - 8} ${x - 26} ${y - 74} ${x + 2} ${y - 138} C${x + 30} ${y - 74} ${x + 38} ${y - 8} ${x} ${y + 10}Z`}
              fill={plume}
              opacity="0.85"
            />
          )}
        </g>
      )}
    </g>
  );
}
