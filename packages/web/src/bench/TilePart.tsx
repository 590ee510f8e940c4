/** The bench's home: what is now and next by the rota, and the group's own tile; a cell leads to its pad. */
import { Box, chakra, useMediaQuery } from '@chakra-ui/react';
import type { Bench } from '@kivex/contract';
import { countOf, type GroupRecord } from '@kivex/core';
import { ArrowLeft, ArrowRight } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { clock } from '../kit/moments.js';
import { Tile } from '../kit/Tile.js';
import { useNow } from '../kit/use-now.js';
import { cellDrawing } from '../kit/well/results.js';
import { cellWords, SpotTile } from '../kit/well/SpotTile.js';
import { Well } from '../kit/well/Well.js';
import { momentOf, nextSample, ownTile, type OwnTile } from './own-tile.js';

interface TilePartProps {
  readonly bench: Bench;
  readonly record: GroupRecord;
  /** Opens the pad of a test on a sample. */
  readonly open: (sample: string, test: string) => void;
  /** Opens the method of a test. */
  readonly how: (test: string) => void;
}

export function TilePart({ bench, record, open, how }: TilePartProps) {
  const now = useNow(15_000);
  const [whole] = useMediaQuery(['(min-width: 40em)'], { ssr: false });
  const tile = ownTile(bench, record, now);
  const { filled, of, doubtful, differing, weak, notDone } = countOf(tile.rows);
  const left = [
    weak ? `${weak} weak` : '',
    notDone ? `${notDone} without time` : '',
    doubtful ? `${doubtful} not sure` : '',
    differing ? `${differing} where entries differ` : '',
  ].filter(Boolean);
  return (
    <>
      <NowNext bench={bench} tile={tile} log={(test) => open(nextSample(tile, test), test)} how={how} />
      <Tile p="3">
        <chakra.h2 fontSize="lg" mb="2">
          Your tile
          <chakra.span fontWeight="400" color="ink.soft">
            {' '}
            {filled} of {of} logged{left.length ? `; ${left.join(', ')}` : ''}
          </chakra.span>
        </chakra.h2>
        {whole ? (
          <SpotTile
            name="Your tile"
            rows={tile.rows}
            samples={bench.samples}
            tests={tile.tests}
            size={44}
            now={tile.pace?.now.map((s) => s.test) ?? []}
            press={open}
          />
        ) : (
          <OneSample bench={bench} tile={tile} open={open} />
        )}
      </Tile>
    </>
  );
}

/** What the kept rota has the group at, and what follows. */
function NowNext({
  bench: {
    lesson: { startedAt },
  },
  tile: { pace },
  log,
  how,
}: {
  readonly bench: Bench;
  readonly tile: OwnTile;
  readonly log: (test: string) => void;
  readonly how: (test: string) => void;
}) {
  if (!pace || startedAt === null || (!pace.now.length && !pace.next)) return null;
  const at = (minute: number) => clock(momentOf(startedAt, minute));
  return (
    <Tile p="3" aria-label="Now and next" display="flex" flexDirection="column" gap="2">
      {pace.now.map((slot, i) => (
        <Box key={slot.test} display="flex" alignItems="center" gap="3" flexWrap="wrap">
          <chakra.span fontSize="xl" fontWeight="700" flex="1" lineHeight="1.2">
            {i === 0 ? 'Now: ' : 'Running: '}
            {shortTestName(slot.test)}
            <chakra.span fontWeight="400" fontSize="md" color="ink.soft">
              {' '}
              until {at(slot.end)}
            </chakra.span>
          </chakra.span>
          <Button
            size="bench"
            minH="12"
            px="3"
            aria-label={`Method: ${shortTestName(slot.test)}`}
            onClick={() => how(slot.test)}
          >
            Method
          </Button>
          <Button
            size="bench"
            minH="12"
            variant={i === 0 ? 'go' : 'plain'}
            aria-label={`Log: ${shortTestName(slot.test)}`}
            onClick={() => log(slot.test)}
          >
            Log
          </Button>
        </Box>
      ))}
      {pace.next && (
        <div>
          <b>Next:</b> {shortTestName(pace.next.test)} at {at(pace.next.start)}
        </div>
      )}
      {pace.behind > 0 && (
        <chakra.div color="saffron" fontWeight="600">
          {pace.behind} min behind the plan: finish what is empty, or call your teacher.
        </chakra.div>
      )}
    </Tile>
  );
}

/** On a phone: one sample at a time, its tests below one another. */
function OneSample({
  bench,
  tile,
  open,
}: {
  readonly bench: Bench;
  readonly tile: OwnTile;
  readonly open: TilePartProps['open'];
}) {
  const key = `kivex-tile-${bench.lesson.id}`;
  const [chosen, setChosen] = useState(() => sessionStorage.getItem(key) ?? '');
  const found = tile.rows.findIndex((r) => r.sample === chosen);
  const place = Math.max(0, found);
  const row = tile.rows[place];
  const sample = bench.samples.find((s) => s.id === row?.sample);
  if (!row || !sample) return null;
  const go = (by: number) => {
    const next = tile.rows[(place + by + tile.rows.length) % tile.rows.length]!.sample;
    sessionStorage.setItem(key, next);
    setChosen(next);
  };
  return (
    <Box display="flex" flexDirection="column" gap="2">
      <Box display="flex" alignItems="center" gap="2">
        <Button size="bench" minH="12" px="3" aria-label="Sample before" onClick={() => go(-1)}>
          <ArrowLeft size={22} aria-hidden />
        </Button>
        <Box flex="1" textAlign="center" minW="0" aria-live="polite">
          <chakra.div fontWeight="700" lineHeight="1.2">
            {sample.label}
          </chakra.div>
          <chakra.div fontSize="sm" color="ink.soft">
            {place + 1} of {tile.rows.length}
          </chakra.div>
        </Box>
        <Button size="bench" minH="12" px="3" aria-label="Sample after" onClick={() => go(1)}>
          <ArrowRight size={22} aria-hidden />
        </Button>
      </Box>
      <Box as="ul" display="flex" flexDirection="column" gap="1">
        {row.cells.map((cell) => {
          if (!cell) return null;
          return (
            <li key={cell.test}>
              <Button
                size="bench"
                width="100%"
                minH="14"
                px="2"
                justifyContent="flex-start"
                textAlign="start"
                onClick={() => open(sample.id, cell.test)}
              >
                <Well {...cellDrawing(cell)} size={40} />
                <Box minW="0" lineHeight="1.2">
                  <chakra.div fontWeight="600" fontSize="md">
                    {shortTestName(cell.test)}
                  </chakra.div>
                  <chakra.div fontSize="sm" fontWeight="400" color="ink.soft" whiteSpace="normal">
                    {cellWords(cell)}
                  </chakra.div>
                </Box>
              </Button>
            </li>
          );
        })}
      </Box>
    </Box>
  );
}
