/** What one looks at: the vessel or the flame large, all vessels small beneath, and the same in words. */
import { Box, chakra } from '@chakra-ui/react';
import type { ActionOf, VesselView } from '@kivex/core';
import { useEffect, useState } from 'react';
import { OnOff } from '../../kit/OnOff.js';
import { useScreenBench } from '../screen-bench.js';
import { Apparatus } from './Apparatus.js';
import { courseAt, drawnAs, shownFor_s, type FlameColourSeen } from './flame-course.js';
import { FlameDrawing } from './FlameDrawing.js';
import { shapeOf } from './geometry.js';
import { Motion } from './Motion.js';
import { HeldDrawing } from './HeldDrawing.js';
import { VesselDrawing } from './VesselDrawing.js';

export function Stage({ still }: { readonly still: boolean }) {
  const station = useScreenBench((s) => s.station);
  return (
    <Box {...(still ? { 'data-still': '' } : {})} display="flex" flexDirection="column" minH="0">
      <Motion />
      {station === 'flame' ? <FlameStage still={still} /> : <TubeStage />}
      <Words />
    </Box>
  );
}

const picture = { width: '100%', height: '100%', display: 'block' } as const;
/** High enough to see, low enough that what one does stays in view on a phone. */
const stageHeight = { base: '15rem', md: '20rem', lg: '25rem', xl: '27rem' } as const;

function TubeStage() {
  const { vessels, chosen, before, choose, actions, seen } = useScreenBench();
  const [pair, setPair] = useState(false);
  const view = vessels.find((v) => v.vessel === chosen);
  const led = view?.leadsTo ? vessels.find((v) => v.vessel === view.leadsTo) : undefined;
  const beside = pair && !led ? vessels.find((v) => v.vessel === before) : undefined;
  const last = actions.at(-1);
  const held = last?.do === 'hold' ? last : undefined;
  const dropping = last?.do === 'add' || (last?.do === 'take' && view?.liquid);
  const words = seen.at(-1)?.text ?? '';
  return (
    <>
      <Box
        height={stageHeight}
        borderRadius="glaze"
        bg="linear-gradient(180deg, #eef3f6 0%, #e3ebf0 70%, #cfdae2 70.2%, #d9e2e9 100%)"
        position="relative"
        overflow="hidden"
      >
        {view ? (
          <svg
            viewBox={led || beside ? '0 -34 400 344' : '0 -34 200 344'}
            style={picture}
            role="img"
            aria-label={`${view.vessel}. ${words}${beside ? ` Beside it ${beside.vessel}. ${beside.text}` : ''}`}
          >
            {led ? <Apparatus view={view} led={led} /> : <VesselDrawing view={held ? lifted(view) : view} />}
            {beside && (
              <g transform="translate(170 0)">
                <VesselDrawing view={beside} />
              </g>
            )}
            {beside && (
              <g fontSize="15" textAnchor="middle" fill="#16233a">
                <text x="100" y="306">
                  {nameOf(view)}
                </text>
                <text x="270" y="306">
                  {nameOf(beside)}
                </text>
              </g>
            )}
            {held && (
              <HeldDrawing
                action={held as ActionOf<'hold'>}
                seen={seen.at(-1)!.seen}
                brim={shapeOf(view.kind).brim}
              />
            )}
            {dropping && (
              <g key={seen.length} fill={view.liquid?.srgb ?? '#dfe8ec'} stroke="#5b7386" strokeWidth="1">
                <path
                  className="kx-dropfall"
                  style={{ '--kx-down': '120px' } as React.CSSProperties}
                  d={`M100 ${shapeOf(view.kind).brim - 26} c-6 9 -5 14 0 14 c5 0 6 -5 0 -14Z`}
                  opacity="0"
                />
              </g>
            )}
          </svg>
        ) : (
          <Box display="grid" placeItems="center" height="100%" color="ink.soft" p="4" textAlign="center">
            The bench is empty. Take some of the unknown to begin.
          </Box>
        )}
      </Box>
      {vessels.length > 1 && (
        <Box role="group" aria-label="On the bench" display="flex" gap="2" mt="2" overflowX="auto" py="1">
          {vessels.map((v) => (
            <chakra.button
              key={v.vessel}
              type="button"
              onClick={() => choose(v.vessel)}
              aria-pressed={v.vessel === chosen}
              minW="14"
              minH="12"
              px="2"
              py="1"
              borderRadius="tile"
              border="2px solid"
              borderColor={v.vessel === chosen ? 'permanganate' : 'slate.200'}
              bg="porcelain"
              cursor="pointer"
              fontSize="sm"
              _focusVisible={{ outline: '3px solid', outlineColor: 'permanganate' }}
            >
              <svg
                viewBox="0 0 200 300"
                width="44"
                height="62"
                aria-hidden
                style={{ display: 'block', margin: '0 auto' }}
              >
                <VesselDrawing view={v} small />
              </svg>
              {nameOf(v)}
            </chakra.button>
          ))}
          <Box alignSelf="center">
            <OnOff pressed={pair} onPressedChange={setPair}>
              Two side by side
            </OnOff>
          </Box>
        </Box>
      )}
    </>
  );
}

