/** One practical: made up, looked over, fitted into a lesson and rehearsed; saved as versions. */
import {
  adviceFor,
  discriminationOf,
  holdsOf,
  isTestId,
  unknownsOf,
  type PlanAdvice,
  type Practical,
  type RotaPin,
  type StationPlaces,
} from '@kivex/core';
import { CalendarPlus, Download } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { DraftBar } from '../drafts/DraftBar.js';
import { SaveProblem } from '../drafts/SaveProblem.js';
import { useDocument } from '../drafts/use-document.js';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Parts } from '../kit/Parts.js';
import { address, call } from '../kit/request/call.js';
import { Select } from '../kit/Select.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { EvidenceTable } from '../plan/EvidenceTable.js';
import { RehearsalPanel } from '../plan/RehearsalPanel.js';
import { RotaPanel } from '../plan/RotaPanel.js';
import { TellingApart } from '../plan/TellingApart.js';
import { useRooms } from '../rooms/room-queries.js';
import { AboutSection } from './AboutSection.js';
import { usePracticalDrafts } from './practical-drafts.js';
import { addPractical, usePractical, useSyllabus, ships } from './practical-queries.js';
import { freeKey } from './read-sample.js';
import { labelIn } from './sample-label.js';
import { SamplesSection } from './SamplesSection.js';
import { plannedFrom, TestsSection } from './TestsSection.js';
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
  const rooms = useRooms();
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

  if (whole.error) return <Failed error={whole.error} again={() => void whole.refetch()} />;
  if (!practical || !whole.data) return <Loading what="the practical" />;
  const teaching = me.data?.role !== 'technician';
  const { changed } = document;
  const { head, versions } = whole.data;

  const mend = (what: NonNullable<PlanAdvice['mend']>) => {
    switch (what.kind) {
      case 'add-test':
        if (isTestId(what.test)) change({ tests: [...practical.tests, plannedFrom(practical, what.test)] });
        break;
      case 'add-blank':
        change({
          samples: [
            ...practical.samples,
            {
              key: freeKey(practical.samples, 'known'),
              role: 'known',
              ions: [],
              form: 'solution',
              difficulty: 1,
            },
          ],
        });
        break;
      case 'variant':
        change({
          tests: practical.tests.map((t) =>
            t.test === what.test ? { ...t, variant: what.variant as typeof t.variant } : t,
          ),
        });
        break;
    }
  };
  const mendWords = {
    'add-test': 'Add it',
    'add-blank': 'Add a blank',
    variant: 'Use the other method',
  } as const;
  const consequences: Consequence[] = [
    ...advice.map((a): Consequence => ({
      key: a.key,
      tone: a.tone,
      text: a.text,
      action: a.mend && teaching && (
        <Button size="small" onClick={() => mend(a.mend!)}>
          {mendWords[a.mend.kind]}
        </Button>
      ),
    })),
    ...(!changed && !advice.some((a) => a.tone === 'stop') && teaching
      ? [
          {
            key: 'lesson',
            tone: 'go' as const,
            text: 'Saved and fit for a lesson.',
            action: (
              <Button asChild variant="go">
                <Link to={`/lessons/new?practical=${id}`}>
                  <CalendarPlus size={18} aria-hidden /> Make a lesson
                </Link>
              </Button>
            ),
          },
        ]
      : []),
  ];
  const nameOf = (sample: Practical['samples'][number]) => ({
    label: labelIn(practical, sample),
    holds: holdsOf(sample),
  });
  const chooseRoom = (roomId: string) => {
    const room = rooms.data?.find((r) => r.id === roomId);
    if (!room) return;
    setPlaces(room.plan.places);
    setGroups(Math.min(room.plan.benches.length, 40));
  };
  const roomAndGroups = (
    <>
      <Field size="small" label="Groups" width="5.5rem">
        <NumberInput value={groups} min={1} max={40} onValue={(n) => setGroups(n ?? 1)} />
      </Field>
      {Boolean(rooms.data?.length) && (
        <Field size="small" label="Room">
          <Select defaultValue="" onChange={(e) => chooseRoom(e.target.value)}>
            <option value="">as set here</option>
            {rooms.data!.map((r) => (
              <option key={r.id} value={r.id}>
                {r.name}
              </option>
            ))}
          </Select>
        </Field>
      )}
    </>
  );

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
          <Follows
            consequences={consequences}
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
                  before={roomAndGroups}
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

/** Rehearses with the groups taking what is free: the rota is made for a lesson. */
function RehearsePractical({
  practical,
  groups,
  places,
}: {
  readonly practical: Practical;
  readonly groups: number;
  readonly places: StationPlaces;
}) {
  const ready = practical.tests.length > 0 && unknownsOf(practical).length > 0;
  const plan = useMemo(() => ({ practical, groups, places }), [practical, groups, places]);
  if (!ready)
    return (
      <Tile>
        <Notice tone="look">Choose at least one test and one unknown first.</Notice>
      </Tile>
    );
  return <RehearsalPanel plan={plan} practical={practical} />;
}
