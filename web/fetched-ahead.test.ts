import { describe, expect, it } from 'vitest';
import { fetchedAhead } from './fetched-ahead';

interface Told {
  readonly path: string;
  readonly files: readonly string[];
}
const chunk = (
  fileName: string,
  imports: readonly string[] = [],
  view: string | null = null,
  isEntry = false,
) => ({
  ...{ type: 'chunk', fileName, imports, isEntry, facadeModuleId: view && `/somewhere/web${view}` },
});
const VIEWS = [
  '/bikes/BikeView.vue',
  '/checks/StandView.vue',
  '/repairs/BenchView.vue',
  '/wall/WallView.vue',
];

/** What the build would write down of these files. */
function written(...chunks: readonly ReturnType<typeof chunk>[]): readonly Told[] {
  let source = '[]';
  const plugin = fetchedAhead() as unknown as {
    generateBundle: (this: object, options: object, bundle: object) => void;
  };
  const bundle = Object.fromEntries(chunks.map((each) => [each.fileName, each]));
  plugin.generateBundle.call({ emitFile: (file: { source: string }) => (source = file.source) }, {}, bundle);
  return JSON.parse(source) as readonly Told[];
}
const shell = [chunk('index.js', ['shell.js'], '/index.html', true), chunk('shell.js')];
const plain = VIEWS.slice(1).map((view, at) => chunk(`view-${at}.js`, [], view));
const filesFor = (told: readonly Told[], address: string): readonly string[] =>
  told.find((each) => new RegExp(each.path).test(address))?.files ?? [];

describe('files fetched ahead', () => {
  it('are the shell’s first, then all the view stands on, each once', () => {
    const bike = [
      chunk('bike.js', ['shell.js', 'panels.js'], VIEWS[0]),
      chunk('panels.js', ['sign.js', 'shell.js']),
      chunk('sign.js', ['bike.js']),
    ];
    const told = written(...bike, ...plain, ...shell);
    expect(filesFor(told, '/bikes/b1')).toEqual([
      '/index.js',
      '/shell.js',
      '/bike.js',
      '/panels.js',
      '/sign.js',
    ]);
    expect(filesFor(told, '/stand/b1')).toEqual(['/index.js', '/shell.js', '/view-0.js']);
    expect(filesFor(told, '/bench')).toEqual(filesFor(told, '/bench/b1'));
    expect(filesFor(told, '/bikes/b1/edit')).toEqual([]);
  });
  it('of a view that is not there any more stop the build', () =>
    expect(() => written(...plain, ...shell)).toThrow('no view /bikes/BikeView.vue'));
});
