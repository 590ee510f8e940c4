/** The simulated camera at a flame: its picture, and what its colours suggest. */
import { Box, chakra } from '@chakra-ui/react';
import {
  deviceWords,
  goodCamera,
  readFlamePicture,
  SimulatedCamera,
  speciesName,
  type FlameSuggestion,
} from '@kivex/core';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Checkbox } from '../kit/Checkbox.js';
import { Field } from '../kit/Field.js';
import { Notice } from '../kit/Notice.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';

const burnable = ['Li+', 'Na+', 'K+', 'Ca2+', 'Sr2+', 'Ba2+', 'Cu2+'] as const;
/** The light of an old lamp, as an example of a tint. */
const lampTint = [1.2, 0.95, 0.75] as const;

export function CameraPart() {
  const view = useRef<HTMLCanvasElement>(null);
  const burns = useRef<string>('K+');
  const [ion, setIon] = useState<string>('K+');
  const [card, setCard] = useState(true);
  const [lamp, setLamp] = useState(false);
  const [camera, setCamera] = useState<SimulatedCamera>();
  const [, redraw] = useState(0);
  const [said, setSaid] = useState<FlameSuggestion>();
  useEffect(() => {
    burns.current = ion;
  }, [ion]);
  const connect = () => {
    const made = new SimulatedCamera(Math.random, () => ({ ions: { [burns.current]: 1 } }), {
      ...goodCamera,
      noise: 0.015,
      ...(lamp ? { tint: lampTint } : {}),
      noCard: !card,
    });
    made.connect();
    setCamera(made);
    setSaid(undefined);
  };
  const shoot = () => {
    const picture = camera?.read();
    if (!picture) return redraw((n) => n + 1);
    const draw = view.current?.getContext('2d');
    draw?.putImageData(
      new ImageData(new Uint8ClampedArray(picture.data), picture.width, picture.height),
      0,
      0,
    );
    setSaid(readFlamePicture(picture));
  };
  const state = camera?.state ?? 'off';
  return (
    <Tile p="4" display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="lg">Camera: {deviceWords[state]}</chakra.h2>
      <Field label="What burns">
        <Select value={ion} onChange={(e) => setIon(e.target.value)}>
          {burnable.map((id) => (
            <option key={id} value={id}>
              {speciesName(id)}
            </option>
          ))}
        </Select>
      </Field>
      <Checkbox checked={card} onChange={setCard}>
        The reference card is in view
      </Checkbox>
      <Checkbox checked={lamp} onChange={setLamp}>
        Under the yellow light of a lamp
      </Checkbox>
      <Box display="flex" gap="2" flexWrap="wrap">
        <Button onClick={connect}>{state === 'ready' ? 'Connect anew' : 'Connect'}</Button>
        <Button variant="go" disabled={state !== 'ready'} onClick={shoot}>
          Take a picture
        </Button>
        <Button
          disabled={state !== 'ready'}
          onClick={() => {
            camera?.dropOut();
            redraw((n) => n + 1);
          }}
        >
          Pull its cable
        </Button>
      </Box>
      {/* A plain one: its width and height are pixels of the picture, not of the page. */}
      <canvas
        ref={view}
        width={240}
        height={180}
        role="img"
        aria-label="Picture of the flame"
        style={{ width: '100%', maxWidth: '20rem', borderRadius: '8px', background: '#16233a' }}
      />
      {said && (
        <Notice tone={said.name ? 'go' : 'look'}>
          {said.name ? `It looks ${said.name}, ${Math.round(said.sure * 100)} % sure.` : said.problem}
        </Notice>
      )}
    </Tile>
  );
}
