/** Prepare: what the technician makes, sets out, labels and throws away, and when; ticked off with who. */
import { Box, chakra } from '@chakra-ui/react';
import { formulaInText, type SampleNeed, standsWords } from '@kivex/core';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Field } from '../kit/Field.js';
import { FileLink } from '../kit/FileLink.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Parts } from '../kit/Parts.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { usePlanningPart } from '../lessons/use-planning-part.js';
import { amountText } from '../store/store-queries.js';
import { BenchPart } from './BenchPart.js';
import { LabelsPart } from './LabelsPart.js';
import { RecipeView } from './RecipeView.js';
import { RiskPart } from './RiskPart.js';
import { TasksPart } from './TasksPart.js';
import { usePrepChange, usePreparation } from './use-preparation.js';
import { SubstitutionsPart, WastePart } from './WastePart.js';
import { address } from '../kit/request/call.js';

const cm3 = (mL: number | null): string =>
  mL === null ? '' : mL >= 100 ? `${Math.ceil(mL)} cm³` : `${Number(mL.toPrecision(2))} cm³`;
const sampleTotal = ({ total, unit }: SampleNeed): string =>
  unit === 'mL' ? cm3(total) : unit === 'g' ? `${Number(total.toPrecision(2))} g` : `${total} ${unit}`;

