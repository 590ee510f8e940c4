/** An unknown of one's own making: any salt or gas of the syllabus, at any strength, with a little of another salt in it if one likes. */
import { Box, chakra } from '@chakra-ui/react';
import {
  ownExercise,
  saltName,
  speciesName,
  standsForNone,
  whyNoSalt,
  type Syllabus,
  type UnknownExercise,
} from '@kivex/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { carried, type OwnSample } from '../practicals/own-sample.js';

export function OwnMaking({
  syllabus,
  start,
}: {
  readonly syllabus: Syllabus;
  readonly start: (exercise: UnknownExercise, label: string) => void;
}) {
  const gases = syllabus.gases.filter((g) => g !== 'H2O' && !standsForNone(g));
  const salts = syllabus.cations.length > 0 && syllabus.anions.length > 0;
  const go = useNavigate();
  const [cation, setCation] = useState<string>(syllabus.cations[0] ?? '');
  const [anion, setAnion] = useState<string>(syllabus.anions[0] ?? '');
  const [gas, setGas] = useState<string>(salts ? '' : (gases[0] ?? ''));
  const [strength, setStrength] = useState('0.1');
  const [trace, setTrace] = useState('');
  const [form, setForm] = useState<'solution' | 'solid' | 'lumps'>('solution');
  const [wrong, setWrong] = useState<{ field: string; detail: string }>();
  /** What the form says; undefined, and told at its field, where it cannot be set out. */
  const read = (): (OwnSample & { readonly lumps?: boolean }) | undefined => {
    setWrong(undefined);
    if (gas)
      return { ions: [gas], form: (syllabus.metals as readonly string[]).includes(gas) ? 'metal' : 'gas' };
    const ions = [cation, anion];
    const none = whyNoSalt(ions);
    if (none) {
      setWrong({ field: 'anion', detail: `There is no such salt: ${none}. Choose another partner.` });
      return undefined;
    }
    if (form !== 'solution') return { ions, form: 'solid', lumps: form === 'lumps' };
    const molarity = Number(strength.replace(',', '.'));
    if (molarity > 0 && molarity <= 5) return { ions, form, molarity };
    setWrong({ field: 'strength', detail: 'Give a strength above 0, up to 5 mol/dm³.' });
    return undefined;
  };
  const make = (event: React.FormEvent) => {
    event.preventDefault();
    const own = read();
    if (!own) return;
    const asks = own.form === 'gas' || own.form === 'metal' ? own.form : 'salt';
    start(
      ownExercise(syllabus, asks, own.ions, own.form, {
        ...(own.lumps ? { lumps: true } : {}),
        ...(own.molarity === undefined ? {} : { molarity: own.molarity }),
        ...(own.form === 'solution' && trace ? { traceOf: trace } : {}),
      }),
      saltName(own.ions),
    );
  };
  const keep = () => {
    const own = read();
    if (own) void go(`/practicals${carried(own)}`);
  };
  const at = (field: string) => (wrong?.field === field ? wrong.detail : undefined);
  return (
    <Tile maxW="24rem">
      <Form onSubmit={make} display="flex" flexDirection="column" gap="3">
        <chakra.h2 fontSize="xl">Make your own</chakra.h2>
        {gases.length > 0 && (
          <Field label="What">
            <Select value={gas} onChange={(e) => setGas(e.target.value)}>
              {salts && <option value="">a salt</option>}
              {gases.map((g) => (
                <option key={g} value={g}>
                  {speciesName(g)}, a tube full
                </option>
              ))}
              {syllabus.metals.map((m) => (
                <option key={m} value={m}>
                  {speciesName(m)}, the metal
                </option>
              ))}
            </Select>
          </Field>
        )}
        {!gas && (
          <>
            <Field label="Cation">
              <Select value={cation} onChange={(e) => setCation(e.target.value)}>
                {syllabus.cations.map((c) => (
                  <option key={c} value={c}>
                    {speciesName(c)}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="Anion" error={at('anion')}>
              <Select value={anion} onChange={(e) => setAnion(e.target.value)}>
                {syllabus.anions.map((a) => (
                  <option key={a} value={a}>
                    {speciesName(a)}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="As">
              <Select value={form} onChange={(e) => setForm(e.target.value as typeof form)}>
                <option value="solution">a solution</option>
                <option value="solid">a powder</option>
                <option value="lumps">lumps</option>
              </Select>
            </Field>
            {form === 'solution' && (
              <>
                <Field label="Strength, mol/dm³" error={at('strength')}>
                  <Input
                    value={strength}
                    inputMode="decimal"
                    maxLength={6}
                    onChange={(e) => setStrength(e.target.value)}
                  />
                </Field>
                <Field label="A hundredth part of" help="As a jar that something got into.">
                  <Select value={trace} onChange={(e) => setTrace(e.target.value)}>
                    <option value="">nothing else</option>
                    {['Na+', ...syllabus.cations]
                      .filter((c, i, all) => all.indexOf(c) === i && c !== cation)
                      .map((c) => (
                        <option key={c} value={c}>
                          {speciesName(c)} chloride
                        </option>
                      ))}
                  </Select>
                </Field>
              </>
            )}
          </>
        )}
        <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
          <Button type="submit">Set it out</Button>
          <Button variant="quiet" onClick={keep}>
            Teachers: into a practical
          </Button>
        </Box>
      </Form>
    </Tile>
  );
}
