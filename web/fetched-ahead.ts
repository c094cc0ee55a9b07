import type { Plugin } from 'vite';

/** The addresses people come to first from outside (a tag, a link, a kept page), and the view each shows. */
const VIEWS: readonly { readonly path: string; readonly view: string }[] = [
  { path: '^/bikes/[^/]+$', view: '/bikes/BikeView.vue' },
  { path: '^/stand/[^/]+$', view: '/checks/StandView.vue' },
  { path: '^/bench(/[^/]+)?$', view: '/repairs/BenchView.vue' },
  { path: '^/$', view: '/wall/WallView.vue' },
];

interface Chunk {
  readonly type: 'chunk';
  readonly fileName: string;
  readonly isEntry: boolean;
  readonly facadeModuleId: string | null;
  readonly imports: readonly string[];
}

/**
 * Writes down which files a view needs, so that the server can name them along with the shell: the browser then fetches the view's with
 * the shell's instead of after them.
 */
export function fetchedAhead(): Plugin {
  return {
    name: 'fetched-ahead',
    apply: 'build',
    generateBundle(_options, bundle) {
      const chunks = new Map(
        Object.values(bundle).flatMap((each) =>
          each.type === 'chunk' ? [[each.fileName, each as Chunk] as const] : [],
        ),
      );
      const reached = (from: string, into: Set<string>): Set<string> => {
        if (into.has(from)) return into;
        into.add(from);
        chunks.get(from)?.imports.forEach((each) => reached(each, into));
        return into;
      };
      const shell = new Set<string>();
      for (const chunk of chunks.values()) if (chunk.isEntry) reached(chunk.fileName, shell);
      const ahead = VIEWS.map(({ path, view }) => {
        const chunk = [...chunks.values()].find((each) => each.facadeModuleId?.endsWith(view));
        if (!chunk) throw new Error(`no view ${view} to fetch ahead`);
        // The shell's own first: nothing stands before it does.
        return {
          path,
          files: [...new Set([...shell, ...reached(chunk.fileName, new Set())])].map((file) => `/${file}`),
        };
      });
      this.emitFile({ type: 'asset', fileName: 'fetched-ahead.json', source: JSON.stringify(ahead) });
    },
  };
}
