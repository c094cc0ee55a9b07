import type { Fitness } from '@cadre/core/fitness';
import { markup, Html } from './html';

/** Colours of the reader’s choosing; sizes in the reader’s own; forms that show in grey. */
const STYLE =
  new Html(`:root{color-scheme:light dark;--g:#f3eee1;--p:#fffdf8;--i:#14213a;--s:#4a5568;--a:#0b5d61;--o:#fff;--h:#9c2a1d;--l:#c9c0a8}
@media(prefers-color-scheme:dark){:root{--g:#10151f;--p:#1a2230;--i:#eee8da;--s:#b6bccb;--a:#4fb6ba;--o:#08131a;--h:#ff9a8c;--l:#47506a}}
@media(prefers-contrast:more){:root{--g:#fff;--p:#fff;--i:#000;--s:#000;--a:#003c3f;--o:#fff;--h:#7a0c00;--l:#000}}
*{box-sizing:border-box}body{margin:0;background:var(--g);color:var(--i);font:1.125rem/1.4 system-ui,sans-serif}
main{max-width:34rem;margin:0 auto;padding:1rem}h1{font-size:2rem;line-height:1.1;margin:0}h2{font-size:1.35rem;margin:1.25rem 0 .5rem}
p{margin:.4rem 0}.s{color:var(--s)}.w{display:flex;gap:.75rem;align-items:center;padding:1rem;margin:1rem 0;border:3px solid var(--i);border-radius:.6rem;background:var(--p)}
.w.held{border-color:var(--h)}.w b{font-size:1.5rem;line-height:1.15;display:block}.held b{color:var(--h)}.w svg{flex:none;width:3.5rem;height:3.5rem}
a.b,button{display:flex;align-items:center;justify-content:center;width:100%;min-height:3.5rem;padding:.5rem 1rem;margin:.5rem 0;border:2px solid var(--i);border-radius:.5rem;background:var(--p);color:var(--i);font:inherit;font-weight:700;text-align:center;text-decoration:none;cursor:pointer}
a.m,button.m{background:var(--a);color:var(--o);border-color:var(--a)}button.x{border-color:var(--h);color:var(--h)}
:focus-visible{outline:3px solid var(--a);outline-offset:3px}
li a.b{height:calc(100% - 1rem)}ul{list-style:none;padding:0;margin:0;display:grid;grid-template-columns:1fr 1fr;gap:0 .5rem}
label{display:block;margin:.75rem 0 .2rem;font-weight:700}input,textarea{width:100%;font:inherit;padding:.6rem;border:2px solid var(--i);border-radius:.4rem;background:var(--p);color:var(--i)}
.d{display:block;width:100%;height:auto;background:var(--p);border:2px solid var(--l);border-radius:.5rem}.d a:focus circle,.d a:hover circle{fill:var(--a)}
details{margin:.5rem 0;border:2px solid var(--l);border-radius:.5rem;background:var(--p);padding:0 1rem}summary{min-height:3.5rem;padding:1rem 0;font-weight:700;cursor:pointer}ol{margin:0;padding-left:1.25rem}ol li{margin:.3rem 0}.h{color:var(--h)}
[hidden]{display:none!important}.z{position:absolute;left:-999rem}`);

export function page(title: string, body: Html): string {
  return markup`<!doctype html>
    <html lang="en">
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width,initial-scale=1" />
        <meta name="robots" content="noindex" />
        <meta name="referrer" content="same-origin" />
        <title>${title}</title>
        <style>
          ${STYLE}
        </style>
      </head>
      <body>
        <main>${body}</main>
      </body>
    </html>`.text;
}

/** Told apart without colour: a ring, a dashed ring, a plate with a bar across. */
export const FORMS: Record<Fitness, Html> = {
  cleared: new Html(
    '<svg viewBox="0 0 24 24" aria-hidden="true"><circle cx="12" cy="12" r="8" fill="none" stroke="currentColor" stroke-width="5"/></svg>',
  ),
  'cleared-with-watch': new Html(
    '<svg viewBox="0 0 24 24" aria-hidden="true"><circle cx="12" cy="12" r="8" fill="none" stroke="currentColor" stroke-width="5"/></svg>',
  ),
  due: new Html(
    '<svg viewBox="0 0 24 24" aria-hidden="true"><circle cx="12" cy="12" r="9" fill="none" stroke="currentColor" stroke-width="3" stroke-dasharray="4 3"/></svg>',
  ),
  held: new Html(
    '<svg viewBox="0 0 24 24" aria-hidden="true"><circle cx="12" cy="12" r="11" fill="var(--h)"/><path d="M5 12h14" stroke="var(--p)" stroke-width="4"/></svg>',
  ),
};
