/** What hands can do at the burner. */
import { Box } from '@chakra-ui/react';
import type { ToolKind } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { OneOf } from '../kit/Choices.js';
import { OnOff } from '../kit/OnOff.js';
import { Known } from './Known.js';
import { useScreenBench } from './screen-bench.js';
import { Section } from './Section.js';

const tools: readonly { readonly id: ToolKind; readonly label: string }[] = [
  { id: 'wire', label: 'wire' },
  { id: 'splint', label: 'soaked splint' },
  { id: 'swab', label: 'wet swab' },
];
const places = [
  { id: 'inner-cone-tip', label: 'tip of the inner cone' },
  { id: 'edge', label: 'edge' },
  { id: 'base', label: 'low down' },
] as const;

export function FlameHands() {
  const { act, flames, exercise } = useScreenBench();
  const [tool, setTool] = useState<ToolKind>('wire');
  const [glass, setGlass] = useState(false);
  const [where, setWhere] = useState<(typeof places)[number]['id']>('inner-cone-tip');
  const held = { tool } as const;
  const look = (seconds: number) => act({ do: 'flame', ...held, seconds, glass, where });
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <Section title="Hold in the flame with">
        <OneOf label="With what" choices={tools} chosen={tool} choose={setTool} />
      </Section>
      {tool === 'wire' && (
        <Section title="Clean the wire">
          <Button onClick={() => act({ do: 'clean', ...held })}>
            In fresh concentrated acid, until no colour
          </Button>
          <Button onClick={() => act({ do: 'clean', ...held, fresh: false })}>In the same acid again</Button>
          <Button onClick={() => act({ do: 'clean', ...held, acid: 'none' })}>Burn it off only</Button>
        </Section>
      )}
      <Section title="Take up the unknown">
        <Button variant="go" onClick={() => act({ do: 'dip', ...held, kind: tool })}>
          From the tile
        </Button>
        <Button onClick={() => act({ do: 'dip', ...held, kind: tool, from: 'stock' })}>
          From the jar itself
        </Button>
        {tool !== 'wire' && (
          <Button onClick={() => act({ do: 'dip', ...held, kind: tool, wetness: 'dry' })}>Dry</Button>
        )}
      </Section>
      {exercise && exercise.form !== 'gas' && (
        <Known
          exercise={exercise}
          words="Take it up from the tile"
          take={(jar) => act({ do: 'dip', ...held, kind: tool, in: jar })}
        />
      )}
      <Section title="Look">
        <Button variant="go" onClick={() => look(1)}>
          One second
        </Button>
        <Button onClick={() => look(3)}>Three seconds more</Button>
        <Button onClick={() => look(10)}>Ten seconds more</Button>
        <OnOff pressed={glass} onPressedChange={setGlass}>
          Through blue glass
        </OnOff>
        <OneOf label="Where in the flame" choices={places} chosen={where} choose={setWhere} />
      </Section>
      <Section title="The burner">
        <Button onClick={() => act({ do: 'air-hole', open: !flames.airHoleOpen })}>
          {flames.airHoleOpen ? 'Close the air hole' : 'Open the air hole'}
        </Button>
        <Button onClick={() => act({ do: 'clean-burner' })}>Have it cleaned</Button>
      </Section>
    </Box>
  );
}
