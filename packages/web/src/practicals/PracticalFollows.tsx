/** What follows from a practical as it stands: advice with its mending, a sample brought along, a lesson when it is fit for one. */
import { isTestId, type PlanAdvice, type Practical } from '@kivex/core';
import { CalendarPlus } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { Follows, type Consequence } from '../lessons/Follows.js';
import { carriedSample, ownSampleName, withOwnSample } from './own-sample.js';
import { freeKey } from './read-sample.js';
import { plannedFrom } from './planned-from.js';

type Mend = NonNullable<PlanAdvice['mend']>;
const mendWords: Readonly<Record<Mend['kind'], string>> = {
  'add-test': 'Add it',
  'add-blank': 'Add a blank',
  variant: 'Use the other method',
};

/** The change that does what a piece of advice proposes; none where it names a test there is not. */
export function mended(practical: Practical, what: Mend): Partial<Practical> {
  switch (what.kind) {
    case 'add-test':
      return isTestId(what.test) ? { tests: [...practical.tests, plannedFrom(practical, what.test)] } : {};
    case 'add-blank':
      return {
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
      };
    case 'variant':
      return {
        tests: practical.tests.map((t) =>
          t.test === what.test ? { ...t, variant: what.variant as typeof t.variant } : t,
        ),
      };
  }
}

export function PracticalFollows({
  id,
  practical,
  advice,
  teaching,
  changed,
  change,
  first,
}: {
  readonly id: string;
  readonly practical: Practical;
  readonly advice: readonly PlanAdvice[];
  /** May the person change it? */
  readonly teaching: boolean;
  readonly changed: boolean;
  readonly change: (part: Partial<Practical>) => void;
  readonly first: ReactNode;
}) {
  const [search, setSearch] = useSearchParams();
  const own = carriedSample(search);
  const consequences: Consequence[] = advice.map(({ key, tone, text, mend }) => ({
    key,
    tone,
    text,
    action: mend && teaching && (
      <Button size="small" onClick={() => change(mended(practical, mend))}>
        {mendWords[mend.kind]}
      </Button>
    ),
  }));
  if (own && teaching)
    consequences.unshift({
      key: 'own-sample',
      tone: 'tell',
      text: `${ownSampleName(own)} comes from the bench on screen.`,
      action: (
        <Button
          size="small"
          onClick={() => {
            change(withOwnSample(practical, own));
            setSearch({}, { replace: true });
          }}
        >
          Add it as an unknown
        </Button>
      ),
    });
  if (!changed && teaching && !advice.some((a) => a.tone === 'stop'))
    consequences.push({
      key: 'lesson',
      tone: 'go',
      text: 'Saved and fit for a lesson.',
      action: (
        <Button asChild variant="go">
          <Link to={`/lessons/new?practical=${id}`}>
            <CalendarPlus size={18} aria-hidden /> Make a lesson
          </Link>
        </Button>
      ),
    });
  return <Follows consequences={consequences} first={first} />;
}
