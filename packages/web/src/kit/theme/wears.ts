/** Our recipes name variants that Chakra's types do not know; this is the one place where that is said to the compiler. */
export const wears = <Props>(look: Readonly<Record<string, unknown>>): Props => look as Props;
