/** What happened elsewhere, told in a corner for a while: never what must be read. */
import { createToaster, Portal, Stack, Toast, Toaster } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { Button } from './Button.js';
import { IconButton } from './IconButton.js';

const toaster = createToaster({ placement: 'bottom-end', pauseOnPageIdle: true, max: 4 });

export interface Told {
  /** The same thing is told once. */
  readonly id: string;
  readonly title: string;
  readonly text?: string;
  readonly action?: { readonly label: string; readonly does: () => void };
}

/** Tells of something that happened elsewhere. */
export function tellElsewhere({ id, title, text, action }: Told): void {
  if (toaster.isVisible(id)) return;
  toaster.create({
    id,
    title,
    type: 'info',
    duration: 20_000,
    closable: true,
    ...(text ? { description: text } : {}),
    ...(action ? { action: { label: action.label, onClick: action.does } } : {}),
  });
}
/** This is no news any more. */
export const untell = (id: string): void => toaster.dismiss(id);
/** Nothing of it is news any more. */
export const clearTold = (): void => toaster.dismiss();

/** Where they stand; once on a page. */
export function Toasts() {
  return (
    <Portal>
      <Toaster toaster={toaster} insetInline={{ mdDown: '4' }}>
        {(told) => (
          // The unseen edge around it, which keeps a stack open under the pointer, would catch what is meant for the page.
          <Toast.Root css={{ '& > [data-ghost]': { pointerEvents: 'none' } }}>
            <Stack gap="1" flex="1" maxWidth="100%">
              <Toast.Title>{told.title}</Toast.Title>
              {told.description && <Toast.Description>{told.description}</Toast.Description>}
              {told.action && (
                <Toast.ActionTrigger asChild>
                  <Button size="small" alignSelf="start">
                    {told.action.label}
                  </Button>
                </Toast.ActionTrigger>
              )}
            </Stack>
            <Toast.CloseTrigger asChild>
              <IconButton label="Close">
                <X size={18} aria-hidden />
              </IconButton>
            </Toast.CloseTrigger>
          </Toast.Root>
        )}
      </Toaster>
    </Portal>
  );
}
