/** What hands can do with tubes, bottles, heat, gas and papers. */
import { Box, chakra } from '@chakra-ui/react';
import type { Action } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { OneOf } from '../kit/Choices.js';
import { Fold } from '../kit/Fold.js';
import { OnOff } from '../kit/OnOff.js';
import { bottlesFor, thingNames, thingsFor, type OfferedBottle } from './bottles.js';
import { GasHands } from './GasHands.js';
import { Known } from './Known.js';
import { useScreenBench } from './screen-bench.js';
import { Section } from './Section.js';

const amounts = [
  { id: '1', label: '1 drop', part: { drops: 1 } },
  { id: '5', label: '5 drops', part: { drops: 5 } },
  { id: '10', label: '10 drops', part: { drops: 10 } },
  { id: 'mL', label: '1 cm³', part: { mL: 1 } },
  { id: '5mL', label: '5 cm³', part: { mL: 5 } },
  { id: 'excess', label: 'to excess', part: { toExcess: true } },
] as const;
type AmountId = (typeof amounts)[number]['id'];

export function TubeHands() {
  const { exercise, vessels, chosen, act } = useScreenBench();
  const [amount, setAmount] = useState<AmountId>('5');
  if (!exercise) return null;
  const view = vessels.find((v) => v.vessel === chosen);
  const next = (stem: string) => {
    let n = 1;
    while (vessels.some((v) => v.vessel === `${stem} ${n}`)) n += 1;
    return `${stem} ${n}`;
  };
  const here = chosen ?? next('tube');
  const { ready, more } = bottlesFor(exercise);
  const part = amounts.find((a) => a.id === amount)!.part;
  const pour = (bottle: OfferedBottle, M: number) =>
    act({
      do: 'add',
      reagent: bottle.id,
      to: here,
      ...(M > 0 ? { molarity: M } : {}),
      ...(bottle.liquid ? part : {}),
      ...(M >= 10 && bottle.id === 'H2SO4' ? { how: 'down-the-side' as const } : {}),
    });
  const gas = exercise.form === 'gas';
  const liquid = exercise.form === 'solution';
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <Section title={gas ? 'The unknown gas' : 'The unknown'}>
        <Button
          variant="go"
          onClick={() => act({ do: 'take', into: next('tube'), ...(liquid ? { mL: 1 } : {}) })}
        >
          {gas
            ? 'Fill a fresh tube'
            : liquid
              ? '1 cm³ into a fresh tube'
              : exercise.form === 'metal'
                ? 'A piece into a fresh tube'
                : 'A spatula into a fresh tube'}
        </Button>
        {liquid && (
          <Button onClick={() => act({ do: 'take', into: next('well'), drops: 5 })}>
            5 drops into a well
          </Button>
        )}
        {!gas && !liquid && (
          <Button
            onClick={() =>
              act({ do: 'take', into: next('flask'), ...(exercise.form === 'solid' ? { g: 2 } : {}) })
            }
          >
            Some into a flask
          </Button>
        )}
        <Button onClick={() => act({ do: 'add', reagent: 'limewater', to: next('tube'), mL: 2 })}>
          Limewater in a fresh tube
        </Button>
      </Section>
      <Known
        exercise={exercise}
        words={gas ? 'Fill a fresh tube with it' : 'Some into a fresh tube'}
        take={(jar) =>
          act({
            do: 'take',
            sample: jar,
            into: next('tube'),
            ...(gas || exercise.form === 'metal' ? {} : { mL: 1 }),
          })
        }
      />
      <Box>
        <chakra.h2 fontSize="sm" color="ink.soft" fontWeight="600" mb="1">
          Add to {here}
        </chakra.h2>
        <OneOf
          label="How much"
          choices={amounts.map(({ id, label }) => ({ id, label }))}
          chosen={amount}
          choose={setAmount}
        />
        <Bottles bottles={ready} pour={pour} />
        <Fold title="More bottles" mt="1">
          <Bottles bottles={more} pour={pour} />
        </Fold>
      </Box>
      {view && (
        <TubeActs
          view={view.vessel}
          other={vessels.filter((v) => v.vessel !== view.vessel).map((v) => v.vessel)}
          act={act}
          next={next}
        />
      )}
      {view && <Hold act={act} at={view.vessel} />}
    </Box>
  );
}

