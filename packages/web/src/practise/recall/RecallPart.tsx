/** Quick recall: asked in words, answered in words, marked as the real thing is; wrong ones come back sooner. */
import { Box, chakra } from '@chakra-ui/react';
import {
  deckOf,
  drawnSet,
  markRecall,
  missingWords,
  recallTopics,
  type Mark,
  type QuestionSet,
  type RecallCard,
  type RecallTopic,
  type Strictness,
  type Syllabus,
} from '@kivex/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Button } from '../../kit/Button.js';
import { Choices, toggled } from '../../kit/Choices.js';
import { Field } from '../../kit/Field.js';
import { Form } from '../../kit/Form.js';
import { Input } from '../../kit/Input.js';
import { Notice } from '../../kit/Notice.js';
import { Tile } from '../../kit/Tile.js';
import { HowStrict } from '../HowStrict.js';
import { markedWords } from '../class/topic-words.js';
import { Link } from 'react-router';
import { answered, dueNow, readKept, streakOf, writeKept, type Known } from './schedule.js';

const topicNames: Readonly<Record<RecallTopic, string>> = {
  results: 'what you see',
  meaning: 'what it means',
  'gas-tests': 'gas tests',
  reasons: 'why',
  equations: 'equations',
};
const nameKey = 'kivex-recall-name';
const storedName = (): string => {
  try {
    return localStorage.getItem(nameKey) ?? '';
  } catch {
    return '';
  }
};

interface Told {
  readonly card: RecallCard;
  readonly answer: string;
  readonly mark: Mark;
}

interface RecallPartProps {
  readonly syllabus: Syllabus;
  /** A teacher's set: its questions, once each, marked as it says. */
  readonly set?: QuestionSet | undefined;
}

export function RecallPart({ syllabus, set }: RecallPartProps) {
  const deck = useMemo(() => deckOf(syllabus), [syllabus]);
  const drawn = useMemo(() => set && drawnSet(deck, set), [deck, set]);
  const [gone, setGone] = useState<readonly Known[]>([]);
  const [name, setName] = useState(storedName);
  const [kept, setKept] = useState(() => readKept(storedName(), syllabus.id));
  const [topics, setTopics] = useState<readonly RecallTopic[]>([]);
  const [strictness, setStrictness] = useState<Strictness>(set?.strictness ?? syllabus.strictness);
  const [last, setLast] = useState<string>();
  const [answer, setAnswer] = useState('');
  const [told, setTold] = useState<Told>();
  const [keeps, setKeeps] = useState(true);
  const box = useRef<HTMLInputElement>(null);
  const now = new Date();
  const { due, fresh, next } = dueNow(deck, kept, now, topics, last);
  const streak = streakOf(kept.days, now);
  const card = told?.card ?? (drawn ? drawn[gone.length] : next);
  useEffect(() => {
    if (!told) box.current?.focus();
  }, [told, card?.id]);

  const as = (who: string) => {
    setName(who);
    try {
      localStorage.setItem(nameKey, who);
    } catch {
      // Kept for this visit alone.
    }
    setKept(readKept(who, syllabus.id));
    setTold(undefined);
  };
  const markIt = (event: React.FormEvent) => {
    event.preventDefault();
    if (!card || told) return;
    setTold({ card, answer, mark: markRecall(syllabus, card, answer, strictness) });
  };
  const goOn = (known: Known) => {
    if (!told) return;
    const after = answered(kept, told.card.fact, known, new Date());
    setKeeps(writeKept(name, syllabus.id, after));
    setKept(after);
    setLast(told.card.fact);
    if (drawn) setGone([...gone, known]);
    setTold(undefined);
    setAnswer('');
  };

  return (
    <Box
      display="grid"
      gap="3"
      gridTemplateColumns={{ base: '1fr', lg: 'minmax(0, 2fr) minmax(0, 1fr)' }}
      alignItems="start"
    >
      <Tile>
        <chakra.p color="ink.soft" mb="3" role="status">
          {drawn ? `${gone.length} of ${drawn.length} answered` : `${due} due, ${fresh} new today`}
          {streak ? `, ${streak} ${streak === 1 ? 'day' : 'days'} kept up` : ''}
        </chakra.p>
        {!card ? (
          <AllDone drawn={drawn} gone={gone} again={() => setGone([])} />
        ) : (
          <>
            <chakra.h2 fontSize="xl" mb="3">
              {card.ask}
            </chakra.h2>
            <Form onSubmit={markIt} display="flex" flexDirection="column" gap="3">
              <Field label="Your answer">
                <Input
                  ref={box}
                  size="bench"
                  value={answer}
                  maxLength={500}
                  autoComplete="off"
                  spellCheck={false}
                  readOnly={Boolean(told)}
                  onChange={(e) => setAnswer(e.target.value)}
                />
              </Field>
              {!told && (
                <Button type="submit" size="bench" variant="go">
                  Mark it
                </Button>
              )}
            </Form>
            {told && <Told told={told} goOn={goOn} />}
          </>
        )}
        {!keeps && (
          <Notice tone="look">
            This device keeps nothing: what comes back when is forgotten with this page.
          </Notice>
        )}
      </Tile>
      <Tile display="flex" flexDirection="column" gap="3">
        <Field label="Who practises here?" help="Stays on this device.">
          <Input value={name} maxLength={60} autoComplete="off" onChange={(e) => as(e.target.value)} />
        </Field>
        {set && (
          <chakra.p>
            A set of your teacher’s, marked {markedWords[strictness]}.{' '}
            <chakra.a asChild color="permanganate" textDecoration="underline">
              <Link to="/practise?part=recall">To all questions</Link>
            </chakra.a>
          </chakra.p>
        )}
        {!set && (
          <>
            <Box>
              <chakra.h2 fontSize="md" mb="1">
                About
              </chakra.h2>
              <Choices
                label="About"
                choices={recallTopics.map((id) => ({ id, label: topicNames[id] }))}
                chosen={topics}
                toggle={(id) => setTopics(toggled(topics, id))}
              />
            </Box>
            <HowStrict value={strictness} choose={setStrictness} />
          </>
        )}
        <chakra.p fontSize="sm" color="ink.soft">
          {deck.length} questions on {new Set(deck.map((c) => c.fact)).size} facts, all of this syllabus.
        </chakra.p>
      </Tile>
    </Box>
  );
}

