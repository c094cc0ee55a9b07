import { expose } from 'comlink';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import wasmUrl from 'zxing-wasm/reader/zxing_reader.wasm?url';

// The decoder ships with the app: left to itself it would fetch its wasm from elsewhere.
prepareZXingModule({
  overrides: {
    locateFile: (path: string, prefix: string) => (path.endsWith('.wasm') ? wasmUrl : prefix + path),
  },
});

export interface DecodeWorker {
  /** The texts of the codes in a picture. */
  decode(image: ImageData): Promise<readonly string[]>;
}

const worker: DecodeWorker = {
  async decode(image) {
    const found = await readBarcodes(image, {
      formats: ['QRCode', 'DataMatrix', 'Code128', 'Code39'],
      tryHarder: true,
      maxNumberOfSymbols: 4,
    });
    return found.filter((each) => each.isValid).map((each) => each.text);
  },
};
expose(worker);
