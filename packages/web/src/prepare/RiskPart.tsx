/** Hazards and controls step by step at the strength used, plainly marked as support for the employer's own assessment. */
import { Box, chakra } from '@chakra-ui/react';
import type { Risk } from '@kivex/core';
import { FileDown } from 'lucide-react';
import { FileLink } from '../kit/FileLink.js';
import { Notice } from '../kit/Notice.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { PictogramPicture } from './LabelsPart.js';
import { address } from '../kit/request/call.js';

const levelWords = { low: 'low', care: 'take care', danger: 'danger' } as const;
const levelColours = { low: 'ink.soft', care: 'saffron', danger: 'cinnabar' } as const;

export function RiskPart({ risk, lessonId }: { readonly risk: Risk; readonly lessonId: string }) {
  return (
    <>
      <Tile display="grid" gap="3">
        <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
          <chakra.h2 fontSize="lg">Hazards and controls</chakra.h2>
          <Box flex="1" />
          <FileLink
            variant="go"
            href={address('GET /api/lessons/:lesson/preparation/risk.pdf', { lesson: lessonId })}
          >
            <FileDown size={18} aria-hidden /> Risk sheet (PDF)
          </FileLink>
        </Box>
        <Notice tone="look">{risk.deference}</Notice>
        <Box display="flex" gap="2" flexWrap="wrap">
          {risk.pictograms.map((p) => (
            <PictogramPicture key={p} pictogram={p} size={52} />
          ))}
        </Box>
        <chakra.ul pl="5" listStyleType="disc">
          {risk.ppe.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </chakra.ul>
      </Tile>
      <Tile>
        <chakra.h2 fontSize="lg" mb="1">
          Samples
        </chakra.h2>
        <Table label="Hazards of the samples" heads={['Sample', 'Form', 'Level', 'Hazard']}>
          {risk.samples.map((s) => (
            <Row key={s.key}>
              <Cell>{s.holds}</Cell>
              <Cell>{s.form}</Cell>
              <Cell color={levelColours[s.hazard.level]} fontWeight="600">
                {levelWords[s.hazard.level]}
              </Cell>
              <Cell>
                {s.hazard.words}{' '}
                <chakra.span fontSize="sm" color="ink.soft">
                  {s.hazard.statements.join(' ')}
                </chakra.span>
              </Cell>
            </Row>
          ))}
        </Table>
      </Tile>
      {risk.tests.map((test) => (
        <Tile key={test.test}>
          <chakra.h2 fontSize="lg" mb="1">
            {test.title}
          </chakra.h2>
          <Table label={test.name} heads={['Step', 'Hazards and cautions', 'Who and where']}>
            {test.steps.map((step, i) => (
              <Row key={step.step}>
                <Cell verticalAlign="top">
                  {i + 1}. {step.text}
                </Cell>
                <Cell verticalAlign="top">
                  {step.reagents.map((r) => (
                    <chakra.div
                      key={r.reagent + String(r.molarity)}
                      color={r.hazard.level === 'danger' ? 'cinnabar' : 'ink'}
                    >
                      <b>
                        {r.name}
                        {r.molarity === null ? '' : ` ${r.molarity} mol/dm³`}:
                      </b>{' '}
                      {r.hazard.words} {r.hazard.statements.join(' ')}
                    </chakra.div>
                  ))}
                  {step.cautions.map((c) => (
                    <chakra.div
                      key={c.text}
                      color={c.level === 'danger' ? 'cinnabar' : 'saffron'}
                      fontWeight="600"
                    >
                      {c.text}
                    </chakra.div>
                  ))}
                </Cell>
                <Cell verticalAlign="top" fontWeight="600">
                  {[
                    step.teacherOnly && 'teacher only',
                    step.teacherFirst && 'show the teacher first',
                    step.fumeCupboard && 'fume cupboard',
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </Cell>
              </Row>
            ))}
          </Table>
          <chakra.p mt="2">
            <b>Waste:</b> {test.waste}
          </chakra.p>
        </Tile>
      ))}
    </>
  );
}
