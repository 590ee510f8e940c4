/** What has been logged for one sample: nothing is rubbed out, a correction stands beside the first entry. */
import { Box, chakra } from '@chakra-ui/react';
import type { BenchSample, StudentName } from '@kivex/contract';
import {
  differ,
  isTestId,
  type StudentBody,
  type GroupRecord,
  type LessonEvent,
  type ObservationEntry,
} from '@kivex/core';
import { Suspense } from 'react';
import { Button } from '../kit/Button.js';
import { clock } from '../kit/moments.js';
import { optional } from '../kit/optional.js';
import { Tile } from '../kit/Tile.js';
import { shownResults } from '../kit/well/results.js';
import { Well } from '../kit/well/Well.js';
import { WhichToTrust } from './WhichToTrust.js';
import type { Waiting } from './device-store.js';
import { shortTestName } from '../kit/look-names.js';

const Photo = optional(async () => (await import('./PhotoPart.js')).Photo);

interface EntriesProps {
  readonly record: GroupRecord;
  readonly sample: string;
  /** On the bench, to name one that a result was taken from. */
  readonly samples: readonly BenchSample[];
  readonly students: readonly StudentName[];
  readonly waiting: readonly Waiting[];
  /** Kept apart for the teacher's word. */
  readonly held: readonly LessonEvent[];
  /** There are several tests. */
  readonly several: boolean;
  readonly correct: (entry: ObservationEntry) => void;
  readonly log: (body: StudentBody) => Promise<string>;
}

export function Entries({
  record,
  sample,
  samples,
  students,
  waiting,
  held,
  several,
  correct,
  log,
}: EntriesProps) {
  const entries = record.observations.filter((o) => o.body.sample === sample);
  if (!entries.length) return null;
  const stand = entries.filter((e) => !e.correctedBy);
  const differing = [...new Set(stand.map((e) => e.body.test))]
    .map((test) => stand.filter((e) => e.body.test === test))
    .filter(differ);
  return (
    <Tile p="3">
      <chakra.h3 fontSize="lg" mb="1">
        Your record
      </chakra.h3>
      {differing.map((list) => (
        <WhichToTrust key={list[0]!.body.test} entries={list} log={log} />
      ))}
      <chakra.ol display="flex" flexDirection="column">
        {entries.map((entry) => (
          <chakra.li
            key={entry.id}
            display="flex"
            alignItems="center"
            gap="3"
            py="2"
            borderTop="1px solid"
            borderColor="slate.200"
            color={entry.correctedBy ? 'ink.faint' : 'ink'}
          >
            <EntryWells entry={entry} />
            <Box flex="1" minW="0">
              <EntryWords entry={entry} several={several} />
              {entry.body.photo && (
                <Suspense fallback={null}>
                  <Photo id={entry.body.photo} />
                </Suspense>
              )}
              <chakra.div fontSize="sm" color="ink.soft">
                {clock(entry.at)}, {students.find((s) => s.id === entry.by)?.name ?? 'your group'}
                {entry.body.inferredFrom &&
                  `, like ${samples.find((s) => s.id === entry.body.inferredFrom)?.label ?? 'another sample'}, not tested`}
                {entry.body.celsius && `, ${entry.body.celsius.before} to ${entry.body.celsius.highest} °C`}
                {entry.body.drops && `, ${entry.body.drops} ${entry.body.drops === 1 ? 'drop' : 'drops'}`}
                {entry.body.reagentWas &&
                  `, reagent ${entry.body.reagentWas === 'substitute' ? 'replaced' : entry.body.reagentWas}${entry.body.reagentNote ? ` (${entry.body.reagentNote})` : ''}`}
                {entry.body.corrects && ', a correction'}
                {entry.correctedBy && ', corrected below'}
                {entry.trusted && `, the one you trust${entry.trusted.why ? `: ${entry.trusted.why}` : ''}`}
                {waiting.some((w) => w.event.id === entry.id) && ', on this device'}
                {held.some((e) => e.id === entry.id) && ', waits for your teacher'}
              </chakra.div>
            </Box>
            {!entry.correctedBy && (
              <Button size="bench" minH="12" fontSize="md" onClick={() => correct(entry)}>
                Correct
              </Button>
            )}
          </chakra.li>
        ))}
      </chakra.ol>
    </Tile>
  );
}

export function EntryWells({
  entry,
  size = 44,
}: {
  readonly entry: ObservationEntry;
  readonly size?: number;
}) {
  const shown = shownResults(entry.body.test, entry.body.seen);
  if (!shown.length)
    return (
      <Well
        look={{ kind: 'empty' }}
        size={size}
        corrected={Boolean(entry.correctedBy)}
        doubtful={Boolean(entry.body.doubtful)}
      />
    );
  return (
    <Box display="flex" gap="1">
      {shown.map((r) => (
        <Well
          key={r.attribute}
          look={r.look}
          glass={r.glass}
          size={size}
          doubtful={Boolean(entry.body.doubtful)}
          corrected={Boolean(entry.correctedBy)}
        />
      ))}
    </Box>
  );
}

export function EntryWords({
  entry,
  several,
}: {
  readonly entry: ObservationEntry;
  /** There are several tests, so that the entry says of which it is. */
  readonly several: boolean;
}) {
  const shown = shownResults(entry.body.test, entry.body.seen);
  return (
    <div style={{ textDecoration: entry.correctedBy ? 'line-through' : undefined }}>
      {several && isTestId(entry.body.test) && (
        <chakra.span fontWeight="600">{shortTestName(entry.body.test)}: </chakra.span>
      )}
      {entry.body.notDone && 'no time'}
      {/* What Kivex read from the words is drawn, not worded: that would give the wording away. */}
      {!entry.body.read && shown.map((r) => (r.glass ? `glass: ${r.word}` : r.word)).join(', ')}
      {entry.body.words && (
        <chakra.span color="ink.soft">
          {shown.length && !entry.body.read ? ' ' : ''}“{entry.body.words}”
        </chakra.span>
      )}
      {(entry.body.doubtful || entry.body.weak) && (
        <chakra.span color="saffron" fontWeight="600">
          {' '}
          {[entry.body.weak && 'weak', entry.body.doubtful && 'not sure'].filter(Boolean).join(', ')}
        </chakra.span>
      )}
    </div>
  );
}
