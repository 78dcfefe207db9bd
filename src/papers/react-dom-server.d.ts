// The browser’s half of React’s own renderer to text: it runs in a browser’s thread as in Node’s, and React types it elsewhere
declare module 'react-dom/server.browser' {
  export { renderToStaticMarkup } from 'react-dom/server';
}
