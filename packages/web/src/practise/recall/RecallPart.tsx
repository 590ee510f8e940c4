/** Quick recall: asked in words, answered in words, marked as the real thing is; wrong ones come back sooner. */
import { Box, chakra } from '@chakra-ui/react';
import {
  deckOf,
  markRecall,
  markWell,
  recallTopics,
  type RecallCard,
  type RecallTopic,
  type Strictness,
  type Syllabus,
  wellsOf,
} from '@kivex/core';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Button } from '../../kit/Button.js';
import { Choices, toggled } from '../../kit/Choices.js';
import { Field } from '../../kit/Field.js';
import { Form } from '../../kit/Form.js';
import { Input } from '../../kit/Input.js';
import { Notice } from '../../kit/Notice.js';
import { Switch } from '../../kit/Switch.js';
import { Tile } from '../../kit/Tile.js';
import { WellChoice } from '../../kit/well/WellChoice.js';
import { HowStrict } from '../HowStrict.js';
import { markedWords } from '../class/topic-words.js';
import { Link } from 'react-router';
import { AllDone } from './AllDone.js';
import { Told, type ToldAnswer } from './Told.js';
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

/** A teacher's set: its questions, once each, marked as it says. */
export interface TeachersSet {
  readonly cards: readonly RecallCard[];
  readonly strictness: Strictness | undefined;
  /** Told of each answer as it is marked. */
  readonly answered?: (card: RecallCard, answer: string) => void;
  /** Said beside the questions. */
  readonly beside?: ReactNode;
}

interface RecallPartProps {
  readonly syllabus: Syllabus;
  readonly set?: TeachersSet | undefined;
}

export function RecallPart({ syllabus, set }: RecallPartProps) {
  const deck = useMemo(() => deckOf(syllabus), [syllabus]);
  const drawn = set?.cards;
  const [gone, setGone] = useState<readonly Known[]>([]);
  const [name, setName] = useState(storedName);
  const [kept, setKept] = useState(() => readKept(storedName(), syllabus.id));
  const [topics, setTopics] = useState<readonly RecallTopic[]>([]);
  const [strictness, setStrictness] = useState<Strictness>(set?.strictness ?? syllabus.strictness);
  const [last, setLast] = useState<string>();
  const [answer, setAnswer] = useState('');
  const [byWells, setByWells] = useState(false);
  const [told, setTold] = useState<ToldAnswer>();
  const [keeps, setKeeps] = useState(true);
  const box = useRef<HTMLInputElement>(null);
  const now = new Date();
  const { due, fresh, next } = dueNow(deck, kept, now, topics, last);
  const streak = streakOf(kept.days, now);
  const card = told?.card ?? (drawn ? drawn[gone.length] : next);
  // A teacher's set asks for words.
  const wells = card && byWells && !set ? wellsOf(card) : undefined;
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
    if (!wells) {
      setTold({ card, answer, mark: markRecall(syllabus, card, answer, strictness), tapped: false });
      if (answer.trim()) set?.answered?.(card, answer);
    } else if (wells.values.some((v) => v.id === answer))
      setTold({ card, answer, mark: markWell(card, answer), tapped: true });
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
              {wells ? (
                <WellChoice attribute={wells} chosen={answer} disabled={Boolean(told)} choose={setAnswer} />
              ) : (
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
              )}
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
        {set?.beside}
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
            <Switch
              checked={byWells}
              onChange={(on) => {
                setByWells(on);
                setAnswer('');
                setTold(undefined);
              }}
            >
              Tap a well where something is seen
            </Switch>
          </>
        )}
        {!set && (
          <chakra.p fontSize="sm" color="ink.soft">
            {deck.length} questions on {new Set(deck.map((c) => c.fact)).size} facts, all of this syllabus.
          </chakra.p>
        )}
      </Tile>
    </Box>
  );
}
