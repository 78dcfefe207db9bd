import type { Screens } from './en/screens';

/** A text of a screen as somebody reads it, what is put into it by its name in braces. */
export interface ScreenText {
  readonly room: string;
  readonly name: string;
  readonly text: string;
}

type Made = (slots: object) => string | readonly string[];

/** Every slot as its own name in braces. */
const SLOTS: object = new Proxy({}, { get: (_, name) => `{${String(name)}}` });

/** All texts that the screens say themselves, for somebody to read. */
export const textsOfScreens = (screens: Screens): readonly ScreenText[] =>
  Object.entries(screens).flatMap(([room, texts]) =>
    // Each text is a sentence or makes one of its slots: `parts` gives it in pieces
    Object.entries(texts as Readonly<Record<string, string | Made>>).map(([name, text]) => {
      const made = typeof text === 'string' ? text : text(SLOTS);
      return { room, name, text: typeof made === 'string' ? made : made.join('') };
    }),
  );
