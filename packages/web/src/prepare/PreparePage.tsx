/** Prepare: what the technician makes, sets out, labels and throws away, and when; ticked off with who. */
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { FileLink } from '../kit/FileLink.js';
import { Notice } from '../kit/Notice.js';
import { Parts } from '../kit/Parts.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { usePlanningPart } from '../lessons/use-planning-part.js';
import { BenchPart } from './BenchPart.js';
import { LabelsPart } from './LabelsPart.js';
import { MakePart } from './MakePart.js';
import { RiskPart } from './RiskPart.js';
import { TasksPart } from './TasksPart.js';
import { usePrepChange, usePreparation } from './use-preparation.js';
import { SubstitutionsPart, WastePart } from './WastePart.js';
import { address } from '../kit/request/call.js';

export default function PreparePage() {
  const lesson = useThisLesson();
  const [params] = useSearchParams();
  const [opened] = useState(() => Date.now());
  const { needs, tasks, apparatus, waste, risk, log, store } = usePreparation(lesson);
  const change = usePrepChange(lesson.id);
  const settings = usePlanningPart(lesson.id, 'preparation');
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
              <MakePart
                lesson={lesson}
                needs={needs}
                takings={log.data?.takings ?? []}
                marked={{ jar: params.get('jar'), reagent: params.get('item') }}
                set={(change) => settings.mutate({ change })}
                take={(item, amount, reason) =>
                  change.mutate({ take: { item, amount, reason: reason.slice(0, 160) } })
                }
              />
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
