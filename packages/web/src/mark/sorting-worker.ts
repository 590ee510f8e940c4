/** The worker in which answers are put together and compared. */
import * as Comlink from 'comlink';
import { sortingWork } from './sorting-work.js';

Comlink.expose(sortingWork);
