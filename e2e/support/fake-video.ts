import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { create } from 'qrcode';

const [WIDTH, HEIGHT] = [640, 480];
const [PAPER, INK, GREY] = [235, 20, 128];

/** A film of one code held before the camera, as Chromium's stand-in camera plays it. Answers the file. */
export function filmOfCode(text: string): string {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const scale = Math.floor((HEIGHT - 80) / (modules.size + 8));
  const luma = Buffer.alloc(WIDTH * HEIGHT, PAPER);
  const left = Math.floor((WIDTH - modules.size * scale) / 2);
  const top = Math.floor((HEIGHT - modules.size * scale) / 2);
  for (let y = 0; y < modules.size * scale; y += 1)
    for (let x = 0; x < modules.size * scale; x += 1)
      if (modules.get(Math.floor(y / scale), Math.floor(x / scale))) luma[(top + y) * WIDTH + left + x] = INK;
  const frame = Buffer.concat([Buffer.from('FRAME\n'), luma, Buffer.alloc((WIDTH * HEIGHT) / 2, GREY)]);
  const file = join(mkdtempSync(join(tmpdir(), 'cadre-film-')), 'code.y4m');
  writeFileSync(
    file,
    Buffer.concat([Buffer.from(`YUV4MPEG2 W${WIDTH} H${HEIGHT} F10:1 Ip A1:1 C420jpeg\n`), frame, frame]),
  );
  return file;
}

/** What makes Chromium show that film where a camera would be, and not ask for leave. */
export function cameraFlags(film: string): string[] {
  return [
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
    `--use-file-for-fake-video-capture=${film}`,
  ];
}
