import type { Browser } from './browser';

/** Remembers every text the server sends to a page: that is data, and not translated. */
const REMEMBER = `
window.sentTexts = new Set();
const gather = (value) => {
  if (typeof value === 'string') window.sentTexts.add(value);
  else if (value && typeof value === 'object') for (const each of Object.values(value)) gather(each);
};
const asked = window.fetch;
window.fetch = async (...request) => {
  const answer = await asked(...request);
  answer.clone().json().then(gather, () => undefined);
  return answer;
};
`;
export const rememberData = (browser: Browser): Promise<void> => browser.beforeEachPage(REMEMBER);

/** What a look at the page as it stands finds wrong with its texts. Runs in the page. */
const LOOK = `
// Laid out afresh: Chromium keeps what ran over in the size before, where nothing does any more.
document.documentElement.style.display = 'none';
void document.documentElement.offsetHeight;
document.documentElement.style.display = '';
const plain = (text) => text.replace(/\\s+/g, ' ').trim().toLowerCase();
const known = [...new Set([...arguments[0], ...window.sentTexts].map(plain))]
  .filter((each) => /[a-z]{3}/.test(each))
  .sort((a, b) => b.length - a.length);
const isShown = (element) => {
  if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true })) return false;
  const { width, height } = element.getBoundingClientRect();
  return width > 2 && height > 2;
};
const untranslated = new Set(), cut = new Set();
const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
while (walker.nextNode()) {
  const parent = walker.currentNode.parentElement;
  const text = plain(walker.currentNode.textContent);
  if (!/[a-z]{4}/.test(text) || !parent || !isShown(parent) || parent.closest('script, style, code, pre, kbd, input, svg')) continue;
  let ours = text;
  for (const each of known) if (ours.includes(each)) ours = ours.split(each).join(' ');
  if (/(?<![\\p{L}])[a-z]{4,}(?![\\p{L}])/u.test(ours)) untranslated.add(text.slice(0, 90));
}
for (const element of document.body.querySelectorAll('*')) {
  if (!isShown(element) || element.closest('.sr-only, svg')) continue;
  const own = [...element.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim());
  if (!own || element.scrollWidth <= element.clientWidth + 2 || element.clientWidth === 0) continue;
  const { display, textOverflow } = getComputedStyle(element);
  // An ellipsis is for names people give, which can be as long as they like.
  if (display === 'inline' || textOverflow === 'ellipsis') continue;
  cut.add('<' + element.tagName.toLowerCase() + '> ' + element.textContent.trim().slice(0, 60));
}
return { untranslated: [...untranslated], cut: [...cut] };
`;

interface Look {
  /** Texts that are in no file of messages. */
  readonly untranslated: readonly string[];
  /** Texts wider than their box. */
  readonly cut: readonly string[];
}

/** Looks at the texts of the page; `known` are those that are data though no server sent them to this page. */
export const lookAtTexts = (browser: Browser, known: readonly string[]): Promise<Look> =>
  browser.driver.executeScript<Look>(LOOK, known);
