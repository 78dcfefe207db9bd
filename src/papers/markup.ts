import type { Element } from 'domhandler';
import { parseDocument } from 'htmlparser2';
import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';

/** What a component shows, as a browser takes it. */
export const htmlOf = (shown: ReactElement): string => renderToStaticMarkup(shown);

/** What a component shows, as a tree that can be walked without a browser. */
export const markupOf = (shown: ReactElement): Element =>
  parseDocument(`<body>${renderToStaticMarkup(shown)}</body>`, { xmlMode: true, decodeEntities: true })
    .firstChild as Element;
