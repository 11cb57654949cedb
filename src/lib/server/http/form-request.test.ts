import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readableForm, wrongForm } from './form-request';

const sent = (type: string, body = 'a=b') =>
  new Request('http://localhost/', { method: 'POST', headers: { 'content-type': type }, body });

test('what is no form of a page is refused with what is wrong with it', () => {
  const FORM = 'application/x-www-form-urlencoded';
  const status = (type: string, query = '') =>
    wrongForm(sent(type), new URL(`http://localhost/papers/4${query}`))?.status;
  assert.equal(status(FORM), undefined);
  assert.equal(status(FORM, '?/sit'), undefined);
  assert.equal(status('application/json', '?script=3'), undefined);
  assert.equal(status('image/png'), undefined);
  assert.equal(status('text/plain; charset=utf-8'), 415);
  // Names that every object has, and what can be no name.
  for (const name of [...Object.getOwnPropertyNames(Object.prototype), '', 'a b', 'x'.repeat(60)]) {
    assert.equal(status(FORM, `?/${encodeURIComponent(name)}`), 404, name);
  }
});

test('fields that cannot be read are 400, and those that can are read', async () => {
  const junk = sent('multipart/form-data; boundary=x', 'no boundary here');
  readableForm(junk);
  await assert.rejects(junk.formData(), { status: 400 });
  const fine = sent('application/x-www-form-urlencoded', 'name=Oona');
  readableForm(fine);
  assert.equal((await fine.formData()).get('name'), 'Oona');
});
