/** The open pad of one test on one sample: what was seen, in this practical's way of logging, and how it was. */
import { Box, chakra } from '@chakra-ui/react';
import type { BenchSample } from '@kivex/contract';
import type { PlannedTest } from '@kivex/core';
import { Suspense } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { optional } from '../kit/optional.js';
import { Tile } from '../kit/Tile.js';
import { HowItWas } from './HowItWas.js';
import type { OwnWordsProps } from './OwnWords.js';
import { WordsBox } from './WordsBox.js';
import { Looks } from './Looks.js';
import { lacking, showsWells, wayOf, type Draft } from './pad-draft.js';

/** With it comes the reader of words, which only these lessons need. */
const OwnWords = optional(async () => (await import('./OwnWords.js')).OwnWords, PlainWords);

const PhotoPart = optional(async () => (await import('./PhotoPart.js')).PhotoPart);

interface PadSheetProps {
  /** Who is writing. */
  readonly student: string;
  readonly onScreen: boolean;
  readonly planned: PlannedTest;
  readonly draft: Draft;
  readonly sample: BenchSample;
  readonly samples: readonly BenchSample[];
  readonly change: (part: Partial<Draft>) => void;
  /** What Kivex reads from the words. */
  readonly read: (seen: Readonly<Record<string, string>>) => void;
  readonly pick: () => void;
  readonly leave: () => void;
  readonly save: () => void;
  readonly noTime: () => void;
}

export function PadSheet(props: PadSheetProps) {
  const { student, onScreen, planned, draft, sample, samples, change, read, pick, leave, save, noTime } =
    props;
  const way = wayOf(planned);
  const missing = lacking(planned, draft);
  return (
    <Tile p="3" display="flex" flexDirection="column" gap="4">
      <Box display="flex" alignItems="center" justifyContent="space-between" gap="3">
        <chakra.h2 fontSize="xl">
          {sample.label}
          {draft.corrects && <chakra.span color="permanganate"> · correcting an entry</chakra.span>}
        </chakra.h2>
        {samples.length > 1 && (
          <Button size="bench" minH="12" fontSize="md" onClick={pick}>
            Other sample
          </Button>
        )}
      </Box>
      {way === 'words' && (
        <Suspense fallback={null}>
          <OwnWords planned={planned} words={draft.words} write={(words) => change({ words })} read={read} />
        </Suspense>
      )}
      {way === 'words-then-tap' && <WordsFirst draft={draft} change={change} />}
      {showsWells(planned, draft) && (
        <Looks planned={planned} seen={draft.seen} change={(seen) => change({ seen })} />
      )}
      <HowItWas planned={planned} draft={draft} samples={samples} change={change} noTime={noTime} />
      <Suspense fallback={null}>
        {!onScreen && (
          <PhotoPart
            student={student}
            photo={draft.photo}
            change={(photo) => change({ photo })}
            suggest={planned.test === 'flame' && showsWells(planned, draft)}
          />
        )}
      </Suspense>
      {way === 'tap' && (
        <Field
          label={
            <>
              In your own words{' '}
              <chakra.span fontWeight="400" color="ink.soft">
                (if you like)
              </chakra.span>
            </>
          }
        >
          <Input
            size="bench"
            value={draft.words}
            maxLength={500}
            autoComplete="off"
            onChange={(e) => change({ words: e.target.value })}
          />
        </Field>
      )}
      {/* Always in reach of the thumb, above the places at the foot. */}
      <Box
        display="flex"
        gap="2"
        flexWrap="wrap"
        alignItems="center"
        position="sticky"
        bottom={onScreen ? '0' : '16'}
        mx="-3"
        mb="-3"
        px="3"
        py="2"
        bg="porcelain"
        borderTop="1px solid"
        borderColor="slate.200"
        borderBottomRadius="glaze"
        zIndex={2}
      >
        {draft.corrects && (
          <Button size="bench" px="3" onClick={leave}>
            Leave it
          </Button>
        )}
        <Button
          size="bench"
          variant="go"
          flex="1"
          minW="8rem"
          disabled={missing !== undefined}
          onClick={save}
        >
          Log it
        </Button>
      </Box>
    </Tile>
  );
}

/** Own words where the reader of them could not be fetched: they are logged as they are written. */
function PlainWords({ words, write }: Pick<OwnWordsProps, 'words' | 'write'>) {
  return <WordsBox label="What did you see? Write it in your own words." words={words} write={write} />;
}

/** The words are written before the wells are shown, which would give them away. */
function WordsFirst({
  draft,
  change,
}: {
  readonly draft: Draft;
  readonly change: (part: Partial<Draft>) => void;
}) {
  return (
    <>
      <WordsBox
        label="First, in your own words: what did you see?"
        rows={2}
        words={draft.words}
        readOnly={draft.written && !draft.corrects}
        write={(words) => change({ words })}
      />
      {!draft.written && (
        <Button
          size="bench"
          variant="go"
          disabled={!draft.words.trim()}
          onClick={() => change({ written: true })}
        >
          That is what I saw; show the wells
        </Button>
      )}
    </>
  );
}
