/** The waits that run at this bench, in sight wherever one is; over, they ring until somebody puts them away. */
import { Box, chakra } from '@chakra-ui/react';
import type { OpenTimer, StudentBody } from '@kivex/core';
import { AlarmClock } from 'lucide-react';
import { useEffect } from 'react';
import { Button } from '../kit/Button.js';
import { useNow } from '../kit/use-now.js';
import { clockOf, secondsLeft, useTimers, type BenchTimer } from './timers.js';

/** Seconds a wait is lengthened by at one press. */
const more = 60;

/** Three short tones and a shake, where the device can; a page nobody has touched yet may not sound. */
function ring(): void {
  try {
    navigator.vibrate?.([200, 100, 200]);
    const sound = new AudioContext();
    for (const at of [0, 0.25, 0.5]) {
      const tone = sound.createOscillator();
      tone.frequency.value = 880;
      tone.connect(sound.destination);
      tone.start(sound.currentTime + at);
      tone.stop(sound.currentTime + at + 0.15);
    }
    setTimeout(() => void sound.close(), 1500);
  } catch {
    // Seen, if not heard.
  }
}

interface TimerStripProps {
  readonly lesson: string;
  /** As the log has them: bench and board lengthen them there. */
  readonly timers: readonly OpenTimer[];
  readonly log: (body: StudentBody) => Promise<string>;
}

export function TimerStrip({ lesson, timers: told, log }: TimerStripProps) {
  const now = useNow(500);
  const { timers, begin, longer, end } = useTimers();
  const mine = timers.filter((t) => t.lesson === lesson);
  const leftOf = (t: BenchTimer) => secondsLeft(t, now, told.find((o) => o.id === t.event)?.longer);
  const over = mine.filter((t) => leftOf(t) === 0).map((t) => t.id);
  const putAway = (t: BenchTimer) => {
    end(t.id);
    if (t.event) void log({ type: 'timer-over', timer: t.event });
  };
  const lengthen = (t: BenchTimer) => {
    if (!t.event) longer(t.id, more);
    else if (leftOf(t) > 0) void log({ type: 'timer-longer', timer: t.event, seconds: more });
    else {
      // Over already: what is added to it would be over too.
      void log({ type: 'timer-over', timer: t.event });
      void log({ type: 'timer', label: t.label, seconds: more }).then((id) =>
        begin(lesson, t.label, more, undefined, id),
      );
    }
  };
  const rings = over.join('\n');
  useEffect(() => {
    if (rings) ring();
  }, [rings]);
  if (!mine.length) return null;
  return (
    <Box role="group" aria-label="Timers" display="flex" flexDirection="column" gap="2">
      {mine.map((timer) => {
        const left = leftOf(timer);
        return (
          <Box
            key={timer.id}
            display="flex"
            alignItems="center"
            gap="2"
            flexWrap="wrap"
            bg={left ? 'porcelain' : 'saffron.wash'}
            color={left ? 'ink' : 'saffron'}
            border="1px solid"
            borderColor={left ? 'slate.300' : 'saffron.line'}
            borderRadius="tile"
            ps="3"
            pe="1"
            py="1"
          >
            <AlarmClock size={22} aria-hidden />
            <chakra.span role={left ? 'timer' : 'alert'} flex="1" fontWeight="600" minW="8rem">
              {timer.label}:{' '}
              {left ? <chakra.span fontFamily="mono">{clockOf(left)}</chakra.span> : 'time is up, look now'}
            </chakra.span>
            <Button
              size="bench"
              minH="12"
              px="3"
              fontSize="md"
              aria-label={`One minute more: ${timer.label}`}
              onClick={() => lengthen(timer)}
            >
              1 min more
            </Button>
            <Button
              size="bench"
              minH="12"
              px="3"
              fontSize="md"
              aria-label={`Put away: ${timer.label}`}
              onClick={() => putAway(timer)}
            >
              Done
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}
