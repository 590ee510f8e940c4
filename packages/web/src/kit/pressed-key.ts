/**
 * The key of a shortcut: a letter by whether Shift was held, not by the case it writes, so that Caps Lock changes nothing
 * (marking at speed, it is on now and then).
 */
export const pressedKey = ({ key, shiftKey }: Pick<KeyboardEvent, 'key' | 'shiftKey'>): string =>
  /^\p{L}$/u.test(key) ? (shiftKey ? key.toUpperCase() : key.toLowerCase()) : key;
