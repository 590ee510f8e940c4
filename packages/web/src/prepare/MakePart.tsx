/** How solutions and samples are made, how much of each, and what was taken from the store for them. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, PrepTaking } from '@kivex/contract';
import { formulaInText, standsWords, type SampleNeed } from '@kivex/core';
import { Field } from '../kit/Field.js';
import { dayAndTime } from '../kit/moments.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { amountText } from '../store/store-queries.js';
import { RecipeView } from './RecipeView.js';
import type { usePreparation } from './use-preparation.js';

const cm3 = (mL: number | null): string =>
  mL === null ? '' : mL >= 100 ? `${Math.ceil(mL)} cm³` : `${Number(mL.toPrecision(2))} cm³`;
const sampleTotal = ({ total, unit }: SampleNeed): string =>
  unit === 'mL' ? cm3(total) : unit === 'g' ? `${Number(total.toPrecision(2))} g` : `${total} ${unit}`;

type Needs = ReturnType<typeof usePreparation>['needs'];
type Take = (item: string, amount: number, reason: string) => void;
type Set = (change: { readonly surplus: number } | { readonly drop_mL: number }) => void;

interface MakePartProps {
  readonly lesson: Lesson;
  readonly needs: Needs;
  readonly takings: readonly PrepTaking[];
  /** Where a QR code leads: the jar or the reagent it stands on. */
  readonly marked: { readonly jar: string | null; readonly reagent: string | null };
  readonly set: Set;
  readonly take: Take;
}

export function MakePart({ lesson, needs, takings, marked, set, take }: MakePartProps) {
  return (
    <>
      <Reagents lesson={lesson} reagents={needs.reagents} marked={marked.reagent} set={set} take={take} />
      <Samples lesson={lesson} samples={needs.samples} marked={marked.jar} take={take} />
      {takings.length > 0 && (
        <Tile>
          <chakra.h2 fontSize="lg" mb="1">
            Taken from the store
          </chakra.h2>
          {takings.map((t, i) => (
            <Box key={i} py="1" borderTop="1px solid" borderColor="slate.200">
              {amountText(t.amount, t.unit as 'g')} of {t.name}, batch {t.item}: {t.by}, {dayAndTime(t.at)}
            </Box>
          ))}
        </Tile>
      )}
    </>
  );
}

interface ReagentsProps extends Pick<MakePartProps, 'lesson' | 'set' | 'take'> {
  readonly reagents: Needs['reagents'];
  readonly marked: string | null;
}
function Reagents({ lesson, reagents, marked, set, take }: ReagentsProps) {
  return (
    <Tile>
      <Box display="flex" gap="3" alignItems="end" flexWrap="wrap" mb="2">
        <chakra.h2 fontSize="lg">Solutions and reagents</chakra.h2>
        <Box flex="1" />
        <Field size="small" label="More for spills, %" width="5.5rem">
          <NumberInput
            value={Math.round(lesson.planning.surplus * 100)}
            max={300}
            step={5}
            onValue={(n) => set({ surplus: (n ?? 20) / 100 })}
          />
        </Field>
        <Field size="small" label="A drop, cm³" width="5.5rem">
          <NumberInput
            value={lesson.planning.drop_mL}
            min={0.01}
            max={0.2}
            step={0.005}
            onValue={(n) => set({ drop_mL: n ?? 0.05 })}
          />
        </Field>
      </Box>
      {!reagents.length && <p>No reagents beyond the samples themselves.</p>}
      <Table
        label="Solutions and reagents"
        heads={['Reagent', 'A group', 'The class', 'Bottles', 'How it is made']}
      >
        {reagents.map((r) => (
          <Row key={r.key} bg={marked === r.key ? 'permanganate.wash' : undefined}>
            <Cell verticalAlign="top">
              <b>{r.name}</b>
              {r.hazard.level !== 'low' && (
                <chakra.div fontSize="sm" color={r.hazard.level === 'danger' ? 'cinnabar' : 'saffron'}>
                  {r.hazard.statements.join(' ')}
                </chakra.div>
              )}
            </Cell>
            <Cell verticalAlign="top" whiteSpace="nowrap">
              {cm3(r.perGroup_mL)}
            </Cell>
            <Cell verticalAlign="top" whiteSpace="nowrap">
              {r.pieces === null ? cm3(r.total_mL) : `${r.pieces} pieces`}
            </Cell>
            <Cell verticalAlign="top">
              {r.bottles} {standsWords[r.stands]}
            </Cell>
            <Cell verticalAlign="top">
              <RecipeView recipes={r.recipes} take={(item, amount) => take(item, amount, r.name)} />
            </Cell>
          </Row>
        ))}
      </Table>
    </Tile>
  );
}

interface SamplesProps extends Pick<MakePartProps, 'lesson' | 'take'> {
  readonly samples: Needs['samples'];
  readonly marked: string | null;
}
function Samples({ lesson, samples, marked, take }: SamplesProps) {
  const byKey = new Map(lesson.samples.map((s) => [s.key, s]));
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="2">
        Samples
      </chakra.h2>
      <Table label="Samples" heads={['Label', 'Holds', 'Portions', 'In all', 'How it is made']}>
        {samples.map((s) => {
          const own = byKey.get(s.key);
          return (
            <Row key={s.key} bg={marked && own?.id === marked ? 'permanganate.wash' : undefined}>
              <Cell
                verticalAlign="top"
                fontWeight="600"
                fontFamily={s.role === 'unknown' ? 'mono' : undefined}
              >
                {own?.label ?? s.key}
              </Cell>
              <Cell verticalAlign="top">
                {s.holds}
                <chakra.div fontSize="sm" color="ink.soft">
                  {formulaInText(s.formula)}, {s.form}
                  {s.molarity !== null && `, ${s.molarity} mol/dm³`}
                </chakra.div>
              </Cell>
              <Cell verticalAlign="top">{s.portions}</Cell>
              <Cell verticalAlign="top" whiteSpace="nowrap">
                {s.portions ? sampleTotal(s) : ''}
              </Cell>
              <Cell verticalAlign="top">
                <RecipeView
                  recipes={s.recipes}
                  take={(item, amount) => take(item, amount, own?.label ?? s.holds)}
                />
              </Cell>
            </Row>
          );
        })}
      </Table>
    </Tile>
  );
}
