/** Sets of questions: by topic and by what was weak, printed as questions and as answers, out and in. */
import { Box, chakra } from '@chakra-ui/react';
import {
  cardsIn,
  deckOf,
  drawnSet,
  qtiPackage,
  questionsTable,
  recallTopics,
  setInAddress,
  speciesName,
  testOf,
  type RecallCard,
  type RecallTopic,
  type Strictness,
  type Syllabus,
} from '@kivex/core';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../kit/Button.js';
import { Choices, toggled } from '../../kit/Choices.js';
import { Field } from '../../kit/Field.js';
import { FileButton } from '../../kit/FileButton.js';
import { Notice } from '../../kit/Notice.js';
import { OnOff } from '../../kit/OnOff.js';
import { Select } from '../../kit/Select.js';
import { Tile } from '../../kit/Tile.js';
import { ships } from '../../practicals/practical-queries.js';
import { HowStrict } from '../HowStrict.js';
import { GiveSet } from './GiveSet.js';
import { nameOf } from './set-name.js';
import { SetAddress } from './SetAddress.js';
import { topicWords } from './topic-words.js';

const lengths = [10, 20, 40] as const;
/** What an address asks for, where there is such a thing. */
const known = (asked: string | null, list: readonly string[]): string | undefined =>
  list.find((one) => one === asked);

const save = (name: string, blob: Blob): void => {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
};

