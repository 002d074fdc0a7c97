import { createServer, type Socket, type AddressInfo, type Server } from 'node:net';
import { createServer as createWebServer } from 'node:http';
import { type Page, expect, test } from './test';

// There is one simulated scale and one probe: these tests take turns.
test.describe.configure({ mode: 'default' });

/** How often the stream is broken. */
const breaks = Number(process.env['BREAKS'] ?? 10);

/** Begins to make a blend, from the page before the bench. */
const begin = async (page: Page, blend: string): Promise<void> => {
  await page.goto(`/blends/${blend}/make`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByRole('navigation', { name: 'What next' })).toBeVisible();
};

const pad = (page: Page, name: RegExp) => page.getByRole('button', { name });
const count = (page: Page) => page.getByTestId('count');

/** Goes on, step by step, to one of a name. */
const passTo = async (page: Page, step: RegExp): Promise<void> => {
  const go = page.getByRole('button', { name: /^(Done, next|Go on with|Added, next)/ });
  for (let n = 0; n < 20 && !(await pad(page, step).isVisible()); n += 1) {
    const before = await page.locator('[data-pad]').getAttribute('aria-label');
    await go.click();
    await expect(page.locator('[data-pad]')).not.toHaveAttribute('aria-label', before ?? '');
  }
};

const portOf = (server: Server): number => (server.address() as AddressInfo).port;

const listening = (server: Server): Promise<void> =>
  new Promise((done) => server.listen(0, '127.0.0.1', done));

/** A line to the server that can be cut: everything that goes over it then breaks off. */
const breakable = async (to: number) => {
  const open = new Set<Socket>();
  const server = createServer((near) => {
    const far = new (near.constructor as typeof Socket)();
    far.connect(to, '127.0.0.1');
    for (const [one, other] of [
      [near, far],
      [far, near],
    ] as const) {
      open.add(one);
      one.pipe(other);
      one.on('error', () => other.destroy());
      one.on('close', () => {
        open.delete(one);
        other.destroy();
      });
    }
  });
  await listening(server);
  return {
    address: `http://localhost:${portOf(server)}`,
    cut: () => open.forEach((socket) => socket.destroy()),
    end: () => {
      open.forEach((socket) => socket.destroy());
      server.close();
    },
  };
};

test('a balm is weighed on the simulated scale, with an overshoot, and a melt read on its probe', async ({
  page,
}) => {
  await begin(page, 'keepsake');
  await passTo(page, /^Beeswax/);
  await page.getByRole('button', { name: 'Read the simulated scale' }).click();
  const scale = page.getByRole('region', { name: 'Scale' });
  await scale.getByRole('button', { name: 'clear it' }).click();
  await scale.getByRole('button', { name: 'Tare' }).click();
  await expect(page.getByTestId('on-scale')).toHaveText(/^-?0\.0\d g$/);
  // Half, half, and a gram too much.
  await scale.getByRole('button', { name: 'put half on' }).click();
  await expect(scale.getByRole('status')).toContainText('still to come');
  await scale.getByRole('button', { name: 'put half on' }).click();
  await scale.getByRole('button', { name: '1 g more' }).click();
  await expect(scale.getByRole('status')).toContainText('too much');
  await scale.getByRole('button', { name: 'Take this weight' }).click();
  await expect(page.getByRole('region', { name: 'Too much' })).toBeVisible();
  await page.getByRole('region', { name: 'Too much' }).getByText('Accept it').click();
  await expect(page.getByRole('region', { name: 'Too much' })).toHaveCount(0);
  await passTo(page, /^Cool to/);
  await page.getByRole('button', { name: 'Read the simulated thermometer' }).click();
  const probe = page.getByRole('region', { name: 'Thermometer' });
  await probe.getByRole('button', { name: /^a jug at/ }).click();
  await expect(page.getByTestId('on-probe')).toHaveText(/^7\d(\.\d)? °C$/);
  await probe.getByRole('button', { name: 'Take this reading' }).click();
  const cooling = page.getByRole('region', { name: 'Cooling' });
  await expect(cooling).toContainText(/One more reading|Cool enough in about/);
  // It goes on by itself: half a minute in the room, and it is known when it will be cool.
  await expect(cooling).toContainText('Cool enough in about', { timeout: 45_000 });
  // In the log it says that this was practice.
  const batch = page.url().split('/').pop() ?? '';
  await page.goto(`/batches/${batch}`);
  await expect(page.getByText(/was measured by a simulated device/)).toBeVisible();
});

