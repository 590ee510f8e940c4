/**
 * The weigh-out box: what is wanted, what the balance shows, and when it is near enough. The balance is a
 * simulated stand-in; what would be poured on its pan is told to it by the buttons.
 */
import { Box, chakra } from '@chakra-ui/react';
import { nearEnough, SimulatedBalance, type BalanceReading } from '@kivex/core';
import { Scale } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../kit/Button.js';

const tick_ms = 120;

export function WeighOut({
  what,
  wanted_g,
  done,
  cancel,
}: {
  readonly what: string;
  readonly wanted_g: number;
  readonly done: (mass_g: number) => void;
  readonly cancel: () => void;
}) {
  const balance = useRef<SimulatedBalance>(undefined);
  const [reading, setReading] = useState<BalanceReading>({ mass_g: 0, stable: false });
  useEffect(() => {
    const own = new SimulatedBalance(Math.random);
    balance.current = own;
    // A weighing boat stands on the pan when the box opens.
    own.add(3.27);
    const timer = setInterval(() => setReading(own.tick()), tick_ms);
    return () => clearInterval(timer);
  }, []);
  const near = reading.stable && nearEnough(reading.mass_g, wanted_g);
  const left = wanted_g - reading.mass_g;
  /** What the hand does: the display is unsettled from that moment, not from the next reading on. */
  const hand = (does: (own: SimulatedBalance) => void) => {
    if (!balance.current) return;
    does(balance.current);
    setReading((shown) => ({ ...shown, stable: false }));
  };
  const put = (mass_g: number) => hand((own) => own.add(mass_g));
  const pour = (share: number) => put(Math.max(0.01, left * share * (0.94 + Math.random() * 0.1)));
  return (
    <Box
      role="group"
      aria-label={`Weigh out ${what}`}
      display="grid"
      gap="3"
      bg="porcelain.shade"
      borderRadius="tile"
      p="3"
      borderWidth="2px"
      borderStyle="solid"
      borderColor={near ? 'verdigris' : 'slate.300'}
    >
      <Box display="flex" alignItems="center" gap="3" flexWrap="wrap">
        <Scale size={22} aria-hidden />
        <b>{what}</b>
        <span>wanted {wanted_g.toFixed(2)} g</span>
        <chakra.output
          fontFamily="mono"
          fontSize="2xl"
          fontWeight="700"
          bg="#16233a"
          color={reading.stable ? '#7ed3bb' : '#eef3f7'}
          px="3"
          borderRadius="tile"
          minW="9rem"
          textAlign="right"
        >
          {reading.mass_g.toFixed(2)} g
        </chakra.output>
        <span role="status">
          {!reading.stable
            ? 'settling …'
            : near
              ? 'right'
              : reading.mass_g < wanted_g
                ? `${left.toFixed(2)} g to go`
                : `${(-left).toFixed(2)} g too much: take some off`}
        </span>
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        <Button onClick={() => hand((own) => own.tare())}>Tare</Button>
        <Button onClick={() => pour(0.7)}>Pour</Button>
        <Button onClick={() => pour(0.25)}>A spatula</Button>
        <Button onClick={() => put(Math.max(0.01, Math.min(0.1, left)))}>A grain or two</Button>
        <Button onClick={() => put(Math.min(-0.02, left))}>Take off</Button>
        <Box flex="1" />
        <Button onClick={cancel}>Leave it</Button>
        <Button
          variant="go"
          disabled={!reading.stable || reading.mass_g <= 0}
          onClick={() => done(reading.mass_g)}
        >
          Take {reading.mass_g.toFixed(2)} g from the store
        </Button>
      </Box>
      <chakra.p fontSize="sm" color="ink.soft">
        Simulated balance: the buttons stand for your hand. Tare the boat first.
      </chakra.p>
    </Box>
  );
}
