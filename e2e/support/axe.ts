import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Browser } from './browser';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string; readonly failureSummary: string }[];
}

/** Has it stand ready in every page this browser opens from now on: sent anew to each, half a megabyte is a tenth of a second. */
export const axeInEveryPage = (browser: Browser): Promise<void> => browser.beforeEachPage(AXE);

/** What the accessibility rules object to on the page as it stands. */
export async function violationsOf(browser: Browser): Promise<string[]> {
  // Once a page: it is half a megabyte to read.
  if (!(await browser.driver.executeScript<boolean>('return Boolean(window.axe)')))
    await browser.driver.executeScript(AXE);
  const { found, rules } = await browser.driver.executeAsyncScript<{ found: Violation[]; rules: number }>(
    // No path to every element it looked at is worked out, nor the style checklists read again: a third of its time, and no rule needs it.
    'const done = arguments[arguments.length - 1]; axe.run(document, { resultTypes: ["violations"], selectors: false, elementRef: false, preload: false }).then((r) => done({ found: r.violations, rules: r.passes.length }), (e) => done({ found: [{ id: String(e), nodes: [] }], rules: 0 }));',
  );
  if (rules === 0 && found.length === 0) return ['axe ran no rule'];
  return found.flatMap((violation) =>
    violation.nodes
      .slice(0, 3)
      .map(
        (node) =>
          `${violation.id}: ${node.html.slice(0, 160)} ${node.failureSummary.replace(/\s+/g, ' ').slice(0, 160)}`,
      ),
  );
}

/** Whether the page scrolls sideways, laid out afresh: Chromium keeps what ran over in the size before, where nothing does any more. */
export async function scrollsSideways(browser: Browser): Promise<boolean> {
  return browser.driver.executeScript<boolean>(
    `const page = document.documentElement;
     page.style.display = 'none';
     void page.offsetHeight;
     page.style.display = '';
     return page.scrollWidth > page.clientWidth;`,
  );
}
