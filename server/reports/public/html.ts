/** A piece of a page that is safe to show: made of this file’s templates only. */
export class Html {
  constructor(readonly text: string) {}
}

type Part = Html | string | number | null | false | readonly Part[];

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

function written(part: Part): string {
  if (part === null || part === false) return '';
  if (part instanceof Html) return part.text;
  if (Array.isArray(part)) return (part as readonly Part[]).map(written).join('');
  return String(part as string | number).replace(/[&<>"']/g, (each) => ESCAPES[each] ?? '');
}

/** A template whose every value is escaped, but for pieces made by it. */
export function markup(strings: TemplateStringsArray, ...parts: readonly Part[]): Html {
  return new Html(
    strings.reduce(
      (text, piece, at) => text + piece + (at < parts.length ? written(parts[at] ?? null) : ''),
      '',
    ),
  );
}
