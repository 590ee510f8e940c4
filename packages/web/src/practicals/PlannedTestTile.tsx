/** One test of a practical: what is looked at, by which method, by whom, in which order, at which strengths. */
import { Box, chakra } from '@chakra-ui/react';
import {
  equationForms,
  isTestId,
  testOf,
  variantOf,
  type PlannedTest,
  type Practical,
  type TestId,
  type VariantId,
} from '@kivex/core';
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Choices, toggled } from '../kit/Choices.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { Liquid } from './KeptLiquid.js';
import { Labelled } from './Labelled.js';
import { StrengthsAndSteps } from './StrengthsAndSteps.js';

export function PlannedTestTile({
  practical,
  planned,
  at,
  change,
}: {
  readonly practical: Practical;
  readonly planned: PlannedTest;
  /** Its place among the tests. */
  readonly at: number;
  readonly change: (part: Partial<Practical>) => void;
}) {
  const { tests } = practical;
  const edit = (id: string, part: Partial<PlannedTest>) =>
    change({ tests: tests.map((t) => (t.test === id ? { ...t, ...part } : t)) });
  const moveBy = (at: number, by: number) => {
    const order = [...tests];
    const [one] = order.splice(at, 1);
    order.splice(at + by, 0, one!);
    change({ tests: order });
  };
  const takeOut = (id: TestId) =>
    change({
      tests: tests.filter((t) => t.test !== id),
      before: practical.before.filter((pair) => !pair.includes(id)),
    });
  const test = testOf(planned.test);
  const variant = variantOf(test, planned.variant);
  const first = practical.before.filter(([, then]) => then === planned.test).map(([a]) => a);
  return (
    <Tile p="4" display="flex" flexDirection="column" gap="3">
      <Box display="flex" gap="2" alignItems="center" flexWrap="wrap">
        <chakra.h3 fontSize="lg">{test.name}</chakra.h3>
        <Box flex="1" />
        <Button
          size="small"
          aria-label={`Move ${test.name} up`}
          disabled={at === 0}
          onClick={() => moveBy(at, -1)}
        >
          <ArrowUp size={16} aria-hidden />
        </Button>
        <Button
          size="small"
          aria-label={`Move ${test.name} down`}
          disabled={at === tests.length - 1}
          onClick={() => moveBy(at, 1)}
        >
          <ArrowDown size={16} aria-hidden />
        </Button>
        <Button size="small" aria-label={`Take ${test.name} out`} onClick={() => takeOut(planned.test)}>
          <Trash2 size={16} aria-hidden />
        </Button>
      </Box>
      <Choices
        label={`What is looked at in ${test.name}`}
        choices={test.attributes.map((a) => ({ id: a.id, label: a.question }))}
        chosen={planned.attributes}
        toggle={(id) => {
          const next = toggled(planned.attributes, id);
          if (next.length)
            edit(planned.test, {
              attributes: test.attributes.map((a) => a.id).filter((a) => next.includes(a)),
            });
        }}
      />
      <Box
        display="grid"
        gap="3"
        gridTemplateColumns="repeat(auto-fit, minmax(9.5rem, 1fr))"
        alignItems="end"
      >
        <Labelled text="Method">
          <Select
            value={planned.variant}
            onChange={(e) =>
              edit(planned.test, { variant: e.target.value as VariantId, controls: undefined as never })
            }
          >
            {test.variants.map((v) => (
              <option key={v.id} value={v.id}>
                {v.name}
              </option>
            ))}
          </Select>
        </Labelled>
        <Labelled text="Done on">
          <Select
            value={planned.on ?? 'all'}
            onChange={(e) => edit(planned.test, { on: e.target.value as 'all' | 'unknowns' })}
          >
            <option value="all">knowns and unknowns</option>
            <option value="unknowns">unknowns only</option>
          </Select>
        </Labelled>
        <Labelled text="Run by">
          <Select
            value={planned.ledBy ?? 'students'}
            onChange={(e) => edit(planned.test, { ledBy: e.target.value as 'students' | 'teacher' })}
          >
            <option value="students">students</option>
            <option value="teacher">the teacher, at a station</option>
          </Select>
        </Labelled>
        <Labelled text="Results are">
          <Select
            value={planned.recorded ?? 'tap'}
            onChange={(e) =>
              edit(planned.test, {
                recorded: (e.target.value === 'tap' ? undefined : e.target.value) as never,
              })
            }
          >
            <option value="tap">tapped</option>
            <option value="words">written in own words</option>
            <option value="words-then-tap">written, then tapped</option>
          </Select>
        </Labelled>
        <Labelled text="Equation of unknowns">
          <Select
            value={planned.equation ?? ''}
            onChange={(e) => edit(planned.test, { equation: (e.target.value || undefined) as never })}
          >
            <option value="">not asked</option>
            {equationForms.map((form) => (
              <option key={form} value={form}>
                {form}
              </option>
            ))}
          </Select>
        </Labelled>
        <Labelled text="Technique">
          <Select
            value={planned.technique ? 'yes' : ''}
            onChange={(e) => edit(planned.test, { technique: (e.target.value ? true : undefined) as never })}
          >
            <option value="">not marked</option>
            <option value="yes">signed off and marked</option>
          </Select>
        </Labelled>
        <Labelled text="Minutes a sample">
          <NumberInput
            value={planned.minutes ?? variant.attendedMinutes}
            min={0.25}
            max={60}
            step={0.25}
            onValue={(n) => edit(planned.test, { minutes: n ?? variant.attendedMinutes })}
          />
        </Labelled>
        <Labelled text="Only after">
          <Select
            value={first[0] ?? ''}
            onChange={(e) =>
              change({
                before: [
                  ...practical.before.filter(([, then]) => then !== planned.test),
                  ...(isTestId(e.target.value) ? [[e.target.value, planned.test] as const] : []),
                ],
              })
            }
          >
            <option value="">any time</option>
            {tests
              .filter((t) => t.test !== planned.test)
              .map((t) => (
                <option key={t.test} value={t.test}>
                  {testOf(t.test).name}
                </option>
              ))}
          </Select>
        </Labelled>
      </Box>
      {test.leavesLiquid && <Liquid practical={practical} planned={planned} change={change} />}
      <StrengthsAndSteps planned={planned} edit={(part) => edit(planned.test, part)} />
    </Tile>
  );
}
