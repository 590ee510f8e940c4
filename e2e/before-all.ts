import { KivexServer } from './kivex-server.js';

/** Before all browser tests: the demo school is made once; each file of tests has a copy. */
export default (): Promise<void> => KivexServer.makeDemo();
