/** Entries that differ: the group says which it trusts, and why; its mark follows that. */
import { Box } from '@chakra-ui/react';
import { isPlain, type ObservationEntry, type StudentBody } from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { shortTestName } from '../kit/look-names.js';
import { clock } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { saidWords } from '../kit/well/results.js';

export function WhichToTrust({
  entries,
  log,
}: {
  /** Standing ones of one sample and test. */
  readonly entries: readonly ObservationEntry[];
  readonly log: (body: StudentBody) => Promise<string>;
}) {
  const [why, setWhy] = useState('');
  const sure = entries.filter((e) => isPlain(e) && Object.keys(e.body.seen).length > 0);
  return (
    <Notice tone="look">
      <b>{shortTestName(entries[0]!.body.test)}: your entries differ.</b> Repeat it if you can. Else say which
      you trust.
      <Field label="Why that one? (if you like)" mt="2">
        <Input size="bench" value={why} maxLength={500} onChange={(e) => setWhy(e.target.value)} />
      </Field>
      <Box display="flex" gap="2" flexWrap="wrap" mt="2">
        {sure.map((entry) => (
          <Button
            key={entry.id}
            size="bench"
            minH="12"
            onClick={() =>
              void log({ type: 'trust', entry: entry.id, ...(why.trim() ? { why: why.trim() } : {}) })
            }
          >
            {saidWords(entry.body)}, {clock(entry.at)}
          </Button>
        ))}
      </Box>
    </Notice>
  );
}
