/** What is held at the mouth of a tube, and how it looks now. */
import type { ActionOf, Seen } from '@kivex/core';

interface HeldProps {
  readonly action: ActionOf<'hold'>;
  readonly seen: Seen['seen'];
  /** y of the brim. */
  readonly brim: number;
}
const paper = { red: '#d98b93', blue: '#7a90cc', white: '#f5f3ee', grey: '#dcd6c8' } as const;

function paperColours({ what }: ActionOf<'hold'>, seen: Seen['seen']): readonly [string, string] {
  const { litmus } = seen;
  const own = what === 'red-litmus' ? paper.red : paper.blue;
  if (what === 'red-litmus' || what === 'blue-litmus') {
    if (litmus === 'blue') return [own, paper.blue];
    if (litmus === 'red') return [own, paper.red];
    if (litmus === 'bleached') return [own, paper.white];
    if (litmus === 'red-then-bleached') return [paper.red, paper.white];
    return [own, own];
  }
  if (what === 'manganate-paper')
    return seen['solution'] === 'colourless' ? ['#8a3f9e', '#f2edf2'] : ['#8a3f9e', '#8a3f9e'];
  if (what === 'starch-iodide-paper')
    return seen['colour'] === 'blue-black' ? [paper.white, '#20203e'] : [paper.white, paper.white];
  if (what === 'cobalt-chloride-paper')
    return seen['colour'] === 'pink' ? ['#6f93cf', '#e3a3b5'] : ['#6f93cf', '#6f93cf'];
  return [paper.grey, paper.grey];
}

function Splint({ lit, seen, brim }: { lit: boolean; seen: Seen['seen']; brim: number }) {
  const result = seen['splint'];
  const [x, y] = [108, brim - 2];
  const flame = (size: number, colour = '#f3b73f') => (
    <path
      className="kx-flame"
      d={`M${x} ${y} C${x - 9 * size} ${y - 10 * size} ${x - 3 * size} ${y - 20 * size} ${x} ${y - 32 * size} C${x + 4 * size} ${y - 20 * size} ${x + 9 * size} ${y - 10 * size} ${x} ${y}Z`}
      fill={colour}
      stroke="#d9822b"
    />
  );
  const burns = lit ? result !== 'goes-out' : result === 'relights';
  return (
    <>
      <path d={`M${x} ${y} L176 ${y - 46}`} stroke="#c8a165" strokeWidth="7" strokeLinecap="round" />
      <path d={`M${x} ${y} L${x + 13} ${y - 9}`} stroke="#2e2622" strokeWidth="7" strokeLinecap="round" />
      {result === 'squeaky-pop' && (
        <g stroke="#e0982f" strokeWidth="4" strokeLinecap="round">
          {[0, 45, 90, 135, 180, 225, 270, 315].map((a) => (
            <path
              key={a}
              d={`M${x + 22 * Math.cos((a * Math.PI) / 180)} ${y - 6 + 18 * Math.sin((a * Math.PI) / 180)} l${10 * Math.cos((a * Math.PI) / 180)} ${8 * Math.sin((a * Math.PI) / 180)}`}
            />
          ))}
        </g>
      )}
      {burns &&
        flame(
          result === 'brighter' || result === 'relights' ? 1.35 : 1,
          result === 'brighter' || result === 'relights' ? '#ffd76a' : '#f3b73f',
        )}
      {!lit && result === 'no-change' && <circle cx={x + 2} cy={y - 1} r="5" fill="#e2562b" />}
      {!burns && result !== 'no-change' && result !== 'squeaky-pop' && (
        <path
          className="kx-waft"
          d={`M${x} ${y - 6} q6 -9 0 -17 t0 -16`}
          stroke="#8a949e"
          strokeWidth="3"
          fill="none"
        />
      )}
    </>
  );
}

export function HeldDrawing({ action, seen, brim }: HeldProps) {
  const where = action.where ?? 'mouth';
  const dy = where === 'mouth' ? -34 : where === 'rim' ? -16 : where === 'inside' ? 26 : 90;
  switch (action.what) {
    case 'lit-splint':
    case 'glowing-splint':
      return (
        <Splint lit={action.what === 'lit-splint'} seen={seen} brim={brim + (where === 'inside' ? 20 : 0)} />
      );
    case 'hcl-rod':
    case 'ammonia-rod':
      return (
        <>
          <path
            d={`M104 ${brim - 8} L170 ${brim - 60}`}
            stroke="#b9ccd6"
            strokeWidth="7"
            strokeLinecap="round"
          />
          <circle cx="104" cy={brim - 6} r="5" fill="#dfeef2" stroke="#9fb6c2" />
          {seen['fumes'] === 'white' && (
            <g fill="#ffffff" stroke="#c9d3da" opacity="0.95">
              {[
                [84, -12, 15],
                [104, -26, 19],
                [124, -12, 14],
                [98, -4, 13],
              ].map(([x, y, r]) => (
                <circle key={x} cx={x} cy={brim + y!} r={r} />
              ))}
            </g>
          )}
        </>
      );
    case 'limewater-drop':
      return (
        <>
          <path
            d={`M104 ${brim - 8} L170 ${brim - 60}`}
            stroke="#b9ccd6"
            strokeWidth="7"
            strokeLinecap="round"
          />
          <circle
            cx="104"
            cy={brim - 4}
            r="8"
            fill={seen['limewater'] === 'cloudy' ? '#ffffff' : '#e8f2f5'}
            stroke="#9fb6c2"
          />
        </>
      );
    case 'thermometer':
      return (
        <path d={`M118 ${brim - 60} V${brim + 150}`} stroke="#c9d7de" strokeWidth="6" strokeLinecap="round" />
      );
    case 'nose':
      return null;
    case 'anhydrous-copper-sulfate':
      return (
        <g>
          <path d="M132 250 Q160 270 188 250" fill="none" stroke="#4a6174" strokeWidth="3" />
          <path
            d="M140 252 Q160 236 180 252Z"
            fill={seen['colour'] === 'blue' ? '#3f7fd0' : '#f4f4f0'}
            stroke="#aebdc9"
          />
        </g>
      );
    default: {
      const [before, now] = paperColours(action, seen);
      return (
        <g transform={`translate(98 ${brim + dy}) rotate(14)`}>
          <rect x="0" y="-28" width="17" height="56" rx="2" fill={before} stroke="#00000033" />
          <rect x="0" y="0" width="17" height="28" rx="2" fill={now} />
          {action.damp && <rect x="0" y="0" width="17" height="28" rx="2" fill="#ffffff" opacity="0.18" />}
        </g>
      );
    }
  }
}
