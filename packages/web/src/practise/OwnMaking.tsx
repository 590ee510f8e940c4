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
import { useForm, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { carried, type OwnSample } from '../practicals/own-sample.js';

interface Entered {
  /** A gas or a metal; empty for a salt. */
  gas: string;
  cation: string;
  anion: string;
  form: 'solution' | 'solid' | 'lumps';
  strength: string;
  /** Cation of what got into it; empty for nothing. */
  trace: string;
}
type OwnMade = OwnSample & { readonly lumps?: boolean };

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
  const {
    register,
    control,
    handleSubmit,
    setError,
    formState: { errors },
  } = useForm<Entered>({
    defaultValues: {
      gas: salts ? '' : (gases[0] ?? ''),
      cation: syllabus.cations[0] ?? '',
      anion: syllabus.anions[0] ?? '',
      form: 'solution',
      strength: '0.1',
      trace: '',
    },
  });
  const [gas, cation, form] = useWatch({ control, name: ['gas', 'cation', 'form'] });
  /** What the form says; undefined, and told at its field, where it cannot be set out. */
  const read = (entered: Entered): OwnMade | undefined => {
    if (entered.gas)
      return {
        ions: [entered.gas],
        form: (syllabus.metals as readonly string[]).includes(entered.gas) ? 'metal' : 'gas',
      };
    const ions = [entered.cation, entered.anion];
    const none = whyNoSalt(ions);
    if (none) {
      setError('anion', { message: `There is no such salt: ${none}. Choose another partner.` });
      return undefined;
    }
    if (entered.form !== 'solution') return { ions, form: 'solid', lumps: entered.form === 'lumps' };
    const molarity = Number(entered.strength.replace(',', '.'));
    if (molarity > 0 && molarity <= 5) return { ions, form: entered.form, molarity };
    setError('strength', { message: 'Give a strength above 0, up to 5 mol/dm³.' });
    return undefined;
  };
  const make = handleSubmit((entered) => {
    const own = read(entered);
    if (!own) return;
    const asks = own.form === 'gas' || own.form === 'metal' ? own.form : 'salt';
    start(
      ownExercise(syllabus, asks, own.ions, own.form, {
        ...(own.lumps ? { lumps: true } : {}),
        ...(own.molarity === undefined ? {} : { molarity: own.molarity }),
        ...(own.form === 'solution' && entered.trace && entered.trace !== entered.cation
          ? { traceOf: entered.trace }
          : {}),
      }),
      saltName(own.ions),
    );
  });
  const keep = handleSubmit((entered) => {
    const own = read(entered);
    if (own) void go(`/practicals${carried(own)}`);
  });
  return (
    <Tile maxW="24rem">
      <Form onSubmit={(event) => void make(event)} display="flex" flexDirection="column" gap="3">
        <chakra.h2 fontSize="xl">Make your own</chakra.h2>
        {gases.length > 0 && (
          <Field label="What">
            <Select {...register('gas')}>
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
              <Select {...register('cation')}>
                {syllabus.cations.map((c) => (
                  <option key={c} value={c}>
                    {speciesName(c)}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="Anion" error={errors.anion?.message}>
              <Select {...register('anion')}>
                {syllabus.anions.map((a) => (
                  <option key={a} value={a}>
                    {speciesName(a)}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="As">
              <Select {...register('form')}>
                <option value="solution">a solution</option>
                <option value="solid">a powder</option>
                <option value="lumps">lumps</option>
              </Select>
            </Field>
            {form === 'solution' && (
              <>
                <Field label="Strength, mol/dm³" error={errors.strength?.message}>
                  <Input inputMode="decimal" maxLength={6} {...register('strength')} />
                </Field>
                <Field label="A hundredth part of" help="As a jar that something got into.">
                  <Select {...register('trace')}>
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
          <Button variant="quiet" onClick={(event) => void keep(event)}>
            Teachers: into a practical
          </Button>
        </Box>
      </Form>
    </Tile>
  );
}
