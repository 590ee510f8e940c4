/** The words that earn for one result, level by level; a word is moved between levels or taken out. */
import { Box, chakra } from '@chakra-ui/react';
import { allColourTerms, colourWord, type ColourTerm, type Wording } from '@kivex/core';
import { ChevronDown } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Combobox } from '../kit/Combobox.js';
import { Menu } from '../kit/Menu.js';
import { levels, withWord, type Level } from './with-word.js';

const levelWords: Readonly<Record<Level, string>> = {
  strict: 'always earns',
  standard: 'earns at standard',
  generous: 'earns when generous',
  borderline: 'goes to a person',
};
const said = (term: string): string =>
  (allColourTerms as readonly string[]).includes(term)
    ? colourWord(term as ColourTerm)
    : term === 'none'
      ? 'no colour'
      : term;
const isLevel = (id: string): id is Level => (levels as readonly string[]).includes(id);

export function WordingEditor({
  label,
  wording,
  change,
}: {
  readonly label: string;
  readonly wording: Wording;
  readonly change: (wording: Wording) => void;
}) {
  const used = new Set(levels.flatMap((l) => wording[l] ?? []));
  return (
    <Box display="grid" gap="2">
      {levels.map((level) => (
        <Box
          key={level}
          display="grid"
          gridTemplateColumns={{ base: '1fr', md: '11rem 1fr' }}
          gap="2"
          alignItems="center"
        >
          <chakra.span fontSize="sm" color="ink.soft">
            {levelWords[level]}
          </chakra.span>
          <Box display="flex" flexWrap="wrap" gap="1.5">
            {(wording[level] ?? []).map((term) => (
              <Menu
                key={term}
                entries={[
                  ...levels
                    .filter((l) => l !== level)
                    .map((l) => ({ id: l, label: levelWords[l], group: `Let “${said(term)}” be one that` })),
                  { id: 'out', label: `Take “${said(term)}” out` },
                ]}
                choose={(id) => change(withWord(wording, term, isLevel(id) ? id : undefined))}
              >
                <Button
                  size="small"
                  borderRadius="round"
                  aria-label={`${said(term)}: ${levelWords[level]}. Change`}
                >
                  {said(term)} <ChevronDown size={13} aria-hidden />
                </Button>
              </Menu>
            ))}
            {!(wording[level] ?? []).length && <chakra.span color="ink.faint">none</chakra.span>}
          </Box>
        </Box>
      ))}
      <Box maxW="18rem">
        <Combobox
          aria-label={`Add a word to ${label}`}
          placeholder="Add a word: type it"
          value=""
          choices={allColourTerms.filter((t) => !used.has(t)).map((t) => ({ id: t, name: colourWord(t) }))}
          onChoose={(term) => term && change(withWord(wording, term, 'standard'))}
        />
      </Box>
    </Box>
  );
}
