import { expose } from 'comlink';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';

// Reading codes off pictures takes a library that was made for another machine: it lies beside the program, not with strangers.
prepareZXingModule({
  overrides: {
    locateFile: (file: string, prefix: string) =>
      file.endsWith('.wasm')
        ? new URL('../../node_modules/zxing-wasm/dist/reader/zxing_reader.wasm', import.meta.url).href
        : prefix + file,
  },
});

/** What the codes on a picture say, the plainest first; none where none can be read. */
const read = async (picture: Blob | ImageData): Promise<readonly string[]> =>
  (await readBarcodes(picture, { tryHarder: true, maxNumberOfSymbols: 4 }))
    .filter(({ isValid, text }) => isValid && text !== '')
    .map(({ text }) => text);

const api = { read };
export type CodesWorker = typeof api;
expose(api);
