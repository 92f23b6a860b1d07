import type { Browser } from './browser.ts';
import { soon } from './soon.ts';

type Driver = Browser['driver'];

/** Shows pages as where the colours are the reader's own (light words on black), or as usual. Motion is wished less in both. */
export const ownColours = (driver: Driver, on: boolean): Promise<void> =>
  driver.sendDevToolsCommand('Emulation.setEmulatedMedia', {
    features: [
      { name: 'prefers-reduced-motion', value: 'reduce' },
      { name: 'forced-colors', value: on ? 'active' : 'none' },
      { name: 'prefers-color-scheme', value: on ? 'dark' : 'light' },
    ],
  });

/** Expects that nothing on the page moves, for whoever wishes that. */
export const expectStillness = (driver: Driver): Promise<void> =>
  soon(() =>
    driver.executeScript<string[]>(`
      return document.getAnimations()
        .filter((one) => one.playState === 'running' && one.effect.getComputedTiming().duration > 1)
        .map((one) => (one.animationName ?? one.transitionProperty) + ' of ' + one.effect.target?.outerHTML.slice(0, 80));`),
  ).toEqual([]);

/** Expects that what is chosen is seen to be where grounds are gone: by a frame of its own. Today's stone has the hare on it. */
export const expectChosenSeen = (driver: Driver): Promise<void> =>
  soon(() =>
    driver.executeScript<string[]>(`
      const chosen = [...document.querySelectorAll(
        '[aria-pressed="true"], [aria-selected="true"], [aria-current]:not([aria-current="false"])')];
      return chosen
        .filter((one) => one.getBoundingClientRect().width > 0 && !one.matches('.stone') && getComputedStyle(one).outlineStyle === 'none')
        .map((one) => one.outerHTML.slice(0, 120));`),
  ).toEqual([]);

/**
 * Expects that words drawn in pictures are seen on what is drawn beneath them, 3 to 1 at least: axe looks at words of the page alone.
 * What lies in no picture has the page beneath it. A face's own numerals, and those
 * on a page to be printed, may have a hand on them.
 */
export const expectDrawnWordsSeen = (driver: Driver): Promise<void> =>
  soon(() =>
    driver.executeScript<string[]>(`
      const sheets = document.adoptedStyleSheets;
      const all = new CSSStyleSheet();
      all.replaceSync('svg, svg * { pointer-events: visiblePainted !important }');
      document.adoptedStyleSheets = [...sheets, all];
      const rgb = (colour) => (/rgba?\\(([\\d.]+), ([\\d.]+), ([\\d.]+)(?:, ([\\d.]+))?\\)/.exec(colour) ?? []).slice(1)
        .map((one, i) => one === undefined ? 1 : i === 3 ? Number(one) : Number(one) / 255);
      const light = ([r, g, b]) => [r, g, b].map((one) => one <= 0.04045 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4)
        .reduce((sum, one, i) => sum + one * [0.2126, 0.7152, 0.0722][i], 0);
      const contrast = (a, b) => { const [x, y] = [light(a), light(b)].sort((p, q) => q - p); return (x + 0.05) / (y + 0.05); };
      const groundAt = (x, y, text) => {
        for (const one of document.elementsFromPoint(x, y)) {
          if (one === text || one.closest('text') !== null) continue;
          const look = getComputedStyle(one);
          const fill = one instanceof SVGElement && !(one instanceof SVGSVGElement) && one.tagName !== 'g'
            ? rgb(look.fill) : rgb(look.backgroundColor);
          if (fill.length < 4 && fill.length !== 3) continue;
          if ((fill[3] ?? 1) * Number(look.opacity) * Number(look.fillOpacity) < 0.5) continue;
          // A line has no ground, whatever it would be filled with.
          if (one instanceof SVGElement && (look.fill === 'none' || one.tagName === 'line')) continue;
          return fill;
        }
        return [1, 1, 1];
      };
      const bad = [];
      for (const text of document.querySelectorAll('svg:not(.page) > text:not(.numeral), svg:not(.page) g text:not(.numeral)')) {
        const box = text.getBoundingClientRect();
        const look = getComputedStyle(text);
        if (box.width === 0 || look.visibility === 'hidden' || Number(look.opacity) < 0.5 || text.textContent.trim() === '') continue;
        const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
        if (x < 0 || y < 0 || x > innerWidth || y > innerHeight) continue;
        if (document.elementsFromPoint(x, y).some((one) => one.closest('.v-overlay__content') && !one.contains(text) && !text.closest('.v-overlay__content'))) continue;
        const ground = groundAt(x, y, text);
        if (contrast(rgb(look.fill), ground) < 3) bad.push(text.outerHTML.slice(0, 90) + ' ' + look.fill + ' on ' + ground);
      }
      document.adoptedStyleSheets = sheets;
      return bad;`),
  ).toEqual([]);