export function SetsPart({ syllabus }: { readonly syllabus: Syllabus }) {
  const deck = useMemo(() => deckOf(syllabus), [syllabus]);
  const [topics, setTopics] = useState<readonly RecallTopic[]>([]);
  const [search] = useSearchParams();
  const [test, setTest] = useState(
    () =>
      known(
        search.get('test'),
        deck.flatMap((c) => c.test ?? []),
      ) ?? '',
  );
  const kinds = useMemo(() => [...new Set(deck.flatMap((c) => c.species ?? []))], [deck]);
  // Of what was asked for, what there are questions on.
  const [about, setAbout] = useState<readonly string[]>(() =>
    (search.get('about') ?? '')
      .split(' ')
      .filter((id) => deck.some((c) => c.species === id && (!test || c.test === test))),
  );
  const [n, setN] = useState<number>(20);
  const [seed, setSeed] = useState(1);
  const [brought, setBrought] = useState<readonly RecallCard[]>();
  const [answers, setAnswers] = useState(true);
  const [said, setSaid] = useState<string>();
  const [strictness, setStrictness] = useState<Strictness>(syllabus.strictness);
  const set = { syllabus: syllabus.id, topics, test, about, n, seed, strictness };
  const cards = brought ?? drawnSet(deck, set);
  const tests = [...new Set(deck.flatMap((c) => c.test ?? []))];
  const change = (does: () => void) => {
    setBrought(undefined);
    setSaid(undefined);
    does();
  };
  const zip = async () => {
    const { strToU8, zipSync } = await import('fflate');
    const files = qtiPackage(cards, `Recall: ${syllabus.name}`);
    const bytes = zipSync(
      Object.fromEntries(Object.entries(files).map(([path, text]) => [path, strToU8(text)])),
    );
    save(
      'kivex-questions-qti3.zip',
      new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/zip' }),
    );
  };
  const csv = async () => {
    const { tableToCsv } = await import('@kivex/core/formats/csv-table');
    save('kivex-questions.csv', new Blob([tableToCsv(questionsTable(cards))], { type: 'text/csv' }));
  };
  const bring = async (file: File) => {
    try {
      const { strFromU8, unzipSync } = await import('fflate');
      const files = unzipSync(new Uint8Array(await file.arrayBuffer()));
      const found = cardsIn(
        Object.fromEntries(Object.entries(files).map(([p, bytes]) => [p, strFromU8(bytes)])),
        deck,
      );
      if (!found.cards.length) {
        setSaid(
          'None of the questions of this file is one of this syllabus. Choose the syllabus it was made of, or another file.',
        );
        return;
      }
      setBrought(found.cards);
      setSaid(
        `${found.cards.length} questions brought in${found.others ? `; ${found.others} are none of this syllabus and are left out` : ''}.`,
      );
    } catch {
      setSaid('This file is no question package: it must be a zip of QTI 3 items. Choose another.');
    }
  };
  return (
    <Box display="flex" flexDirection="column" gap="3">
      <Tile display="flex" flexDirection="column" gap="3" data-noprint>
        <chakra.h2 fontSize="xl">A set of questions</chakra.h2>
        <Choices
          label="About"
          choices={recallTopics.map((id) => ({ id, label: topicWords[id] }))}
          chosen={topics}
          toggle={(id) => change(() => setTopics(toggled(topics, id)))}
        />
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="end">
          <Field label="Test" width="auto">
            <Select value={test} onChange={(e) => change(() => setTest(e.target.value))}>
              <option value="">any</option>
              {tests.map((t) => (
                <option key={t} value={t}>
                  {testOf(t).name}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="About which" width="auto">
            <Select
              value={about.length > 1 ? 'several' : (about[0] ?? '')}
              onChange={(e) => change(() => setAbout(e.target.value ? [e.target.value] : []))}
            >
              <option value="">all</option>
              {about.length > 1 && <option value="several">{about.map(speciesName).join(', ')}</option>}
              {kinds.map((id) => (
                <option key={id} value={id}>
                  {speciesName(id)}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="How many" width="auto">
            <Select value={String(n)} onChange={(e) => change(() => setN(Number(e.target.value)))}>
              {lengths.map((l) => (
                <option key={l} value={l}>
                  {l}
                </option>
              ))}
            </Select>
          </Field>
          <HowStrict width="auto" value={strictness} choose={setStrictness} />
          <Button onClick={() => change(() => setSeed(seed + 1))}>Draw others</Button>
          <OnOff pressed={answers} onPressedChange={setAnswers}>
            With model answers
          </OnOff>
        </Box>
        <Box display="flex" flexWrap="wrap" gap="2">
          <Button disabled={!cards.length} onClick={() => print()}>
            Print
          </Button>
          <Button disabled={!cards.length} onClick={() => void zip()}>
            QTI 3 package
          </Button>
          <Button disabled={!cards.length} onClick={() => void csv()}>
            CSV
          </Button>
          <FileButton endings={['.zip']} onFile={(file) => void bring(file)}>
            Bring a package in
          </FileButton>
        </Box>
        {said && <Notice>{said}</Notice>}
        {cards.length > 0 && (
          <GiveSet
            key={syllabus.id}
            set={{ syllabus: syllabus.id, cards: cards.map((c) => c.id), strictness }}
            suggested={nameOf({ topics, test, about }, cards.length)}
          />
        )}
        {!brought && cards.length > 0 && ships(syllabus.id) && (
          <SetAddress address={`${location.origin}/practise?part=recall&${setInAddress(set)}`} />
        )}
      </Tile>
      <Tile>
        <chakra.h2 fontSize="lg" mb="2">
          {cards.length} questions, {syllabus.name}
        </chakra.h2>
        {!cards.length && <Notice>No question is about all of that. Choose fewer.</Notice>}
        <chakra.ol ps="6" listStyleType="decimal" display="grid" gap="2">
          {cards.map((card) => (
            <chakra.li key={card.id} breakInside="avoid">
              {card.ask}
              {card.species && answers && (
                <chakra.span srOnly> About {speciesName(card.species)}.</chakra.span>
              )}
              {answers ? (
                <chakra.div fontWeight="600">{card.model}</chakra.div>
              ) : (
                <chakra.div borderBottom="1px solid" borderColor="slate.300" height="8" aria-hidden />
              )}
            </chakra.li>
          ))}
        </chakra.ol>
      </Tile>
    </Box>
  );
}
