/** The try-out box: a typed answer marked live by the syllabus as it stands, with the reason. */
import { Box, chakra } from '@chakra-ui/react';
import {
  ionOf,
  mark,
  purposes,
  strictnesses,
  testOf,
  type Mark,
  type MarkItem,
  type Strictness,
  type Syllabus,
  standsForNone,
} from '@kivex/core';
import { useMemo, useState } from 'react';
import { Combobox } from '../kit/Combobox.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { Select } from '../kit/Select.js';
import { speciesChoice } from '../kit/Species.js';
import { Tile } from '../kit/Tile.js';

const gasTest = 'gas-test';
const reason = 'purpose';
const reasons = purposes.map((p) => ({ id: p.id as string, name: p.question }));
const partner = (id: string): string => (ionOf(id).charge > 0 ? (id === 'Ag+' ? 'NO3-' : 'Cl-') : 'Na+');

export function TryOut({ syllabus }: { readonly syllabus: Syllabus }) {
  const [test, setTest] = useState<string>(syllabus.tests[0]?.test ?? 'flame');
  const [holds, setHolds] = useState('');
  const [strictness, setStrictness] = useState<Strictness>(syllabus.strictness);
  const [answer, setAnswer] = useState('');
  const choices = useMemo(() => {
    if (test === reason) return purposes.map((p) => p.id);
    if (test === gasTest) return syllabus.gases.filter((g) => !standsForNone(g));
    const definition = testOf(test);
    const pool = [...syllabus.cations, ...syllabus.anions, ...syllabus.gases, ...syllabus.metals];
    return pool.filter((id) => definition.outcomes.some((o) => o.of === id));
  }, [test, syllabus]);
  const chosen = (choices as readonly string[]).includes(holds) ? holds : choices[0];
  const found = useMemo((): Mark | string | undefined => {
    if (!answer.trim() || chosen === undefined) return undefined;
    const ionic = [...syllabus.cations, ...syllabus.anions].includes(chosen as never);
    const item: MarkItem =
      test === gasTest
        ? { kind: 'gas-test', gas: chosen as never, strictness }
        : test === reason
          ? { kind: 'purpose', of: chosen as never, strictness }
          : {
              kind: 'observation',
              test,
              sample: ionic
                ? [chosen, partner(chosen)].sort((a, b) => ionOf(b).charge - ionOf(a).charge)
                : [chosen],
              strictness,
            };
    try {
      return mark(syllabus, item, answer);
    } catch (error) {
      return (error as Error).message;
    }
  }, [answer, chosen, test, strictness, syllabus]);
  const tone =
    typeof found === 'object'
      ? ({ credit: 'go', partial: 'look', none: 'tell', review: 'look' } as const)[found.verdict]
      : 'tell';
  return (
    <Tile aria-label="Try an answer" display="grid" gap="2" position="sticky" top="4" alignSelf="start">
      <chakra.h2 fontSize="lg">Try an answer</chakra.h2>
      <Field size="small" label="Question">
        <Select value={test} onChange={(e) => setTest(e.target.value)}>
          {syllabus.tests.map((t) => (
            <option key={t.test} value={t.test}>
              {testOf(t.test).name}: what is seen?
            </option>
          ))}
          {syllabus.gases.length > 0 && <option value={gasTest}>How do you test for a gas?</option>}
          <option value={reason}>Why is a step done?</option>
        </Select>
      </Field>
      <Field size="small" label="Of">
        <Combobox
          value={chosen ?? ''}
          choices={test === reason ? reasons : choices.map(speciesChoice)}
          onChoose={setHolds}
        />
      </Field>
      <Field size="small" label="Marked">
        <Select value={strictness} onChange={(e) => setStrictness(e.target.value as Strictness)}>
          {strictnesses.map((s) => (
            <option key={s}>{s}</option>
          ))}
        </Select>
      </Field>
      <Field size="small" label="A student writes">
        <Input
          value={answer}
          maxLength={300}
          placeholder="light purple flame"
          onChange={(e) => setAnswer(e.target.value)}
        />
      </Field>
      <Box role="status" aria-live="polite">
        {chosen === undefined ? (
          <Notice>Nothing in this syllabus shows anything in this test.</Notice>
        ) : found === undefined ? (
          <chakra.p color="ink.soft">Type an answer to see its mark and why.</chakra.p>
        ) : typeof found === 'string' ? (
          <Notice tone="look">{found}</Notice>
        ) : (
          <Notice tone={tone}>
            <b>{found.verdict === 'review' ? 'A person must look' : `${found.points} of ${found.max}`}</b>
            {found.why.map((w) => (
              <div key={w.code + w.text}>{w.text}</div>
            ))}
          </Notice>
        )}
      </Box>
    </Tile>
  );
}