const nameOf = (view: VesselView): string => view.label ?? view.vessel;

/** A jar is taken out of the trough and turned to be tested. */
const lifted = (view: VesselView): VesselView => ({ ...view, mouthDown: false, filled: null });

function FlameStage({ still }: { readonly still: boolean }) {
  const { flames, actions, seen } = useScreenBench();
  const lastFlame = actions.findLastIndex((a) => a.do === 'flame');
  const since = actions.slice(lastFlame + 1).some((a) => a.do === 'dip' || a.do === 'clean');
  const action = lastFlame >= 0 && !since ? (actions[lastFlame] as ActionOf<'flame'>) : undefined;
  const shown = action ? seen[lastFlame]?.flame : undefined;
  const tool = flames.tools.findLast((t) => t.id === (action?.tool ?? flames.tools.at(-1)?.id));
  const colour = useCourse(shown, action?.seconds ?? 1, still, lastFlame);
  const words = seen.at(-1)?.text ?? '';
  return (
    <Box height={stageHeight} borderRadius="glaze" bg="#141a22" position="relative" overflow="hidden">
      <svg viewBox="0 0 320 334" style={picture} role="img" aria-label={`The burner. ${words}`}>
        <FlameDrawing
          airHoleOpen={flames.airHoleOpen}
          tool={action ? (tool?.kind as never) : undefined}
          charred={tool?.charred ?? false}
          colour={colour}
          glass={action?.glass ?? false}
          where={action?.where ?? 'inner-cone-tip'}
        />
      </svg>
      {shown && shown.moments.length > 1 && (
        <Box
          position="absolute"
          bottom="2"
          insetX="2"
          display="flex"
          gap="1"
          justifyContent="center"
          flexWrap="wrap"
          aria-hidden
        >
          {shown.moments.map((m) => (
            <Box
              key={m.at_s}
              display="flex"
              gap="1"
              alignItems="center"
              bg="#0b0f14cc"
              color="#e8eef3"
              borderRadius="tile"
              px="2"
              fontSize="xs"
            >
              <Box
                width="0.8rem"
                height="0.8rem"
                borderRadius="50%"
                bg={m.name === 'none' ? '#3c63d8' : drawnAs(m, action?.glass ?? false).outer}
                border="1px solid #ffffff66"
              />{' '}
              {m.at_s} s
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** The colour moment by moment while a holding is shown; at once at its end in the still mode. */
function useCourse(
  shown:
    | { readonly srgb: string; readonly moments: readonly { at_s: number; srgb: string; name: string }[] }
    | undefined,
  seconds: number,
  still: boolean,
  turn: number,
): FlameColourSeen | undefined {
  const [colour, setColour] = useState<FlameColourSeen>();
  useEffect(() => {
    if (!shown) {
      setColour(undefined);
      return;
    }
    const calm = still || matchMedia('(prefers-reduced-motion: reduce)').matches;
    if (calm) {
      setColour(shown.moments.at(-1));
      return;
    }
    const lasts = shownFor_s(seconds) * 1000;
    const began = performance.now();
    let frame = 0;
    const step = (now: number) => {
      const share = Math.min(1, (now - began) / lasts);
      setColour(courseAt(shown.moments as never, share * seconds));
      if (share < 1) frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
    // A new holding begins anew, though it may show the same.
  }, [shown, seconds, turn, still]);
  return colour;
}

/** What is to be seen, in words, told as it changes; hazards as they come. */
function Words() {
  const { seen, problem } = useScreenBench();
  const last = seen.at(-1);
  // What happens is seen as it happens; what was unwise is told in looking back.
  const hazards = last?.hazards.filter((h) => h.code === 'spits' || h.code === 'bang') ?? [];
  return (
    <Box role="status" aria-live="polite" minH="12" mt="2" px="1" fontSize="lg">
      {problem ? <chakra.span color="cinnabar">{problem}</chakra.span> : (last?.text ?? '')}
      {!problem &&
        hazards.map((h) => (
          <chakra.span key={h.code} display="block" color="cinnabar" fontSize="md">
            {h.text}
          </chakra.span>
        ))}
    </Box>
  );
}
