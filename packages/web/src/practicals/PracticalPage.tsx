/** One practical: made up, looked over, fitted into a lesson and rehearsed; saved as versions. */
import {
  adviceFor,
  discriminationOf,
  holdsOf,
  unknownsOf,
  type Practical,
  type RotaPin,
  type StationPlaces,
} from '@kivex/core';
import { Download } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { DraftBar } from '../drafts/DraftBar.js';
import { SaveProblem } from '../drafts/SaveProblem.js';
import { useDocument } from '../drafts/use-document.js';
import { Button } from '../kit/Button.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { Parts } from '../kit/Parts.js';
import { address, call } from '../kit/request/call.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { Surface } from '../lessons/Follows.js';
import { EvidenceTable } from '../plan/EvidenceTable.js';
import { RotaPanel } from '../plan/RotaPanel.js';
import { TellingApart } from '../plan/TellingApart.js';
import { AboutSection } from './AboutSection.js';
import { GroupsAndRoom } from './GroupsAndRoom.js';
import { usePracticalDrafts } from './practical-drafts.js';
import { PracticalFollows } from './PracticalFollows.js';
import { addPractical, usePractical, useSyllabus, ships } from './practical-queries.js';
import { RehearsePractical } from './RehearsePractical.js';
import { labelIn } from './sample-label.js';
import { SamplesSection } from './SamplesSection.js';
import { TestsSection } from './TestsSection.js';
import { Versions } from './Versions.js';

/** Groups the practical is tried with, until a lesson says how many there are. */
const usualGroups = 10;

export default function PracticalPage() {
  const { id = '' } = useParams();
  const whole = usePractical(id);
  const document = useDocument<Practical>({
    id,
    kind: 'practical',
    plural: 'practicals',
    whole,
    drafts: usePracticalDrafts,
    store: (practical, body) => call('PUT /api/practicals/:practical', { practical, body }),
    add: addPractical,
    asCopy: (mine) => ({ ...mine, title: `${mine.title} (copy)`.slice(0, 120) }),
  });
  const { draft, change } = document;
  const me = useMe();
  const [groups, setGroups] = useState(usualGroups);
  const [places, setPlaces] = useState<StationPlaces>({
    burner: usualGroups,
    'fume-cupboard': 2,
    'hot-water-bath': 4,
  });
  const [pins, setPins] = useState<readonly RotaPin[]>([]);
  const own = useSyllabus(
    draft?.syllabus ?? '',
    Boolean(draft) && !ships(draft!.syllabus) && !draft!.ownSyllabus,
  );
  const practical = useMemo<Practical | undefined>(
    () =>
      draft && !ships(draft.syllabus) && !draft.ownSyllabus
        ? own.data && { ...draft, ownSyllabus: own.data.document }
        : draft,
    [draft, own.data],
  );

  const advice = useMemo(() => (practical ? adviceFor(practical) : []), [practical]);

  if (isLacking(whole)) return <Failed error={whole.error} again={() => void whole.refetch()} />;
  if (!practical || !whole.data) return <Loading what="the practical" />;
  const teaching = me.data?.role !== 'technician';
  const { changed } = document;
  const { head, versions } = whole.data;

  const nameOf = (sample: Practical['samples'][number]) => ({
    label: labelIn(practical, sample),
    holds: holdsOf(sample),
  });
  return (
    <>
      <DraftBar
        {...document}
        title={practical.title || 'Untitled practical'}
        version={changed ? document.from : head.version}
        savedAt={head.changedAt}
        may={teaching}
      >
        <Button asChild>
          <a href={address('GET /api/practicals/:practical/file', { practical: id })} download>
            <Download size={18} aria-hidden /> File
          </a>
        </Button>
      </DraftBar>
      <Surface
        follows={
          <PracticalFollows
            {...{ id, practical, advice, teaching, changed, change }}
            first={document.error && <SaveProblem {...document} error={document.error} />}
          />
        }
      >
        <Parts
          label="Parts of the practical"
          parts={[
            {
              id: 'about',
              name: 'About',
              show: () => <AboutSection practical={practical} change={change} />,
            },
            {
              id: 'samples',
              name: `Samples (${practical.samples.filter((s) => s.role !== 'kept').length})`,
              show: () => <SamplesSection practical={practical} change={change} />,
            },
            {
              id: 'tests',
              name: `Tests (${practical.tests.length})`,
              show: () => <TestsSection practical={practical} change={change} />,
            },
            {
              id: 'evidence',
              name: 'Evidence',
              show: () =>
                practical.samples.length && practical.tests.length ? (
                  <>
                    <EvidenceTable practical={practical} nameOf={nameOf} />
                    <TellingApart
                      labels={unknownsOf(practical).map((s) => holdsOf(s))}
                      found={discriminationOf(practical)}
                    />
                  </>
                ) : (
                  <Tile>
                    <Notice tone="look">
                      Choose samples and tests first; what they show follows from them.
                    </Notice>
                  </Tile>
                ),
            },
            {
              id: 'rota',
              name: 'Rota',
              show: () => (
                <RotaPanel
                  practical={practical}
                  groups={groups}
                  places={places}
                  pins={pins}
                  setPlaces={setPlaces}
                  setPins={setPins}
                  before={<GroupsAndRoom groups={groups} setGroups={setGroups} setPlaces={setPlaces} />}
                />
              ),
            },
            {
              id: 'rehearsal',
              name: 'Rehearsal',
              show: () => <RehearsePractical practical={practical} groups={groups} places={places} />,
            },
            {
              id: 'versions',
              name: 'Versions',
              show: () => (
                <Versions
                  versions={versions}
                  present={head.version}
                  takeUp={
                    teaching
                      ? (number) =>
                          void call('GET /api/practicals/:practical/versions/:number', {
                            practical: id,
                            number: String(number),
                          }).then(change)
                      : undefined
                  }
                />
              ),
            },
          ]}
        />
      </Surface>
    </>
  );
}
