/** Said to the benches: all work stops, or a hint, ready-made or one's own. */
import { Textarea } from '../kit/Input.js';
import type { Lesson } from '@kivex/contract';
import { Lightbulb, OctagonAlert, Play } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Dialog } from '../kit/Dialog.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { shortTestName } from '../kit/look-names.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';
import type { BenchStatus } from './bench-status.js';
import { readyHints } from './say-hints.js';

/** What a stop says unless one writes something else. */
const stopWords = 'Stop. Put everything down, hands off, eyes to the front.';
const everyone = 'all';

interface SayToBenchesProps {
  readonly lesson: Lesson;
  readonly benches: readonly BenchStatus[];
  /** Something was said or taken back: the log is to be fetched. */
  readonly said: () => void;
  readonly failed: (why: string) => void;
}

export function SayToBenches({ lesson, benches, said, failed }: SayToBenchesProps) {
  const [hinting, setHinting] = useState(false);
  const [busy, setBusy] = useState(false);
  const open = benches.flatMap((b) => b.record.notices.map((n) => ({ ...n, group: b.group.name })));
  const stops = open.filter((n) => n.level === 'stop');
  const hints = open.filter((n) => n.level === 'hint');
  const send = (sending: Promise<unknown>) => {
    setBusy(true);
    sending.then(said, (error: Error) => failed(error.message)).finally(() => setBusy(false));
  };
  const over = (notices: readonly { readonly id: string }[]) =>
    send(
      call('POST /api/lessons/:lesson/notices/over', {
        lesson: lesson.id,
        body: { notices: notices.map((n) => n.id) },
      }),
    );
  return (
    <>
      {stops.length > 0 ? (
        <Notice
          tone="stop"
          action={
            <Button variant="go" disabled={busy} onClick={() => over(stops)}>
              <Play size={18} aria-hidden /> Go on
            </Button>
          }
        >
          The class is stopped: “{stops[0]!.text}” stands on {stops.length} benches.
        </Notice>
      ) : (
        <Button
          variant="stop"
          disabled={busy}
          onClick={() =>
            send(
              call('POST /api/lessons/:lesson/notices', {
                lesson: lesson.id,
                body: { level: 'stop', text: stopWords },
              }),
            )
          }
        >
          <OctagonAlert size={18} aria-hidden /> Stop the class
        </Button>
      )}
      <Button onClick={() => setHinting(true)}>
        <Lightbulb size={18} aria-hidden /> Give a hint
      </Button>
      {hints.length > 0 && (
        <Notice
          action={
            <Button size="small" disabled={busy} onClick={() => over(hints)}>
              Take {hints.length === 1 ? 'it' : 'them'} back
            </Button>
          }
        >
          {hints.length === 1
            ? `A hint stands at ${hints[0]!.group}.`
            : `Hints stand at ${new Set(hints.map((h) => h.group)).size} benches.`}
        </Notice>
      )}
      <Dialog open={hinting} close={() => setHinting(false)} title="Give a hint" first="select">
        <HintForm
          lesson={lesson}
          done={() => {
            setHinting(false);
            said();
          }}
        />
      </Dialog>
    </>
  );
}

function HintForm({ lesson, done }: { readonly lesson: Lesson; readonly done: () => void }) {
  const ready = readyHints(lesson);
  const form = useSentForm({
    defaults: { to: everyone, text: '' },
    fields: ['to', 'text'],
    send: async ({ to, text }) => {
      await call('POST /api/lessons/:lesson/notices', {
        lesson: lesson.id,
        body: { level: 'hint', text, ...(to === everyone ? {} : { groups: [to] }) },
      });
      done();
    },
  });
  return (
    <Form onSubmit={form.submit} display="flex" flexDirection="column" gap="3">
      {form.problem && <Notice tone="stop">{form.problem}</Notice>}
      <Field label="To whom?" error={form.at('to')}>
        <Select {...form.register('to')}>
          <option value={everyone}>the whole class</option>
          {lesson.groupList.map((g) => (
            <option key={g.id} value={g.id}>
              {g.name}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="A ready-made one" help="Advice on slips; none names what a jar holds.">
        <Select value="" onChange={(e) => form.setValue('text', e.target.value, { shouldDirty: true })}>
          <option value="">choose, or write your own below</option>
          {ready.map(({ test, text }) => (
            <option key={text} value={text}>
              {shortTestName(test)}: {text}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="What the bench reads" error={form.at('text')}>
        <Textarea rows={3} maxLength={300} {...form.register('text')} />
      </Field>
      <Button type="submit" variant="go" disabled={form.busy}>
        Send it
      </Button>
    </Form>
  );
}
