/** Why a page is not shown, in a sentence that says what to do. */

/** As browsers say that a part of a page could not be fetched; each has words of its own. */
const notFetched = /dynamically imported module|importing a module script/i;

/** @param error what the page threw. @param online whether the browser has a network. */
export function whyNoPage(error: unknown, online: boolean): string {
  if (!notFetched.test(error instanceof Error ? error.message : ''))
    return 'What you logged is safe. Load it again; if it stays, tell whoever looks after Kivex.';
  return online
    ? 'It could not be fetched just now. What you logged is safe. Load it again; if it stays, tell whoever looks after Kivex.'
    : 'It is not on this device, and there is no network. What you logged is safe. Load it again once there is one.';
}
