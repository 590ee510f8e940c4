/** One syllabus of the school: what is in it, how strict, where schools differ, which words earn; with a box to try answers. */
import { Box } from '@chakra-ui/react';
import type { Syllabus } from '@kivex/core';
import { useParams } from 'react-router';
import { DraftBar } from '../drafts/DraftBar.js';
import { SaveProblem } from '../drafts/SaveProblem.js';
import { useDocument } from '../drafts/use-document.js';
import { Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { Parts } from '../kit/Parts.js';
import { addSyllabus, useSyllabus } from '../practicals/practical-queries.js';
import { useSyllabusDrafts } from './syllabus-drafts.js';
import { OwnAnswers } from './OwnAnswers.js';
import { TryOut } from './TryOut.js';
import { Species, Tests } from './ContentSection.js';
import { Frame } from './FrameSection.js';
import { Flames, Values } from './WordsSection.js';
import { call } from '../kit/request/call.js';

export default function SyllabusPage() {
  const { id = '' } = useParams();
  const whole = useSyllabus(id);
  const document = useDocument<Syllabus>({
    id,
    kind: 'syllabus',
    plural: 'syllabuses',
    whole,
    drafts: useSyllabusDrafts,
    store: (syllabus, body) => call('PUT /api/syllabuses/:syllabus', { syllabus, body }),
    add: addSyllabus,
    asCopy: (mine) => ({ ...mine, name: `${mine.name} (copy)`.slice(0, 120) }),
  });
  const { draft, change } = document;
  if (isLacking(whole)) return <Failed error={whole.error} again={() => void whole.refetch()} />;
  if (!draft || !whole.data) return <Loading what="the syllabus" />;
  const { head } = whole.data;
  return (
    <>
      <DraftBar
        {...document}
        title={draft.name || 'Untitled syllabus'}
        version={document.changed ? document.from : head.version}
        savedAt={head.changedAt}
        may
        note="Practicals and their lessons keep the version they were saved with"
      />
      {document.error && (
        <Box mb="3">
          <SaveProblem {...document} error={document.error} />
        </Box>
      )}
      <Box
        display="grid"
        gap="4"
        gridTemplateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 20rem' }}
        alignItems="start"
      >
        <Box display="grid" gap="4" gridTemplateColumns="minmax(0, 1fr)">
          <Parts
            label="Parts of the syllabus"
            parts={[
              {
                id: 'frame',
                name: 'Strictness and customs',
                show: () => <Frame syllabus={draft} change={change} />,
              },
              {
                id: 'species',
                name: 'Ions, gases, metals',
                show: () => <Species syllabus={draft} change={change} />,
              },
              { id: 'tests', name: 'Tests', show: () => <Tests syllabus={draft} change={change} /> },
              {
                id: 'flames',
                name: 'Flame words',
                show: () => <Flames syllabus={draft} change={change} />,
              },
              {
                id: 'words',
                name: 'Other words',
                show: () => <Values syllabus={draft} change={change} />,
              },
              {
                id: 'answers',
                name: 'Gas tests, reasons',
                show: () => (
                  <OwnAnswers
                    gases={draft.gases}
                    answers={draft.ownAnswers ?? []}
                    change={(ownAnswers) =>
                      change({ ownAnswers: ownAnswers.length ? ownAnswers : (undefined as never) })
                    }
                  />
                ),
              },
            ]}
          />
        </Box>
        <TryOut syllabus={draft} />
      </Box>
    </>
  );
}