/** With nothing left to ask: for today, or of the set. */
function AllDone({
  drawn,
  gone,
  again,
}: {
  readonly drawn: readonly RecallCard[] | undefined;
  readonly gone: readonly Known[];
  readonly again: () => void;
}) {
  if (!drawn) return <Notice tone="go">That is all for today. What you knew least comes back first.</Notice>;
  if (!drawn.length)
    return (
      <Notice tone="look">There is no question in this set. Ask your teacher for its address again.</Notice>
    );
  const right = gone.filter((k) => k === 'right').length;
  return (
    <Notice tone="go" action={<Button onClick={again}>Once more</Button>}>
      All {drawn.length} answered, {right} of them rightly. What you knew least comes back under all
      questions.
    </Notice>
  );
}

const knownFrom = ({ points, max, verdict }: Mark): Known | undefined =>
  verdict === 'review' ? undefined : points === max ? 'right' : points > 0 ? 'partly' : 'wrong';

/** What it earned and why, the model answer, and what was missing of it. */
function Told({
  told: { card, answer, mark },
  goOn,
}: {
  readonly told: Told;
  readonly goOn: (known: Known) => void;
}) {
  const known = knownFrom(mark);
  const missing = known === 'right' || card.item.kind === 'equation' ? [] : missingWords(card.model, answer);
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => first.current?.focus(), []);
  return (
    <Box display="flex" flexDirection="column" gap="3" mt="3">
      <Notice tone={known === 'right' ? 'go' : known ? 'look' : 'tell'}>
        <strong>{known === undefined ? 'Kivex is not sure.' : `${mark.points} of ${mark.max}.`}</strong>{' '}
        {mark.why.map((w) => w.text).join(' ')}
      </Notice>
      <chakra.p>
        Model answer: <strong>{card.model}</strong>
        {missing.length > 0 && (
          <>
            . Not in yours:{' '}
            {missing.map((word, i) => (
              <chakra.mark key={word} bg="saffron.wash" color="ink" px="1">
                {i ? ' ' : ''}
                {word}
              </chakra.mark>
            ))}
          </>
        )}
      </chakra.p>
      {known === undefined ? (
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button ref={first} size="bench" variant="go" onClick={() => goOn('right')}>
            Mine says the same
          </Button>
          <Button size="bench" onClick={() => goOn('wrong')}>
            It does not
          </Button>
        </Box>
      ) : (
        <Button ref={first} size="bench" variant="go" onClick={() => goOn(known)}>
          Next
        </Button>
      )}
    </Box>
  );
}
