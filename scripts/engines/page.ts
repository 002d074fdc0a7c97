import { z } from 'zod';
import type { Engine } from './engine';

/** What can be named on a page, by its selector. */
const selectors = {
  button: 'button',
  link: 'a[href]',
  radio: 'input[type=radio], [role=radio]',
  option: '[role=option]',
  heading: 'h1',
  pad: '[data-pad]',
  field: 'input:not([type=radio]):not([type=checkbox]), textarea',
  text: 'body',
} as const;
type Role = keyof typeof selectors;

/** Found in the page, or why nothing was. */
const foundSchema = z.union([z.object({ name: z.string() }), z.object({ failed: z.string() })]);

const waitMs = 50_000;

/**
 * The script that waits for something by its role and name, and then does something with it.
 *
 * @param then what is done with `element`, as statements
 */
const script = (role: Role, name: RegExp, then: string): string => `(async () => {
  const nameOf = (element) =>
    (element.getAttribute('aria-label') ??
      [...(element.labels ?? [])].map((label) => label.textContent).join(' ') ??
      '') || element.textContent;
  const tidy = (text) => text.replace(/\\s+/g, ' ').trim();
  const until = performance.now() + ${waitMs};
  for (;;) {
    const element = [...document.querySelectorAll(${JSON.stringify(selectors[role])})].find(
      (one) => one.getClientRects().length > 0 && !one.disabled && ${String(name)}.test(tidy(nameOf(one))),
    );
    if (element) {
      const name = tidy(nameOf(element)).slice(0, 200);
      ${then}
      return { name };
    }
    if (performance.now() > until) {
      return { failed: ${JSON.stringify(`no ${role} ${String(name)}`)} + ' on ' + location.pathname + ': ' + tidy(document.body.innerText).slice(0, 300) };
    }
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
})()`;

/** A page as a person meets it: by roles and names. */
export const pageOf = (engine: Engine, house: string) => {
  const run = async (role: Role, name: RegExp, then = ''): Promise<string> => {
    const found = foundSchema.parse(await engine.evaluate(script(role, name, then)));
    if ('failed' in found) throw new Error(found.failed);
    return found.name;
  };
  return {
    /**
     * Goes to an address, after a moment in which someone would have looked at the page. WebKit holds a
     * store for good where a page is left while it still reads: the application then says that its data
     * are slow to open.
     */
    goto: async (path: string): Promise<void> => {
      await engine.evaluate('new Promise((resolve) => setTimeout(() => resolve(null), 600))');
      await engine.goto(`${house}${path}`);
    },
    see: (name: RegExp, role: Role = 'text') => run(role, name),
    click: (role: Role, name: RegExp) => run(role, name, 'element.click();'),
    focus: (name: RegExp) => run('field', name, 'element.focus();'),
    press: engine.press,
    /** What the pad of the bench says now; null where there is none. */
    pad: async () =>
      z
        .string()
        .nullable()
        .parse(
          await engine.evaluate(
            "document.querySelector('[data-pad]')?.getAttribute('aria-label') ?? null",
          ),
        ),
    /** Waits until all that was typed is stored. */
    saved: () =>
      engine.evaluate(`(async () => {
        while (document.querySelector('[aria-busy=true]')) await new Promise((r) => setTimeout(r, 50));
        return null;
      })()`),
  };
};
export type EnginePage = ReturnType<typeof pageOf>;
