/**
 * For an act that others see at once, such as ending a lesson or giving out marks: it is tried now even when the browser
 * believes it has no network, told when it fails, and never done later by itself. What is only kept may wait instead.
 */
export const nowOrNever = { networkMode: 'always' } as const;

/** For what is asked about a choice just made: with the network gone it is told at once, and no older answer stands in for it. */
export const askNow = { networkMode: 'always', retry: false } as const;
