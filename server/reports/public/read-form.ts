import { Busboy, type BusboyHeaders } from '@fastify/busboy';
import type { Request } from 'express';
import { REPORT_LIMITS } from '@cadre/core/reports';

export interface SentForm {
  readonly fields: Readonly<Record<string, string>>;
  /** The photo’s bytes; null: none was sent, or it was over the limit. */
  readonly photo: Buffer | null;
  readonly tooLarge: boolean;
}

/** So many photos are in memory at once, and so many bytes are read of one sender. */
const HELD_AT_ONCE = 6;
const WHOLE_MOST = 40_000_000;
let holding = 0;

/** Reads a form as it streams in: fields and one file, each bounded, whatever its sender says of their size. What is over a bound is not held in memory. */
export function readForm(req: Request): Promise<SentForm> {
  return new Promise((done, failed) => {
    const fields: Record<string, string> = {};
    const pieces: Buffer[] = [];
    let tooLarge = false;
    // However many send one at once, memory stays bounded: what there is no room for is left out.
    const mayHold = holding < HELD_AT_ONCE;
    if (mayHold) holding += 1;
    const over = (): void => {
      if (mayHold) holding -= 1;
    };
    const reader = new Busboy({
      headers: req.headers as BusboyHeaders,
      limits: {
        fields: 10,
        fieldSize: 4000,
        files: 1,
        fileSize: REPORT_LIMITS.photoMost,
        parts: 12,
        headerPairs: 20,
      },
    });
    reader.on('field', (name, value) => {
      fields[name] = value;
    });
    let seen = 0;
    req.on('data', (piece: Buffer) => {
      seen += piece.length;
      if (seen > WHOLE_MOST) req.destroy();
    });
    req.once('close', over);
    reader.on('file', (_name, stream) => {
      if (!mayHold) {
        tooLarge = true;
        stream.resume();
        return;
      }
      stream.on('data', (piece: Buffer) => void (tooLarge || pieces.push(piece)));
      stream.on('limit', () => {
        tooLarge = true;
        pieces.length = 0;
      });
    });
    reader.on('finish', () => {
      const photo = Buffer.concat(pieces);
      done({ fields, photo: photo.length > 0 && !tooLarge ? photo : null, tooLarge });
    });
    reader.on('error', failed);
    req.on('aborted', () => failed(new Error('the sender went away')));
    req.pipe(reader);
  });
}
