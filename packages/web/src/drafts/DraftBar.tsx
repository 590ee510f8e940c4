/** Above a document that is edited: what it is, which version, and what can be done with the changes. */
import { Box, chakra } from '@chakra-ui/react';
import { Redo2, Save, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from '../kit/Button.js';
import { IconButton } from '../kit/IconButton.js';
import { dayAndTime } from '../kit/moments.js';

interface DraftBarProps {
  readonly title: string;
  readonly version: number;
  readonly savedAt: string;
  readonly changed: boolean;
  readonly saving: boolean;
  /** May this person change it? */
  readonly may: boolean;
  readonly undo: (() => void) | undefined;
  readonly redo: (() => void) | undefined;
  readonly discard: () => void;
  readonly save: () => void;
  /** More that can be done with it. */
  readonly children?: ReactNode;
  /** Said after the version. */
  readonly note?: string;
}

export function DraftBar(bar: DraftBarProps) {
  const { changed, undo, redo } = bar;
  return (
    <Box data-noprint display="flex" gap="2" alignItems="center" flexWrap="wrap" mb="3">
      <Box minW={{ base: '100%', sm: '16rem' }} flex="1">
        <chakra.h1 fontSize="xl">{bar.title}</chakra.h1>
        <chakra.p fontSize="sm" color="ink.soft">
          Version {bar.version}
          {changed
            ? ', with changes not saved yet; they are kept on this device'
            : `, saved ${dayAndTime(bar.savedAt)}`}
          {bar.note && `. ${bar.note}`}
        </chakra.p>
      </Box>
      {bar.children}
      {bar.may && (
        <>
          <Button disabled={!undo} onClick={undo} title="Ctrl+Z">
            <Undo2 size={18} aria-hidden /> Undo
          </Button>
          <IconButton
            variant="plain"
            label="Do it again"
            tip="Do it again (Ctrl+Y)"
            disabled={!redo}
            onClick={redo}
          >
            <Redo2 size={18} aria-hidden />
          </IconButton>
          {changed && <Button onClick={bar.discard}>Throw changes away</Button>}
          <Button variant="go" disabled={!changed} loading={bar.saving} onClick={bar.save} title="Ctrl+S">
            <Save size={18} aria-hidden /> {changed ? `Save as version ${bar.version + 1}` : 'Saved'}
          </Button>
        </>
      )}
    </Box>
  );
}
