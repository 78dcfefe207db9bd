// npm run bench: what was measured on this machine, beside plain versions in the same run. `npm run bench -- houses 200`
// lets fitters compete on so many made-up houses of each town, `npm run bench -- faults 60` lets the fault finder,
// `npm run bench -- growth 100 1000` measures firms of so many jobs.
import { gzipSync } from 'node:zlib';
import { runTool } from './setup.mjs';
import { stop } from './serve.mjs';
import { onDemoServer } from './temporary.mjs';

/** Bytes of JavaScript, gzipped, that a page loads first. */
async function firstLoad(url, page) {
  const html = await (await fetch(`${url}${page}`)).text();
  const scripts = [
    ...new Set(
      [...html.matchAll(/<script([^>]+)src="([^"]+)"([^>]*)>/g)]
        // What browsers of today skip is not loaded
        .filter(([, before, , after]) => !/nomodule/i.test(before + after))
        .map(([, , src]) => src),
    ),
  ];
  let bytes = 0;
  for (const src of scripts) bytes += gzipSync(Buffer.from(await (await fetch(`${url}${src}`)).arrayBuffer())).length;
  return bytes;
}

const [which, ...rest] = process.argv.slice(2);
try {
  const apart = { houses: 'benchHouses', faults: 'benchFaults', growth: 'benchGrowth' }[which];
  if (apart) {
    await runTool(apart, rest);
    process.exit(0);
  }
  await onDemoServer(async (url, _said, pid) => {
    const { jobs } = await (await fetch(`${url}/api/v1/jobs`)).json();
    const job = `/jobs/${jobs[0].id}`;
    for (const [name, page] of [
      ['board', '/'],
      ['job', job],
      ['sheet', `${job}/sheet`],
    ])
      console.log(
        `${`first-load JavaScript, ${name}`.padEnd(58)} ${((await firstLoad(url, page)) / 1024).toFixed(0)} kB gzipped`,
      );
    // It needs what is installed by now
    const { benchBrowser } = await import('./benchBrowser.mjs');
    for (const [name, ms] of await benchBrowser(url))
      console.log(`${`4× slower: ${name}`.padEnd(70)} ${ms.toFixed(0)} ms`);
    const { benchField } = await import('./benchField.mjs');
    for (const [what, figure] of await benchField(url, pid)) console.log(`${what.padEnd(58)} ${figure}`);
  });
  await runTool('bench');
  await runTool('benchBell');
  await runTool('benchGrowth');
} catch (error) {
  stop(error.message);
}
