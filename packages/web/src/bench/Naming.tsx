/** Name the ion of each jar, pointing at the evidence. Each student names for themselves. */
import { Box, chakra } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { namingOf, standing, type GroupRecord, type StudentBody } from '@kivex/core';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { OnOff } from '../kit/OnOff.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { Equations } from './Equations.js';
import { EntryWells, EntryWords } from './Entries.js';
import { Knowns, NameChoice, RulesOut } from './NameParts.js';

const questions: Readonly<Record<Bench['asks'], string>> = {
  cation: 'Which metal ion is in each jar?',
  anion: 'Which anion is in each jar?',
  salt: 'Which salt is in each jar? Name both its ions.',
  gas: 'Which gas is in each tube?',
  metal: 'Which metal is each piece?',
};
interface NamingProps {
  readonly bench: Bench;
  readonly record: GroupRecord;
  readonly log: (body: StudentBody) => Promise<string>;
  readonly toLog: () => void;
}

export function Naming({ bench, record, log, toLog }: NamingProps) {
  const unknowns = bench.samples.filter((s) => s.role === 'unknown');
  return (
    <>
      <Notice>
        {questions[bench.asks]} Your own answer counts for you; the record belongs to your group.
      </Notice>
      {unknowns.map((sample) => (
        <NamingCard
          key={sample.id}
          bench={bench}
          record={record}
          sample={sample.id}
          label={sample.label}
          log={log}
          toLog={toLog}
        />
      ))}
      <Equations bench={bench} record={record} log={log} />
    </>
  );
}

function NamingCard({
  bench,
  record,
  sample,
  label,
  log,
  toLog,
}: NamingProps & { readonly sample: string; readonly label: string }) {
  const before = namingOf(record, sample, bench.me.id);
  // What the liquid kept of it showed is evidence of it too.
  const liquids = bench.samples.filter((s) => s.from?.sample === sample);
  const entries = [sample, ...liquids.map((s) => s.id)].flatMap((id) => standing(record, id));
  const [answer, setAnswer] = useState(before?.body.answer ?? '');
  const [evidence, setEvidence] = useState<readonly string[]>(before?.body.evidence ?? []);
  const [rulesOut, setRulesOut] = useState<readonly string[]>(before?.body.rulesOut ?? []);
  const pointed = evidence.filter((id) => entries.some((e) => e.id === id));
  const same =
    before &&
    before.body.answer === answer.trim() &&
    [...before.body.evidence].sort().join() === [...pointed].sort().join() &&
    [...(before.body.rulesOut ?? [])].sort().join() === [...rulesOut].sort().join();
  const missing = !answer.trim()
    ? 'Choose or write the name.'
    : !pointed.length
      ? 'Tap the entry that is your evidence.'
      : undefined;

  return (
    <Tile p="3" display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="xl">
        {label}
        {before && (
          <chakra.span fontSize="md" fontWeight="400" color="verdigris">
            {' '}
            · you said {before.body.answer}
          </chakra.span>
        )}
      </chakra.h2>
      {!entries.length ? (
        <Notice
          action={
            <Button size="bench" onClick={toLog}>
              Go to the log
            </Button>
          }
        >
          Nothing is logged for this jar yet. Test it first; a name needs evidence.
        </Notice>
      ) : (
        <>
          <Box>
            <chakra.h3 fontSize="md" mb="1">
              Your evidence: tap what shows it
            </chakra.h3>
            <Box display="flex" flexDirection="column" gap="2">
              {entries.map((entry) => {
                const on = pointed.includes(entry.id);
                return (
                  <OnOff
                    key={entry.id}
                    size="bench"
                    pressed={on}
                    onPressedChange={() =>
                      setEvidence(on ? pointed.filter((id) => id !== entry.id) : [...pointed, entry.id])
                    }
                    flexDirection="row"
                    justifyContent="flex-start"
                    textAlign="start"
                    gap="3"
                    color="ink"
                    fontWeight="400"
                  >
                    <EntryWells entry={entry} size={40} />
                    <Box>
                      {entry.body.sample !== sample && (
                        <chakra.span display="block" fontSize="sm" color="ink.soft">
                          the liquid
                        </chakra.span>
                      )}
                      <EntryWords entry={entry} several={bench.tests.length > 1} />
                    </Box>
                    <Box flex="1" />
                    {on && <Check size={24} aria-hidden />}
                  </OnOff>
                );
              })}
            </Box>
          </Box>
          <Knowns bench={bench} record={record} tests={entries.map((e) => e.body.test)} />
          <NameChoice label={label} choices={bench.choices} answer={answer} change={setAnswer} />
          <RulesOut label={label} choices={bench.choices.flat()} out={rulesOut} change={setRulesOut} />
          {missing && <chakra.p color="ink.soft">{missing}</chakra.p>}
          <Button
            size="bench"
            variant="go"
            disabled={Boolean(missing) || Boolean(same)}
            onClick={() =>
              void log({
                type: 'naming',
                sample,
                answer: answer.trim(),
                evidence: pointed,
                ...(rulesOut.length ? { rulesOut } : {}),
              })
            }
          >
            {same ? 'Saved' : before ? 'Change my answer' : 'This is my answer'}
          </Button>
        </>
      )}
    </Tile>
  );
}
