/** The parts of a bench that are no part of its first load: each fetched when it is first gone to, all of them ahead of it. */

/** Milliseconds after which what a bench needs later is fetched, so that it is there should the network go. */
export const aheadAfter = 300;

export const loadMethod = () => import('./Method.js');
export const loadPad = () => import('./Pad.js');
export const loadNaming = () => import('./Naming.js');
export const loadHandIn = () => import('./HandIn.js');
export const loadOthers = () => import('./OthersHere.js');
export const loadWho = () => import('./WhoWrites.js');
/** What the pad does without where it has not come. */
const loadMore = () => [import('./PhotoPart.js'), import('./OwnWords.js')];

/** All of it; what does not come is asked for again when it is gone to. */
export const loadAll = () =>
  Promise.allSettled([loadMethod(), loadPad(), loadNaming(), loadHandIn(), loadWho(), ...loadMore()]);