test('ten drops are counted by weight, two at once among them, over a line that breaks', async ({
  page,
  baseURL,
}) => {
  test.setTimeout(60_000 + 15_000 * breaks);
  const line = await breakable(Number(new URL(baseURL ?? '').port));
  try {
    await page.goto(`${line.address}/blends`);
    await expect(page.getByRole('link', { name: /Get-out/ })).toBeVisible();
    await page.goto(`${line.address}/blends/get-out/make`);
    await page.getByRole('button', { name: 'To the bench' }).click();
    await passTo(page, /: 0 /);
    await page.getByRole('button', { name: 'Count by weight on the simulated scale' }).click();
    const drops = page.getByRole('region', { name: 'Drops by weight' });
    const status = drops.getByRole('status');
    await expect(status).toHaveText(/^At rest/);
    let fallen = 0;
    for (let n = 0; n < breaks; n += 1) {
      line.cut();
      if (fallen < 8) {
        fallen += 1;
        await expect(async () => {
          await drops.getByRole('button', { name: 'a drop falls' }).click();
        }).toPass();
      }
      await expect(count(page)).toHaveText(String(fallen));
      await expect(status).toHaveText(/^At rest/);
    }
    await drops.getByRole('button', { name: 'two at once' }).click();
    await expect(status).toContainText('how many drops were that?');
    await drops.getByRole('button', { name: '2 drops' }).click();
    await expect(count(page)).toHaveText(String(fallen + 2));
  } finally {
    line.end();
  }
});

test('a page of another address can neither hear the bench nor tell it anything', async ({
  page,
  context,
  baseURL,
}) => {
  await begin(page, 'keepsake');
  await passTo(page, /^Beeswax/);
  await page.getByRole('button', { name: 'Read the simulated scale' }).click();
  await page.getByRole('button', { name: 'clear it' }).click();
  await page.getByRole('button', { name: 'Tare' }).click();
  await expect(page.getByTestId('on-scale')).toHaveText(/^-?0\.0\d g$/);
  const other = createWebServer((_request, response) =>
    response.end('<!doctype html><title>Another page</title>'),
  );
  await listening(other);
  const elsewhere = await context.newPage();
  try {
    await elsewhere.goto(`http://localhost:${portOf(other)}/`);
    const heard = await elsewhere.evaluate(async (bench) => {
      // Sent blindly: what comes back cannot be seen, so the scale itself is looked at below.
      await fetch(`${bench}/devices/scale/hand`, {
        method: 'POST',
        mode: 'no-cors',
        body: '{"hand":"put","g":100}',
      }).catch(() => null);
      const stream = new EventSource(`${bench}/devices/scale/lines`);
      const line = await new Promise((tell) => {
        stream.onmessage = () => tell('a line');
        stream.onerror = () => tell('refused');
      });
      const list = await fetch(`${bench}/devices`).then(
        () => 'a list',
        () => 'refused',
      );
      return { line, list };
    }, `${baseURL}/api/bench`);
    expect(heard).toEqual({ line: 'refused', list: 'refused' });
  } finally {
    other.close();
    await elsewhere.close();
  }
  // A gram is put on by hand: of the hundred nothing came.
  await page.getByRole('button', { name: '1 g more' }).click();
  await expect(page.getByTestId('on-scale')).toHaveText(/^(1\.0\d|0\.9\d) g$/);
});
