/** The optional second factor: set up with an authenticator, confirmed with a code, switched off with the password. */
import { Box, chakra } from '@chakra-ui/react';
import type { SecondFactorSetUp } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import QRCode from 'qrcode';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { CodeInput } from '../kit/CodeInput.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { placeProblem } from '../kit/request/form-problems.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';

interface SetUp extends SecondFactorSetUp {
  /** The QR code as an image. */
  readonly picture: string;
}

export function SecondFactor({ on }: { readonly on: boolean }) {
  const cache = useQueryClient();
  const [setUp, setSetUp] = useState<SetUp>();
  const [said, setSaid] = useState<{ tone: 'go' | 'stop'; text: string }>();
  const {
    register,
    control,
    handleSubmit,
    setError,
    reset,
    formState: { errors, isSubmitting },
  } = useForm<{ password: string; code: string }>({ defaultValues: { password: '', code: '' } });
  const send = handleSubmit(async ({ password, code }) => {
    setSaid(undefined);
    try {
      if (on) {
        await call('POST /api/staff/second-factor/off', { body: { password } });
        setSaid({ tone: 'go', text: 'Your password alone is enough again.' });
      } else if (setUp) {
        await call('POST /api/staff/second-factor/confirm', { body: { code: code.trim() } });
        setSetUp(undefined);
        setSaid({ tone: 'go', text: 'From now on Kivex asks for a code when you sign in.' });
      } else {
        const made = await call('POST /api/staff/second-factor', { body: { password } });
        setSetUp({ ...made, picture: await QRCode.toDataURL(made.uri, { margin: 1, width: 200 }) });
      }
      reset();
      await cache.invalidateQueries({ queryKey: ['me'] });
    } catch (error) {
      const text = placeProblem(error, ['password', 'code'], setError);
      if (text) setSaid({ tone: 'stop', text });
    }
  });
  return (
    <Tile>
      <Form onSubmit={(e) => void send(e)} display="flex" flexDirection="column" gap="3" noValidate>
        <chakra.h2 fontSize="lg">Second factor</chakra.h2>
        <chakra.p color="ink.soft">
          {on
            ? 'On: a code from your authenticator is asked for when you sign in.'
            : 'Optional: a code from an authenticator app beside your password.'}
        </chakra.p>
        {setUp && !on ? (
          <>
            <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
              <img src={setUp.picture} width={160} height={160} alt="QR code for your authenticator" />
              <Box flex="1" minW="8rem">
                Scan this with your authenticator, or type in:
                <chakra.div fontFamily="mono" fontSize="sm" overflowWrap="anywhere">
                  {setUp.secret}
                </chakra.div>
              </Box>
            </Box>
            <Controller
              name="code"
              control={control}
              render={({ field }) => (
                <CodeInput
                  label="The code it shows"
                  digits={6}
                  error={errors.code?.message}
                  value={field.value}
                  onValue={field.onChange}
                />
              )}
            />
          </>
        ) : (
          <Field label="Your password" error={errors.password?.message}>
            <Input type="password" autoComplete="current-password" {...register('password')} />
          </Field>
        )}
        {said && <Notice tone={said.tone}>{said.text}</Notice>}
        <Button type="submit" disabled={isSubmitting}>
          {on ? 'Switch it off' : setUp ? 'Confirm' : 'Set it up'}
        </Button>
      </Form>
    </Tile>
  );
}