export default function PreparePage() {
  const lesson = useThisLesson();
  const [params] = useSearchParams();
  const [opened] = useState(() => Date.now());
  const { needs, tasks, apparatus, waste, risk, log, store } = usePreparation(lesson);
  const change = usePrepChange(lesson.id);
  const settings = usePlanningPart(lesson.id, 'preparation');
  const byKey = new Map(lesson.samples.map((s) => [s.key, s]));
  // Where a QR code leads: the jar or the reagent it stands on.
  const jar = params.get('jar');
  const item = params.get('item');
  const take = (item: string, amount: number, reason: string) =>
    change.mutate({ take: { item, amount, reason: reason.slice(0, 160) } });
  const missing = [...needs.reagents, ...needs.samples].flatMap((n) => {
    const best = n.recipes[0];
    return best && 'from' in best && !best.from.enough ? [best.from.name] : [];
  });
  const impossible = [...needs.reagents, ...needs.samples].flatMap((n) =>
    n.recipes[0]?.kind === 'impossible' ? [n.recipes[0].why] : [],
  );
  const left = tasks.filter((t) => !log.data?.ticks.find((k) => k.key === t.key)?.done);
  const overdue = left.filter(
    (t) => t.hoursBefore >= 0 && Date.parse(lesson.startsAt) - t.hoursBefore * 3_600_000 < opened,
  );
  const failed = change.error ?? settings.error ?? log.error ?? store.error;
  const consequences: Consequence[] = [
    ...(failed ? [{ key: 'failed', tone: 'stop' as const, text: failed.message }] : []),
    ...impossible.map((why): Consequence => ({ key: why, tone: 'stop', text: why })),
    {
      key: 'secret',
      tone: 'look',
      text: 'This page and its sheet say what the jars hold: keep them in the prep room. Labels show codes only.',
      action: (
        <FileLink
          variant="go"
          href={address('GET /api/lessons/:lesson/preparation/sheet.pdf', { lesson: lesson.id })}
        >
          <FileDown size={18} aria-hidden /> Prep sheet (PDF)
        </FileLink>
      ),
    },
    ...(overdue.length && lesson.state === 'planned'
      ? [
          {
            key: 'overdue',
            tone: 'look' as const,
            text: `${overdue.length} ${overdue.length === 1 ? 'task is' : 'tasks are'} due by now and not ticked.`,
          },
        ]
      : []),
    ...(missing.length && store.data
      ? [
          {
            key: 'missing',
            tone: 'look' as const,
            text: `The store does not hold enough, within its date, of: ${[...new Set(missing)].join(', ')}.`,
          },
        ]
      : []),
    ...waste
      .filter((w) => w.bottles)
      .map((w): Consequence => ({
        key: w.stream.id,
        tone: 'tell',
        text: `${w.stream.name}: about ${Math.ceil(w.volume_mL)} cm³, ${w.bottles} ${w.bottles === 1 ? 'bottle' : 'bottles'} to set out.`,
      })),
    { key: 'defer', tone: 'tell', text: risk.deference },
  ];
  return (
    <Surface follows={<Follows consequences={consequences} />}>
      <Parts
        label="Parts of the preparation"
        parts={[
          {
            id: 'tasks',
            name: `To do (${left.length})`,
            show: () => (
              <TasksPart
                tasks={tasks}
                log={log.data}
                startsAt={lesson.startsAt}
                lessonId={lesson.id}
                tick={(key, done) => change.mutate({ tick: { key, done } })}
              />
            ),
          },
          {
            id: 'make',
            name: 'Solutions and samples',
            show: () => (
              <>
                <Tile>
                  <Box display="flex" gap="3" alignItems="end" flexWrap="wrap" mb="2">
                    <chakra.h2 fontSize="lg">Solutions and reagents</chakra.h2>
                    <Box flex="1" />
                    <Field size="small" label="More for spills, %" width="5.5rem">
                      <NumberInput
                        value={Math.round(lesson.planning.surplus * 100)}
                        max={300}
                        step={5}
                        onValue={(n) => settings.mutate({ change: { surplus: (n ?? 20) / 100 } })}
                      />
                    </Field>
                    <Field size="small" label="A drop, cm³" width="5.5rem">
                      <NumberInput
                        value={lesson.planning.drop_mL}
                        min={0.01}
                        max={0.2}
                        step={0.005}
                        onValue={(n) => settings.mutate({ change: { drop_mL: n ?? 0.05 } })}
                      />
                    </Field>
                  </Box>
                  {!needs.reagents.length && <p>No reagents beyond the samples themselves.</p>}
                  <Table
                    label="Solutions and reagents"
                    heads={['Reagent', 'A group', 'The class', 'Bottles', 'How it is made']}
                  >
                    {needs.reagents.map((r) => (
                      <Row key={r.key} bg={item === r.key ? 'permanganate.wash' : undefined}>
                        <Cell verticalAlign="top">
                          <b>{r.name}</b>
                          {r.hazard.level !== 'low' && (
                            <chakra.div
                              fontSize="sm"
                              color={r.hazard.level === 'danger' ? 'cinnabar' : 'saffron'}
                            >
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
                          <RecipeView
                            recipes={r.recipes}
                            take={(item, amount) => take(item, amount, r.name)}
                          />
                        </Cell>
                      </Row>
                    ))}
                  </Table>
                </Tile>
                <Tile>
                  <chakra.h2 fontSize="lg" mb="2">
                    Samples
                  </chakra.h2>
                  <Table label="Samples" heads={['Label', 'Holds', 'Portions', 'In all', 'How it is made']}>
                    {needs.samples.map((s) => {
                      const own = byKey.get(s.key);
                      return (
                        <Row key={s.key} bg={jar && own?.id === jar ? 'permanganate.wash' : undefined}>
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
                {Boolean(log.data?.takings.length) && (
                  <Tile>
                    <chakra.h2 fontSize="lg" mb="1">
                      Taken from the store
                    </chakra.h2>
                    {log.data!.takings.map((t, i) => (
                      <Box key={i} py="1" borderTop="1px solid" borderColor="slate.200">
                        {amountText(t.amount, t.unit as 'g')} of {t.name}, batch {t.item}: {t.by},{' '}
                        {dayAndTime(t.at)}
                      </Box>
                    ))}
                  </Tile>
                )}
              </>
            ),
          },
          {
            id: 'benches',
            name: 'Benches',
            show: () => (
              <BenchPart
                practical={lesson.practical}
                apparatus={apparatus}
                names={new Map(lesson.samples.map((s) => [s.key, s.label]))}
                plate={lesson.planning.plate}
                skip={lesson.planning.skip}
                set={(change) => settings.mutate({ change })}
              />
            ),
          },
          { id: 'labels', name: 'Labels', show: () => <LabelsPart lessonId={lesson.id} /> },
          { id: 'risk', name: 'Hazards', show: () => <RiskPart risk={risk} lessonId={lesson.id} /> },
          {
            id: 'waste',
            name: 'Waste and substitutes',
            show: () => (
              <>
                <WastePart waste={waste} />
                <SubstitutionsPart
                  practical={lesson.practical}
                  log={log.data}
                  substitute={(id) => change.mutate({ substitute: id })}
                />
                {store.data && !store.data.items.length && (
                  <Notice>The store is empty: recipes are worked out for what is usually bought.</Notice>
                )}
              </>
            ),
          },
        ]}
      />
    </Surface>
  );
}
