/** Of a test: strengths other than the method's, and steps that only the teacher takes, or only the fume cupboard sees. */
import { Box, chakra } from '@chakra-ui/react';
import { methodOf, reagentOf, type PlannedTest } from '@kivex/core';
import { Choices } from '../kit/Choices.js';
import { Fold } from '../kit/Fold.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Labelled } from './Labelled.js';

export function StrengthsAndSteps({
  planned,
  edit,
}: {
  readonly planned: PlannedTest;
  readonly edit: (part: Partial<PlannedTest>) => void;
}) {
  const method = methodOf(planned);
  const strengths = [
    ...new Set(method.steps.flatMap((s) => s.uses.flatMap((u) => (u.molarity === null ? [] : [u.reagent])))),
  ];
  return (
    <Fold title="Strengths, and steps for the teacher or the fume cupboard only">
      {strengths.length > 0 && (
        <Box display="flex" flexWrap="wrap" gap="3" mt="2">
          {strengths.map((reagent) => (
            <Labelled key={reagent} text={`${reagentOf(reagent).name}, mol/dm³`}>
              <NumberInput
                value={planned.strengths?.[reagent] ?? null}
                optional
                placeholder="as the method says"
                min={0.0001}
                max={20}
                step={0.1}
                onValue={(n) => {
                  const { [reagent]: _, ...rest } = planned.strengths ?? {};
                  const next = n === null ? rest : { ...rest, [reagent]: n };
                  edit({
                    strengths: Object.keys(next).length ? next : (undefined as never),
                  });
                }}
              />
            </Labelled>
          ))}
        </Box>
      )}
      <chakra.ol mt="2">
        {method.steps.map((step, place) => {
          const i = step.index;
          const own = (only: 'teacher' | 'fume-cupboard') =>
            planned.controls?.some((c) => c.step === i && c.only === only) ?? false;
          return (
            <chakra.li
              key={step.text}
              py="1.5"
              borderTop="1px solid"
              borderColor="slate.200"
              display="grid"
              gap="1"
            >
              <span>
                {place + 1}. {step.text} {step.teacherOnly && <b>Teacher only.</b>}
              </span>
              <Choices
                label={`Step ${place + 1}`}
                choices={[
                  { id: 'teacher' as const, label: 'teacher only' },
                  { id: 'fume-cupboard' as const, label: 'fume cupboard only' },
                ]}
                chosen={(['teacher', 'fume-cupboard'] as const).filter(own)}
                toggle={(only) => {
                  const rest = (planned.controls ?? []).filter((c) => c.step !== i || c.only !== only);
                  const next = own(only) ? rest : [...rest, { step: i, only }];
                  edit({ controls: next.length ? next : (undefined as never) });
                }}
              />
            </chakra.li>
          );
        })}
      </chakra.ol>
    </Fold>
  );
}
