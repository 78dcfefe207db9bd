import { onDemoServer } from './scripts/temporary.mjs';
await onDemoServer(async (url) => {
  const { benchBrowser } = await import('./scripts/benchBrowser.mjs');
  for (const [n, ms] of await benchBrowser(url)) console.log(n.padEnd(70), ms.toFixed(1));
});
