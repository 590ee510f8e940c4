/** How strict the reading is, and the customs in which schools differ. */
import { Box, chakra } from '@chakra-ui/react';
import { leniencyRules, settingChoices, strictnesses, type Strictness, type Syllabus } from '@kivex/core';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { Select } from '../kit/Select.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import type { Change } from './change.js';

export function Frame({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
  return (
    <Tile display="grid" gap="3">
      <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '2fr 1fr' }}>
        <Field label="Name">
          <Input value={syllabus.name} maxLength={120} onChange={(e) => change({ name: e.target.value })} />
        </Field>
        <Field label="Ages">
          <Input value={syllabus.ages} maxLength={20} onChange={(e) => change({ ages: e.target.value })} />
        </Field>
      </Box>
      <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
        <Field label="How strictly words are read">
          <Select
            value={syllabus.strictness}
            onChange={(e) => change({ strictness: e.target.value as Strictness })}
          >
            {strictnesses.map((s) => (
              <option key={s}>{s}</option>
            ))}
          </Select>
        </Field>
        <Field label="Marks are carried forward">
          <Select
            value={syllabus.carryForward ? 'yes' : 'no'}
            onChange={(e) => change({ carryForward: e.target.value === 'yes' })}
          >
            <option value="yes">yes: a name that follows from the own record earns</option>
            <option value="no">no: only what the sample holds earns</option>
          </Select>
        </Field>
      </Box>
      <chakra.h2 fontSize="lg" mt="2">
        Where schools differ
      </chakra.h2>
      {settingChoices.map((setting) => (
        <Field key={setting.id} label={setting.question} help={setting.effect}>
          <Select
            value={syllabus.settings[setting.id]}
            onChange={(e) => change({ settings: { ...syllabus.settings, [setting.id]: e.target.value } })}
          >
            {setting.choices.map((c) => (
              <option key={c.id} value={c.id}>
                {c.label}
              </option>
            ))}
          </Select>
        </Field>
      ))}
      <Leniency strictness={syllabus.strictness} />
    </Tile>
  );
}

const becomes = { earns: 'earns', person: 'a person looks', nothing: 'nothing' } as const;

/** What becomes, at this strictness, of answers that are right but for one thing. */
function Leniency({ strictness }: { readonly strictness: Strictness }) {
  return (
    <Box>
      <chakra.h2 fontSize="lg" mt="2" mb="1">
        Right but for …
      </chakra.h2>
      <Table label={`What ${strictness} means`} heads={['', 'For example', 'In', strictness]}>
        {leniencyRules.map((rule) => (
          <Row key={rule.id}>
            <Cell>{rule.what}</Cell>
            <Cell fontStyle="italic">{rule.example}</Cell>
            <Cell>{rule.of}</Cell>
            <Cell fontWeight={rule.by[strictness] === 'earns' ? undefined : 'bold'}>
              {becomes[rule.by[strictness]]}
            </Cell>
          </Row>
        ))}
      </Table>
    </Box>
  );
}
