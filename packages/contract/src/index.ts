/** What crosses the wire between server and web. */
export * from './audit.js';
export * from './bench.js';
export * from './held.js';
export * from './lesson-bodies.js';
export * from './lessons.js';
export * from './live.js';
export * from './marks.js';
export * from './people.js';
export * from './planning.js';
export * from './preparing.js';
export * from './problem.js';
export * from './review.js';
export * from './exchange.js';
export * from './rights.js';
export * from './routes.js';
export * from './store.js';
export * from './room-records.js';
