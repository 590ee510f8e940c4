/** The equations a practical asks for, each student's own; whether one balances is said at once where the teacher lets it. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import {
  balanceAtOnce,
  equationOf,
  type EquationForm,
  type GroupRecord,
  type StudentBody,
} from '@kivex/core';
import { useRef, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { shortTestName } from '../kit/look-names.js';
import { Tile } from '../kit/Tile.js';

const asked: Readonly<Record<EquationForm, string>> = {
  word: 'a word equation',
  symbol: 'a symbol equation',
  ionic: 'an ionic equation',
};
/** What a phone’s keys hide. */
const keys = ['→', ' + ', '²⁺', '³⁺', '⁺', '⁻', '²⁻', '₂', '₃', '₄', '(s)', '(aq)', '(g)', '(l)'] as const;

interface EquationsProps {
  readonly bench: Bench;
  readonly record: GroupRecord;
  readonly log: (body: StudentBody) => Promise<string>;
}

/** Nothing where no equation is asked for. */
export function Equations({ bench, record, log }: EquationsProps) {
  const wanted = bench.samples
    .filter((s) => s.role === 'unknown')
    .flatMap((sample) =>
      bench.tests.flatMap((t) =>
        t.equation && sample.tests.includes(t.test) ? [{ sample, test: t.test, form: t.equation }] : [],
      ),
    );
  if (!wanted.length) return null;
  return (
    <Tile p="3" display="flex" flexDirection="column" gap="4">
      <chakra.h2 fontSize="xl">Your equations</chakra.h2>
      <chakra.p color="ink.soft">
        For what happened in each test. Where nothing happened, leave it empty.
      </chakra.p>
      {wanted.map(({ sample, test, form }) => (
        <OneEquation
          key={`${sample.id} ${test}`}
          label={`${sample.label}, ${shortTestName(test)}: ${asked[form]}`}
          form={form}
          before={equationOf(record, sample.id, test, bench.me.id)?.body.text ?? ''}
          balance={bench.balance && form !== 'word'}
          save={(text) => void log({ type: 'equation', sample: sample.id, test, text })}
        />
      ))}
    </Tile>
  );
}

function OneEquation({
  label,
  form,
  before,
  balance,
  save,
}: {
  readonly label: string;
  readonly form: EquationForm;
  readonly before: string;
  readonly balance: boolean;
  readonly save: (text: string) => void;
}) {
  const [text, setText] = useState(before);
  const box = useRef<HTMLInputElement>(null);
  const said = balance ? balanceAtOnce(text) : undefined;
  const put = (key: string) => {
    const at = box.current?.selectionStart ?? text.length;
    const end = box.current?.selectionEnd ?? at;
    setText(text.slice(0, at) + key + text.slice(end));
    requestAnimationFrame(() => {
      box.current?.focus();
      box.current?.setSelectionRange(at + key.length, at + key.length);
    });
  };
  return (
    <Box display="flex" flexDirection="column" gap="2">
      <Field label={label}>
        <Input
          ref={box}
          size="bench"
          fontFamily="mono"
          value={text}
          maxLength={500}
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          onChange={(e) => setText(e.target.value)}
        />
      </Field>
      {form !== 'word' && (
        <Box role="group" aria-label={`Signs for ${label}`} display="flex" flexWrap="wrap" gap="1">
          {keys.map((key) => (
            <Button key={key} size="bench" minH="12" minW="10" px="2" fontSize="md" onClick={() => put(key)}>
              {key.trim()}
            </Button>
          ))}
        </Box>
      )}
      <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
        <chakra.span role="status" flex="1" minW="12rem" color={said?.balanced ? 'verdigris' : 'ink.soft'}>
          {said?.text}
        </chakra.span>
        <Button
          size="bench"
          minH="12"
          variant="go"
          disabled={!text.trim() || text.trim() === before}
          onClick={() => save(text.trim())}
        >
          {before && text.trim() === before ? 'Saved' : before ? 'Change it' : 'Save it'}
        </Button>
      </Box>
    </Box>
  );
}