function Bottles({
  bottles,
  pour,
}: {
  bottles: readonly OfferedBottle[];
  pour: (b: OfferedBottle, M: number) => void;
}) {
  return (
    <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(9.5rem, 1fr))" gap="1.5" mt="1.5">
      {bottles.flatMap((bottle) =>
        bottle.strengths.map(({ M, word }) => (
          <Button
            key={`${bottle.id}${M}`}
            size="small"
            minH="10"
            justifyContent="flex-start"
            whiteSpace="normal"
            textAlign="start"
            lineHeight="1.15"
            onClick={() => pour(bottle, M)}
          >
            {word ? `${word} ${bottle.name}` : bottle.name}
          </Button>
        )),
      )}
    </Box>
  );
}

export type Act = (action: Action) => boolean;

function TubeActs({
  view,
  other,
  act,
  next,
}: {
  view: string;
  other: readonly string[];
  act: Act;
  next: (stem: string) => string;
}) {
  const at = { vessel: view } as const;
  return (
    <>
      <Section title={`Do with ${view}`}>
        <Button onClick={() => act({ do: 'shake', ...at })}>Shake</Button>
        <Button onClick={() => act({ do: 'warm', ...at, in: 'bath', seconds: 60 })}>Warm in the bath</Button>
        <Button onClick={() => act({ do: 'cool', ...at })}>Cool</Button>
        <Button onClick={() => act({ do: 'stopper', ...at, with: 'thumb' })}>Thumb on</Button>
        <Button onClick={() => act({ do: 'filter', from: view, to: next('filtrate') })}>Filter</Button>
        <Button onClick={() => act({ do: 'label', ...at, text: view })}>Label it</Button>
        <Button onClick={() => act({ do: 'discard', ...at, to: 'sink' })}>Empty into the sink</Button>
        <Button onClick={() => act({ do: 'discard', ...at, to: 'metals' })}>… into the metal waste</Button>
      </Section>
      <Fold title={`More to do with ${view}`}>
        <Box display="flex" flexWrap="wrap" gap="1.5">
          <Button onClick={() => act({ do: 'stir', ...at })}>Stir</Button>
          <Button onClick={() => act({ do: 'warm', ...at, in: 'flame', seconds: 20 })}>
            Warm over a flame
          </Button>
          <Button onClick={() => act({ do: 'stopper', ...at, with: 'bung' })}>Bung in</Button>
          <Button onClick={() => act({ do: 'stopper', ...at, with: 'none' })}>Open it</Button>
          <Button onClick={() => act({ do: 'pour', from: view, to: next('tube'), mL: 1 })}>
            Pour 1 cm³ into a fresh tube
          </Button>
          <Button onClick={() => act({ do: 'wash', ...at })}>Rinse it out</Button>
          <Button onClick={() => act({ do: 'wash', ...at, with: 'tap' })}>… with tap water</Button>
          <Button onClick={() => act({ do: 'discard', ...at, to: 'silver' })}>
            Empty into the silver waste
          </Button>
          <Button onClick={() => act({ do: 'discard', ...at, to: 'solvents' })}>
            … into the solvent waste
          </Button>
        </Box>
      </Fold>
      <Section title="Wait">
        {[10, 60, 300].map((seconds) => (
          <Button key={seconds} onClick={() => act({ do: 'wait', seconds })}>
            {seconds < 60 ? `${seconds} s` : `${seconds / 60} min`}
          </Button>
        ))}
      </Section>
      <GasHands from={view} other={other} fresh={() => next('jar')} act={act} />
    </>
  );
}

function Hold({ act, at }: { act: Act; at: string }) {
  const exercise = useScreenBench((s) => s.exercise)!;
  const [damp, setDamp] = useState(false);
  const [where, setWhere] = useState<'mouth' | 'rim' | 'inside'>('mouth');
  return (
    <Box>
      <Section title={`Hold at ${at}`}>
        {thingsFor(exercise).map((what) => (
          <Button key={what} onClick={() => act({ do: 'hold', what, at, where, damp })}>
            {thingNames[what]}
          </Button>
        ))}
      </Section>
      <Box display="flex" flexWrap="wrap" gap="1.5" mt="1.5" alignItems="center">
        <OnOff pressed={damp} onPressedChange={setDamp}>
          Paper damped
        </OnOff>
        <OneOf
          label="Where"
          choices={[
            { id: 'mouth', label: 'clear of the glass' },
            { id: 'rim', label: 'on the rim' },
            { id: 'inside', label: 'inside' },
          ]}
          chosen={where}
          choose={setWhere}
        />
      </Box>
    </Box>
  );
}
