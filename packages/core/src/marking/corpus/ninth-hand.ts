/** The ninth set: five parts, written one after the other, each before the reader was changed for the one before it. */
import { corrections } from './ninth-hand-corrections.js';
import { everyKind } from './ninth-hand-every-kind.js';
import { listsAndChat } from './ninth-hand-lists-and-chat.js';
import { prose } from './ninth-hand-prose.js';
import { voicesAndReasons } from './ninth-hand-voices-and-reasons.js';

export const ninthHandAnswers = `${everyKind}${corrections}${prose}${listsAndChat}${voicesAndReasons}`;
