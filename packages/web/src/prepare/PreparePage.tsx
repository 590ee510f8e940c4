/** Prepare: what the technician does when, which jar is which, and labels that reveal nothing. */
import { Box, chakra } from '@chakra-ui/react';
import { testOf, variantOf } from '@kivex/core';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { dayAndTime } from '../kit/moments.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';

const hour = 3_600_000;
const Cell = chakra('td', { base: { px: '3', py: '1.5', borderTop: '1px solid', borderColor: 'slate.200' } });
const Head = chakra('th', {
  base: { px: '3', py: '1.5', textAlign: 'left', color: 'ink.soft', fontWeight: '600' },
});

export default function PreparePage() {
  const lesson = useThisLesson();
  const [labels, setLabels] = useState(false);
  const starts = Date.parse(lesson.startsAt);
  const tasks = lesson.practical.tests
    .flatMap(({ test, variant }) => variantOf(testOf(test), variant).preparations)
    .map((p) => ({ ...p, due: new Date(starts - p.hoursBefore * hour).toISOString() }))
    .sort((a, b) => a.due.localeCompare(b.due));
  const jars = lesson.samples.filter((s) => s.role === 'unknown');
  const portions = (id: string) => lesson.groupList.filter((g) => g.unknowns.includes(id)).length;
  const waste = lesson.practical.tests.map(({ test, variant }) => variantOf(testOf(test), variant).waste);

  if (labels)
    return (
      <JarLabels
        labels={jars.map((j) => j.label)}
        lesson={`${lesson.className}, ${dayAndTime(lesson.startsAt)}`}
        done={() => setLabels(false)}
      />
    );
  return (
    <Surface
      follows={
        <Follows
          consequences={[
            {
              key: 'secret',
              tone: 'look',
              text: 'This sheet says what the jars hold: keep it in the prep room. The labels show codes only.',
              action: (
                <Button onClick={() => setLabels(true)}>
                  <Printer size={18} aria-hidden /> Jar labels
                </Button>
              ),
            },
            ...waste.map((text) => ({
              key: text,
              tone: 'tell' as const,
              text: (
                <>
                  <b>Waste.</b> {text}
                </>
              ),
            })),
            {
              key: 'defer',
              tone: 'tell',
              text: "These are the usual cautions. Your employer's risk assessment, local codes and the qualified person in charge decide.",
            },
          ]}
        />
      }
    >
      <Tile>
        <chakra.h2 fontSize="lg" mb="1">
          What to do when
        </chakra.h2>
        <chakra.ol>
          {tasks.map((task) => (
            <chakra.li
              key={task.task}
              display="grid"
              gridTemplateColumns="11rem 1fr"
              gap="3"
              py="2"
              borderTop="1px solid"
              borderColor="slate.200"
            >
              <b>{task.hoursBefore ? dayAndTime(task.due) : 'on the day'}</b>
              <span>{task.task}</span>
            </chakra.li>
          ))}
        </chakra.ol>
      </Tile>
      <Tile>
        <chakra.h2 fontSize="lg" mb="1">
          Jars and labelled salts
        </chakra.h2>
        <chakra.table width="100%" borderCollapse="collapse">
          <thead>
            <tr>
              <Head>Label to write</Head>
              <Head>Fill with</Head>
              <Head>Form</Head>
              <Head>Portions</Head>
            </tr>
          </thead>
          <tbody>
            {lesson.samples.map((sample) => (
              <tr key={sample.id}>
                <Cell fontWeight="600" fontFamily={sample.role === 'unknown' ? 'mono' : undefined}>
                  {sample.label}
                </Cell>
                <Cell>{sample.holds}</Cell>
                <Cell>
                  {
                    lesson.practical.samples.find(
                      (s) => s.ions.join() === sample.ions.join() && s.role === sample.role,
                    )?.form
                  }
                </Cell>
                <Cell>{sample.role === 'known' ? lesson.groupList.length : portions(sample.id)}</Cell>
              </tr>
            ))}
          </tbody>
        </chakra.table>
      </Tile>
    </Surface>
  );
}

function JarLabels({
  labels,
  lesson,
  done,
}: {
  readonly labels: readonly string[];
  readonly lesson: string;
  readonly done: () => void;
}) {
  return (
    <>
      <Box data-noprint display="flex" gap="2" mb="4">
        <Button variant="go" onClick={() => print()}>
          <Printer size={18} aria-hidden /> Print
        </Button>
        <Button onClick={done}>Back</Button>
      </Box>
      <chakra.ul display="grid" gridTemplateColumns="repeat(3, 1fr)">
        {labels.map((label) => (
          <chakra.li
            key={label}
            border="1px dashed"
            borderColor="slate.500"
            bg="porcelain"
            p="4"
            textAlign="center"
            breakInside="avoid"
          >
            <chakra.div fontFamily="mono" fontSize="2xl" fontWeight="700">
              {label}
            </chakra.div>
            <chakra.div fontSize="sm" color="ink.soft">
              {lesson}
            </chakra.div>
          </chakra.li>
        ))}
      </chakra.ul>
    </>
  );
}
