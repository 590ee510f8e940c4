/** The mark scheme of a lesson: what counts and how much; what a change would do is shown before it is made. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, StandingScheme } from '@kivex/contract';
import { schemePresets, strands, weightBounds, type MarkScheme } from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { Button } from '../kit/Button.js';
import { OneOf } from '../kit/Choices.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { call } from '../kit/request/call.js';
import { askNow, nowOrNever } from '../kit/request/now-or-never.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';
import { Switch } from '../kit/Switch.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface } from '../lessons/Follows.js';
import { Effect } from './Effect.js';
import { ItemWeights } from './ItemWeights.js';
import { KeepScheme } from './KeepScheme.js';
import { presetOf, sameScheme, strandNames } from './scheme-words.js';

interface SchemeDeskProps {
  readonly lesson: Lesson;
  readonly standing: StandingScheme;
}

export function SchemeDesk({ lesson, standing }: SchemeDeskProps) {
  const cache = useQueryClient();
  const [scheme, setScheme] = useState<MarkScheme>(standing.scheme);
  const changed = !sameScheme(scheme, standing.scheme);
  const asked = useDeferredValue(scheme);
  const preview = useQuery({
    ...askNow,
    queryKey: ['scheme-preview', lesson.id, standing.id, asked],
    queryFn: () =>
      call('POST /api/lessons/:lesson/marks/scheme/preview', { lesson: lesson.id, body: { scheme: asked } }),
    enabled: !sameScheme(asked, standing.scheme),
    placeholderData: (before) => before,
  });
  const stands = async (next: StandingScheme) => {
    setScheme(next.scheme);
    await cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
  };
  const form = useSentForm({
    defaults: { reason: '' },
    fields: ['reason'],
    send: async ({ reason }) => {
      await stands(
        await call('PUT /api/lessons/:lesson/marks/scheme', {
          lesson: lesson.id,
          body: { scheme, reason, from: standing.id },
        }),
      );
      form.reset({ reason: '' });
    },
  });
  const undo = useMutation({
    ...nowOrNever,
    mutationFn: (from: string) =>
      call('POST /api/lessons/:lesson/marks/scheme/undo', { lesson: lesson.id, body: { from } }),
    onSuccess: stands,
  });
  const set = (part: Partial<MarkScheme>) => setScheme((before) => ({ ...before, ...part }));
  const hasOrder = lesson.practical.before.length > 0;
  const released = lesson.state === 'released';
  return (
    <Surface
      urgent={changed}
      follows={
        <Follows
          consequences={[
            {
              key: 'stands',
              tone: 'tell',
              text:
                standing.by === null
                  ? 'Every point counts the same: nobody has set a scheme.'
                  : `Set by ${standing.by}, ${dayAndTime(standing.at!)}: ${standing.reason}.`,
            },
            ...(released
              ? [
                  {
                    key: 'released',
                    tone: 'look' as const,
                    text: 'These marks have been given out. Take them back, on By student, before the scheme is changed.',
                  },
                ]
              : []),
          ]}
        >
          {changed && !preview.error && (
            <Effect preview={preview.data} busy={preview.isPending || preview.isPlaceholderData} />
          )}
          {preview.error && <Notice tone="stop">{preview.error.message}</Notice>}
          {changed && (
            <Form display="grid" gap="2" onSubmit={form.submit}>
              <Field
                label="Why"
                help="Kept with the scheme, with your name and the time."
                error={form.at('reason')}
              >
                <Input {...form.register('reason')} />
              </Field>
              {form.problem && <Notice tone="stop">{form.problem}</Notice>}
              <Box display="flex" gap="2" flexWrap="wrap">
                <Button type="submit" variant="go" loading={form.busy} disabled={released}>
                  Mark by this scheme
                </Button>
                <Button type="button" onClick={() => setScheme(standing.scheme)}>
                  Leave it as it was
                </Button>
              </Box>
            </Form>
          )}
          {undo.error && <Notice tone="stop">{undo.error.message}</Notice>}
          {!changed && <KeepScheme lesson={lesson} scheme={standing.scheme} />}
          {!changed && standing.changes > 0 && standing.id !== null && (
            <Button disabled={undo.isPending || released} onClick={() => undo.mutate(standing.id!)}>
              <Undo2 size={18} aria-hidden /> Take the last change back
            </Button>
          )}
        </Follows>
      }
    >
      <Tile display="grid" gap="5">
        <Field label="Begin from" help={presetOf(scheme)?.says ?? 'A scheme of your own.'}>
          <Select
            maxW="24rem"
            value={presetOf(scheme)?.id ?? ''}
            onChange={(e) => {
              const preset = schemePresets.find((p) => p.id === e.target.value);
              if (preset) setScheme(preset.scheme);
            }}
          >
            <option value="" disabled>
              One of your own
            </option>
            {schemePresets.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </Select>
        </Field>
        <Box as="fieldset">
          <chakra.legend fontWeight="600" mb="1">
            What one point is worth
          </chakra.legend>
          <Box display="flex" gap="4" flexWrap="wrap">
            {strands.map((strand) => (
              <Box key={strand} width="7.5rem">
                <Field size="small" label={strandNames[strand]}>
                  <NumberInput
                    size="small"
                    value={scheme.strands[strand]}
                    max={weightBounds.most}
                    step={weightBounds.step}
                    onValue={(w) => w !== null && set({ strands: { ...scheme.strands, [strand]: w } })}
                  />
                </Field>
              </Box>
            ))}
          </Box>
          <chakra.p color="ink.soft" fontSize="sm" mt="1">
            0: marked and told to students, and not counted.
          </chakra.p>
        </Box>
        <ItemWeights practical={lesson.practical} scheme={scheme} set={set} />
        <Setting label="Of a test done more than once">
          <OneOf
            label="Of a test done more than once"
            choices={[
              { id: 'trusted', label: 'the one they trust' },
              { id: 'best', label: 'their best' },
            ]}
            chosen={scheme.attempts}
            choose={(attempts) => set({ attempts })}
          />
        </Setting>
        <Setting label="Names and equations are">
          <OneOf
            label="Names and equations are"
            choices={[
              { id: 'own', label: 'each student’s own' },
              { id: 'group', label: 'the group’s last' },
            ]}
            chosen={scheme.conclusions}
            choose={(conclusions) => set({ conclusions })}
          />
        </Setting>
        <Switch checked={scheme.carriedForward} onChange={(carriedForward) => set({ carriedForward })}>
          A name earns that follows from their own record, though the sample was another
        </Switch>
        {hasOrder ? (
          <Switch checked={scheme.order} onChange={(order) => set({ order })}>
            One point of technique a sample for tests begun in the order set
          </Switch>
        ) : (
          <chakra.p color="ink.soft" fontSize="sm">
            This practical sets no order of tests, so order earns nothing.
          </chakra.p>
        )}
        <Setting label="Work handed in after the end keeps, in per cent">
          <Box width="7.5rem">
            <NumberInput
              size="small"
              aria-label="Work handed in after the end keeps, in per cent"
              value={Math.round(scheme.late * 100)}
              max={100}
              step={5}
              onValue={(share) => share !== null && set({ late: share / 100 })}
            />
          </Box>
        </Setting>
      </Tile>
    </Surface>
  );
}

function Setting({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <Box>
      <Box fontWeight="600" mb="1">
        {label}
      </Box>
      {children}
    </Box>
  );
}
