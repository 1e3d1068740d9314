import type { Page } from '@playwright/test';

/** How a screen looks, in numbers; sizes in CSS pixels. */
export type Look = {
  words: number;
  controls: number;
  /** Of everything that scrolls in it. */
  height: number;
  /** Where the first figure or state stands, from the top; null on a screen without one. */
  firstFact: number | null;
  smallestTarget: number;
  smallestText: number;
  /** What is wider than the screen, or smaller than a thumb: the words on it. */
  overflowing: string[];
  smallTargets: string[];
};

/** The least a thumb in a glove hits. Half a pixel is a rounding of the browser's. */
const LEAST_TARGET = 47.5;

/** Measures what stands on the page now. */
export async function lookAt(page: Page): Promise<Look> {
  // What runs TypeScript directly marks functions with a helper that the page does not have.
  await page.evaluate('globalThis.__name ??= (named) => named');
  return page.evaluate((least) => {
    const main = document.querySelector('[role=main], main') ?? document.body;
    const style = (element: Element) => getComputedStyle(element);
    const isShown = (element: Element) => {
      const { width, height } = element.getBoundingClientRect();
      return width > 1 && height > 1 && style(element).visibility !== 'hidden';
    };
    const nameOf = (element: Element) =>
      (element.getAttribute('aria-label') ?? element.textContent ?? element.tagName)
        .trim()
        .slice(0, 60);
    const controls = [
      ...document.querySelectorAll(
        'button, a[href], input, textarea, [role=button], [role=radio], [role=link]',
      ),
    ].filter(isShown);
    // A link inside a sentence is read, not hit; bars on the board are as long as they last, and stand in the lists too.
    const targets = controls.filter(
      (control) =>
        style(control).display !== 'inline' && !control.closest('[aria-label="Rooms by weeks"]'),
    );
    const sizes = targets.map((control) => {
      const { width, height } = control.getBoundingClientRect();
      return { control, size: Math.min(width, height) };
    });
    const texts = [...main.querySelectorAll('*')].filter(
      (element) =>
        isShown(element) &&
        !element.closest('svg') &&
        [...element.childNodes].some((node) => node.nodeType === 3 && node.textContent?.trim()),
    );
    const scrolls = (element: Element) => /auto|scroll/.test(style(element).overflowX);
    const inScroller = (element: Element) => {
      for (let at = element.parentElement; at && at !== document.body; at = at.parentElement) {
        if (scrolls(at) && at.scrollWidth > at.clientWidth + 1) return true;
      }
      return false;
    };
    const wide = [...texts, ...controls].filter(
      (element) => element.getBoundingClientRect().right > innerWidth + 1 && !inScroller(element),
    );
    const cut = texts.filter(
      (element) =>
        style(element).overflowX === 'hidden' &&
        style(element).textOverflow !== 'ellipsis' &&
        element.scrollWidth > element.clientWidth + 1,
    );
    const heights = [main, ...main.querySelectorAll('*')].map((element) => element.scrollHeight);
    const title = main.querySelector('h1, [role=heading][aria-level="1"]');
    const below = title?.getBoundingClientRect().bottom ?? 0;
    const fact = texts.find(
      (element) =>
        /\d/.test(element.textContent ?? '') && element.getBoundingClientRect().top >= below - 1,
    );
    const round = (value: number) => Math.round(value * 10) / 10;
    return {
      words: (main as HTMLElement).innerText.split(/\s+/).filter(Boolean).length,
      controls: controls.length,
      height: Math.max(...heights),
      firstFact: fact ? Math.round(fact.getBoundingClientRect().top) : null,
      smallestTarget: round(Math.min(999, ...sizes.map(({ size }) => size))),
      smallestText: round(Math.min(...texts.map((element) => parseFloat(style(element).fontSize)))),
      overflowing: [...new Set([...wide, ...cut].map(nameOf))],
      smallTargets: [
        ...new Set(sizes.filter(({ size }) => size < least).map(({ control }) => nameOf(control))),
      ],
    };
  }, LEAST_TARGET);
}
