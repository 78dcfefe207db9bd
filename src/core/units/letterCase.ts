/** A sentence begins with it. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A name within a sentence: “fuse link 1 A” of “Fuse link 1 A”; “DIN-rail unit” stays. */
export const lowerFirst = (text: string): string =>
  /^.\p{Lu}/u.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1);
