/** Is a key meant for what has the focus, so that it is no shortcut? */
const typedIn =
  'input:not([type=radio], [type=checkbox], [type=button]), textarea, select, [contenteditable=true]';
const moving: ReadonlySet<string> = new Set(['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown']);

export function isTyping(event: KeyboardEvent): boolean {
  if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return true;
  const { target } = event;
  if (!(target instanceof HTMLElement)) return false;
  if (target.matches(typedIn) || target.closest('[role=dialog], [role=menu], [role=listbox]')) return true;
  // Arrows go through a group of choices that has the focus, and through tabs.
  return moving.has(event.key) && Boolean(target.closest('[role=radiogroup], [role=tablist], input'));
}
