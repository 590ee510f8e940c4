/** What the teacher says to this bench: a stop takes the place of everything else; hints can be put away. */
import { Box, chakra } from '@chakra-ui/react';
import type { OpenNotice } from '@kivex/core';
import { OctagonAlert } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';

/** All work stops until the teacher says that it goes on. */
export function Stopped({ notice }: { readonly notice: OpenNotice }) {
  return (
    <Tile role="alert" borderTopWidth="8px" borderTopColor="cinnabar" textAlign="center">
      <Box display="grid" placeItems="center" color="cinnabar" mb="3">
        <OctagonAlert size={64} aria-hidden />
      </Box>
      <chakra.h2 fontSize="2xl">{notice.text}</chakra.h2>
      <chakra.p mt="3" color="ink.soft">
        What you have logged is safe. This page goes on when your teacher says so.
      </chakra.p>
    </Tile>
  );
}

const keyOf = (lesson: string) => `kivex-hints-read-${lesson}`;
function readHints(lesson: string): readonly string[] {
  try {
    return JSON.parse(sessionStorage.getItem(keyOf(lesson)) ?? '[]') as string[];
  } catch {
    return [];
  }
}

/** Hints that nobody at this device has put away yet. */
export function Hints({
  lesson,
  notices,
}: {
  readonly lesson: string;
  readonly notices: readonly OpenNotice[];
}) {
  const [read, setRead] = useState(() => readHints(lesson));
  const putAway = (id: string) => {
    const next = [...read, id];
    sessionStorage.setItem(keyOf(lesson), JSON.stringify(next));
    setRead(next);
  };
  return notices
    .filter((n) => n.level === 'hint' && !read.includes(n.id))
    .map((n) => (
      <Notice
        key={n.id}
        tone="look"
        action={
          <Button size="bench" minH="12" onClick={() => putAway(n.id)}>
            Read it
          </Button>
        }
      >
        <b>Your teacher:</b> {n.text}
      </Notice>
    ));
}
