/** The words that earn for one result, level by level; a word is moved between levels or taken out. */
import { Box, chakra } from '@chakra-ui/react';
import { allColourTerms, colourWord, type ColourTerm, type Wording } from '@kivex/core';
import { useState } from 'react';
import { Select } from '../kit/Select.js';
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

export function WordingEditor({
  label,
  wording,
  change,
}: {
  readonly label: string;
  readonly wording: Wording;
  readonly change: (wording: Wording) => void;
}) {
  const [adding, setAdding] = useState('');
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
              <Select
                key={term}
                aria-label={`${said(term)}: ${levelWords[level]}`}
                value={level}
                width="auto"
                minH="8"
                px="1"
                fontSize="sm"
                borderRadius="round"
                onChange={(e) =>
                  change(
                    withWord(
                      wording,
                      term,
                      (levels as readonly string[]).includes(e.target.value)
                        ? (e.target.value as Level)
                        : undefined,
                    ),
                  )
                }
              >
                <option value={level}>{said(term)}</option>
                {levels
                  .filter((l) => l !== level)
                  .map((l) => (
                    <option key={l} value={l}>
                      {said(term)}: {levelWords[l]}
                    </option>
                  ))}
                <option value="out">take “{said(term)}” out</option>
              </Select>
            ))}
            {!(wording[level] ?? []).length && <chakra.span color="ink.faint">none</chakra.span>}
          </Box>
        </Box>
      ))}
      <Select
        aria-label={`Add a word to ${label}`}
        value={adding}
        maxW="16rem"
        minH="9"
        onChange={(e) => {
          if (e.target.value) change(withWord(wording, e.target.value as ColourTerm, 'standard'));
          setAdding('');
        }}
      >
        <option value="">add a word …</option>
        {allColourTerms
          .filter((t) => !used.has(t))
          .map((t) => (
            <option key={t} value={t}>
              {colourWord(t)}
            </option>
          ))}
      </Select>
    </Box>
  );
}
