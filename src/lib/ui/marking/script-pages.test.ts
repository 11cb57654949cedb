import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import { ScriptPages, type Page } from './script-pages.svelte';

const page = (id: number, turn = 0): Page => ({ id, mediaType: 'image/png', turn });

/** Pages of a sitting whose server says the same to everything, and what it was asked. */
function pagesOf(reply: () => Response | Promise<Response>) {
  const asked: (readonly [address: string, method: string, body: unknown])[] = [];
  const fetched = mock.method(
    globalThis,
    'fetch',
    (address: string, { method, body }: RequestInit) => {
      asked.push([
        address,
        method!,
        typeof body === 'string' ? JSON.parse(body) : body && 'a file'
      ]);
      return Promise.resolve(reply());
    }
  );
  const pages = new ScriptPages(4, { 7: [page(1), page(2, 270)] });
  return { pages, asked, end: () => fetched.mock.restore() };
}

test('each act asks the server, and what it says of the script is what there is', async () => {
  const { pages, asked, end } = pagesOf(() => Response.json({ pages: [page(2), page(3)] }));
  await pages.turn(7, page(2, 270));
  await pages.move(7, page(2), 0);
  await pages.remove(7, page(1));
  await pages.add(7, [new File(['lantern'], 'page.png')]);
  assert.deepEqual(asked, [
    ['/marking/4/pages/2', 'POST', { turn: 0 }],
    ['/marking/4/pages/2', 'POST', { position: 0 }],
    ['/marking/4/pages/1', 'DELETE', undefined],
    ['/marking/4/pages?script=7', 'POST', 'a file']
  ]);
  assert.deepEqual(pages.of(7), [page(2), page(3)]);
  assert.deepEqual(pages.of(8), []);
  assert.deepEqual([pages.problem, pages.isBusy], [null, false]);
  end();
});

test('a page about to be removed is not there, and comes back', () => {
  const { pages, end } = pagesOf(() => Response.error());
  pages.hide(1);
  assert.deepEqual(
    pages.of(7).map(({ id }) => id),
    [2]
  );
  pages.show(1);
  assert.deepEqual(
    pages.of(7).map(({ id }) => id),
    [1, 2]
  );
  end();
});

test('what is refused changes nothing and says why; a file that is too large is not sent', async () => {
  const error = { code: 'unsupported-type', message: 'A page is a PNG.', details: {} };
  const { pages, asked, end } = pagesOf(() => Response.json({ error }, { status: 415 }));
  await pages.add(7, [new File(['x'], 'page.txt')]);
  assert.deepEqual([pages.problem, pages.of(7).length], ['A page is a PNG.', 2]);
  await pages.add(7, [new File([new Uint8Array(10 * 1024 * 1024 + 1)], 'page.png')]);
  assert.equal(pages.problem, 'This file has 11 MB; a page may have up to 10 MB.');
  assert.equal(asked.length, 1);
  end();
});

test('several files go one after the other; one that is refused is named, and the others are there', async () => {
  const sent: string[] = [];
  const { pages, asked, end } = pagesOf(() => {
    sent.push(`${pages.sending?.at} of ${pages.sending?.of}: ${pages.sending?.name}`);
    const error = { code: 'unsupported-type', message: 'A page is a PNG.', details: {} };
    return sent.length === 2
      ? Response.json({ error }, { status: 415 })
      : Response.json({ pages: [page(sent.length)] });
  });
  const files = ['1.png', '2.txt', '3.png'].map((name) => new File(['x'], name));
  await pages.add(7, files);
  assert.deepEqual(sent, ['1 of 3: 1.png', '2 of 3: 2.txt', '3 of 3: 3.png']);
  assert.equal(asked.length, 3);
  assert.deepEqual(pages.of(7), [page(3)]);
  assert.deepEqual([pages.problem, pages.sending], ['2.txt: A page is a PNG.', null]);
  end();
});

test('an item is looked for where it was, else where the one before it was, else at the top', () => {
  const { pages, end } = pagesOf(() => Response.error());
  assert.deepEqual(pages.spotOf(5), { page: 0, top: 0 });
  pages.remember(3, { page: 0, top: 0.5 });
  pages.remember(6, { page: 1, top: 0.25 });
  assert.deepEqual(pages.spotOf(2), { page: 0, top: 0 });
  assert.deepEqual(pages.spotOf(3), { page: 0, top: 0.5 });
  assert.deepEqual(pages.spotOf(5), { page: 0, top: 0.5 });
  assert.deepEqual(pages.spotOf(9), { page: 1, top: 0.25 });
  end();
});
