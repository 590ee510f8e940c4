/** What is looked at in a test, thing by thing, each with its wells; what shows through the glass is folded away. */
import { Box, chakra } from '@chakra-ui/react';
import { attributeOf, testOf, type PlannedTest } from '@kivex/core';
import { Fold } from '../kit/Fold.js';
import { Input } from '../kit/Input.js';
import { WellChoice } from '../kit/well/WellChoice.js';

export function Looks({
  planned,
  seen,
  change,
}: {
  readonly planned: PlannedTest;
  readonly seen: Readonly<Record<string, string>>;
  readonly change: (seen: Readonly<Record<string, string>>) => void;
}) {
  const test = testOf(planned.test);
  return planned.attributes.map((id, place) => {
    const attribute = attributeOf(test, id);
    const { [id]: before, ...rest } = seen;
    const choice = attribute.number ? (
      <Input
        size="bench"
        inputMode="decimal"
        aria-label={attribute.question}
        value={before ?? ''}
        placeholder={attribute.number.unit}
        onChange={(e) => {
          const typed = e.target.value.replace(',', '.').trim();
          change(typed ? { ...rest, [id]: typed } : rest);
        }}
      />
    ) : (
      <WellChoice
        attribute={attribute}
        chosen={before}
        glass={attribute.reads === 'glass-colour'}
        choose={(value) => change(before === value ? rest : { ...rest, [id]: value })}
      />
    );
    return place === 0 || attribute.reads !== 'glass-colour' ? (
      <Box key={id}>
        <chakra.h3 fontSize="md" mb="2">
          {attribute.question}
        </chakra.h3>
        {choice}
      </Box>
    ) : (
      <Fold key={id} size="bench" title={attribute.question} open={Boolean(before)}>
        {choice}
      </Fold>
    );
  });
}
