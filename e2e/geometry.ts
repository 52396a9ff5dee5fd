import type { Page } from '@playwright/test';

/**
 * What is wrong with how a page lies: it runs out sideways, a text is cut off, one control lies on another, the strip takes more than its
 * share of the screen, or the main heading begins in the lower half of a phone.
 */
export async function geometryFaults(page: Page, stripShare = 0.2): Promise<string[]> {
  // What compiles this file names its functions; the page does not know the helper.
  await page.evaluate('globalThis.__name ??= (one) => one');
  return page.evaluate((share) => {
    const found: string[] = [];
    const name = (one: Element): string =>
      `${one.tagName.toLowerCase()} “${(one.getAttribute('aria-label') ?? one.textContent ?? '').trim().replace(/\s+/g, ' ').slice(0, 40)}”`;
    const over = document.documentElement.scrollWidth - document.documentElement.clientWidth;
    if (over > 0) found.push(`runs out ${over} px sideways`);
    const isSeen = (one: Element): boolean => {
      const box = one.getBoundingClientRect();
      return box.width > 2 && box.height > 2 && one.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true });
    };
    const cut = (style: CSSStyleDeclaration): boolean => style.overflowX === 'hidden' || style.overflowX === 'clip';
    for (const one of document.querySelectorAll('body *')) {
      if (!(one instanceof HTMLElement) || !isSeen(one)) continue;
      const hasText = [...one.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim());
      if (!hasText) continue;
      const style = getComputedStyle(one);
      if (cut(style) && style.textOverflow !== 'ellipsis' && one.scrollWidth > one.clientWidth + 1)
        found.push(`cut off: ${name(one)}`);
      if (
        one.matches('button, a, summary') &&
        style.display !== 'inline' &&
        style.textOverflow !== 'ellipsis' &&
        one.scrollWidth > one.clientWidth + 2
      )
        found.push(`wider than its control: ${name(one)}`);
    }
    const fixed = (one: Element): boolean => one.closest('nav, dialog, [role="dialog"]') !== null;
    // A calendar stands over the end of the field it fills, on purpose; a slider over the bar it moves.
    const controls = [...document.querySelectorAll('button, a[href], input, select, textarea, summary')].filter(
      (one) =>
        isSeen(one) &&
        !fixed(one) &&
        one.getAttribute('role') !== 'slider' &&
        !['file', 'datetime-local'].includes(one.getAttribute('type') ?? ''),
    );
    // A link in a text is as many boxes as it has lines.
    const boxes = controls
      .flatMap((one) => [...one.getClientRects()].map((box) => ({ one, box })))
      .sort((a, b) => a.box.top - b.box.top);
    boxes.forEach(({ one, box }, i) => {
      for (const other of boxes.slice(i + 1)) {
        if (other.box.top >= box.bottom - 1) break;
        if (one === other.one || one.contains(other.one) || other.one.contains(one)) continue;
        const [w, h] = [
          Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left),
          Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top),
        ];
        if (w > 2 && h > 4) found.push(`overlap: ${name(one)} and ${name(other.one)}`);
      }
    });
    const strip = document.querySelector('section[aria-label="Next for hands"]')?.getBoundingClientRect();
    if (strip && strip.height > innerHeight * share + 1)
      found.push(`the strip takes ${Math.round(strip.height)} px of ${innerHeight}`);
    const head = document.querySelector('main h1')?.getBoundingClientRect();
    if (strip && head && head.top + scrollY > innerHeight / 2)
      found.push(`the page begins ${Math.round(head.top + scrollY)} px down`);
    return [...new Set(found)];
  }, stripShare);
}
