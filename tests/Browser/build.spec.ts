import { createServer, request } from 'node:http';
import { expect, openChair, pedal, readyForOffline, seat, step, test } from './team';

test('may be put on a device’s home screen', async ({ page, team }) => {
  await team.runningDay(1, [await team.design('Wave band', [step('Wave', '0:40')])], ['Noor']);
  await openChair(page);
  await readyForOffline(page);
  const devtools = await page.context().newCDPSession(page);
  const { installabilityErrors } = await devtools.send('Page.getInstallabilityErrors');
  // A test's browser keeps nothing, which is the one thing that speaks against it.
  expect(installabilityErrors.map(({ errorId }) => errorId)).toEqual(['in-incognito']);
  const { url, errors } = await devtools.send('Page.getAppManifest');
  expect(url).toMatch(/\/manifest\.webmanifest$/);
  expect(errors).toEqual([]);
});

/** The server at another address, where the app is of another build as soon as it is said to be. */
async function otherAddress(): Promise<{ url: string; build: number; close(): void }> {
  const proxy = { url: '', build: 1, close: () => server.close() };
  const server = createServer((asked, answer) => {
    delete asked.headers['if-modified-since'];
    delete asked.headers['if-none-match'];
    const forward = request(
      `${test.info().project.use.baseURL ?? ''}${asked.url ?? ''}`,
      { method: asked.method, headers: { ...asked.headers, 'accept-encoding': 'identity' } },
      (told) => {
        const headers = { ...told.headers };
        // What is sent may be longer by a line.
        delete headers['content-length'];
        answer.writeHead(told.statusCode ?? 500, headers);
        if (asked.url === '/sw.js') {
          told.on('end', () => answer.end(`\n// build ${proxy.build}`)).pipe(answer, { end: false });
        } else {
          told.pipe(answer);
        }
      },
    );
    forward.on('error', () => answer.destroy());
    answer.on('close', () => forward.destroy());
    asked.pipe(forward);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  proxy.url = `http://127.0.0.1:${typeof address === 'object' ? address?.port : ''}`;

  return proxy;
}

test('a newer build takes over between two faces, never under the hand', async ({ page, team }) => {
  const proxy = await otherAddress();
  const waits = () =>
    page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.waiting !== null);
  await team.runningDay(1, [await team.design('Wave band', [step('Wave', '0:40')])], ['Noor', 'Emil']);
  await page.goto(proxy.url);
  await expect(page.getByRole('button', { name: 'Seat No. 1 Noor' })).toBeVisible();
  await readyForOffline(page);
  await seat(page);
  await expect(page.getByRole('heading', { name: 'Wave' })).toBeVisible();
  await page.evaluate(() => {
    document.documentElement.dataset['page'] = 'the old one';
  });

  proxy.build = 2;
  await page.evaluate(async () => {
    await (await navigator.serviceWorker.getRegistration())?.update();
  });
  await expect.poll(waits).toBe(true);
  // Longer than it waits for a calm moment: there is a child in the chair.
  await page.waitForTimeout(6_000);
  await expect(page.locator('html')).toHaveAttribute('data-page', 'the old one');
  expect(await waits()).toBe(true);

  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  await page.getByRole('button', { name: 'Child left' }).click();
  await expect.poll(waits, { timeout: 15_000 }).toBe(false);
  await expect(page.getByRole('button', { name: 'Seat No. 2 Emil' })).toBeVisible();
  await page.close();
  proxy.close();
});
