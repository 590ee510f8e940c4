/** What each test should show for each sample, and whether it will be seen at these strengths: computed, not typed. */
import { Box, chakra } from '@chakra-ui/react';
import {
  attributeOf,
  evidenceOf,
  testOf,
  warningText,
  type Practical,
  type PracticalSample,
} from '@kivex/core';
import { TriangleAlert } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Checkbox } from '../kit/Checkbox.js';
import { looksOf, type LookName } from '../kit/look-names.js';
import { Tile } from '../kit/Tile.js';
import { Tip } from '../kit/Tip.js';
import { Well } from '../kit/well/Well.js';
import type { WorkColumn } from '../kit/worktable/columns.js';
import { WorkTable } from '../kit/worktable/WorkTable.js';

export interface SampleName {
  readonly label: string;
  readonly holds: string;
}
type Evidence = ReturnType<typeof evidenceOf>;

interface CellProps {
  readonly look: LookName;
  readonly sample: PracticalSample;
  readonly label: string;
  readonly evidence: Evidence;
  readonly dense: boolean;
}

function EvidenceCell({ look, sample, label, evidence, dense }: CellProps) {
  const attribute = attributeOf(testOf(look.test), look.attribute);
  const cell = evidence.find((e) => e.sample === sample.key && e.test === look.test);
  const values = cell?.shows[attribute.id] ?? [];
  const shown = values.flatMap((v) => attribute.values.find((x) => x.id === v) ?? []);
  const warning = cell?.warnings.find((w) => w.attribute === attribute.id);
  return (
    <Box display="flex" alignItems="center" gap="1.5" lineHeight="1.2">
      {shown[0] && <Well look={shown[0].look} size={dense ? 24 : 34} glass={look.throughGlass} />}
      {shown.map((v) => v.label).join(' or ') || (attribute.number ? values.join(' or ') : '·')}
      {warning && (
        <Tip says={warningText(warning, label)}>
          <chakra.span color="saffron" tabIndex={0}>
            <TriangleAlert size={18} aria-label={warningText(warning, label)} />
          </chakra.span>
        </Tip>
      )}
    </Box>
  );
}

export function EvidenceTable({
  practical,
  nameOf,
}: {
  readonly practical: Pick<Practical, 'samples' | 'tests'>;
  readonly nameOf: (sample: PracticalSample) => SampleName;
}) {
  const evidence = useMemo(() => evidenceOf(practical), [practical]);
  const looks = useMemo(() => looksOf(practical), [practical]);
  const [dense, setDense] = useState(looks.length > 6);
  const columns: WorkColumn<PracticalSample>[] = [
    {
      id: 'sample',
      head: 'Sample',
      says: 'Sample and what it holds',
      value: (s) => `${nameOf(s).label} ${nameOf(s).holds}`,
      show: (s) => (
        <Box minW="6.5rem">
          {nameOf(s).label}
          <chakra.div fontSize="sm" fontWeight="400" color="ink.soft" lineHeight="1.2">
            {nameOf(s).holds}
          </chakra.div>
        </Box>
      ),
    },
    ...looks.map((look): WorkColumn<PracticalSample> => ({
      id: `${look.test} ${look.attribute}`,
      head: look.what,
      says: look.says,
      group: { id: look.test, head: look.short, says: testOf(look.test).name },
      show: (sample) => (
        <EvidenceCell
          look={look}
          sample={sample}
          label={nameOf(sample).label}
          evidence={evidence}
          dense={dense}
        />
      ),
    })),
  ];
  return (
    <Tile p="3">
      <WorkTable
        label="What each sample shows"
        rows={practical.samples}
        rowId={(s) => s.key}
        columns={columns}
        dense={dense}
        tools={
          <Checkbox checked={dense} onChange={setDense}>
            Close together
          </Checkbox>
        }
      />
    </Tile>
  );
}
