/** How full each scarce station is, under the rota. */
import { Box } from '@chakra-ui/react';
import { ownBench, stationWords, type RotaProblem, type RotaSlot } from '@kivex/core';
import { labelWidth } from './rota-measures.js';

/** How many places of each scarce station are taken, minute by minute. */
export function Stations({
  problem,
  schedule,
  px,
  minutes,
}: {
  readonly problem: RotaProblem;
  readonly schedule: readonly RotaSlot[];
  readonly px: number;
  readonly minutes: number;
}) {
  const used = [...new Set(problem.tasks.map((t) => t.station))].filter((s) => s !== ownBench);
  return (
    <>
      {used.map((station) => {
        const tasks = new Set(problem.tasks.filter((t) => t.station === station).map((t) => t.id));
        const slots = schedule.filter((s) => tasks.has(s.task));
        const places = problem.stations[station]!;
        return (
          <Box
            key={station}
            display="flex"
            alignItems="stretch"
            borderTop="1px solid"
            borderColor="slate.200"
            minH="7"
            height="28px"
          >
            <Box
              width={`${labelWidth}px`}
              flex="none"
              fontSize="xs"
              color="ink.soft"
              lineHeight="1.1"
              alignSelf="center"
              position="sticky"
              left="0"
              bg="porcelain"
              zIndex={3}
            >
              {stationWords[station] ?? station} ({places})
            </Box>
            <Box
              position="relative"
              style={{ width: minutes * px }}
              role="img"
              aria-label={`${stationWords[station] ?? station}: places taken over the lesson`}
            >
              {Array.from({ length: minutes }, (_, m) => {
                const n = slots.filter((s) => s.start <= m && m < s.end).length;
                return n ? (
                  <Box
                    key={m}
                    position="absolute"
                    bottom="0"
                    bg={n > places ? 'cinnabar' : n === places ? 'slate.500' : 'slate.300'}
                    style={{
                      left: m * px,
                      width: px,
                      height: `${Math.min(1, n / Math.max(1, places)) * 24}px`,
                    }}
                  />
                ) : null;
              })}
            </Box>
          </Box>
        );
      })}
    </>
  );
}
