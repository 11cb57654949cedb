import assert from 'node:assert/strict';
import { test } from 'node:test';
import '@zealous-quill/core/catalogue/all';
import { saveTypedMarks } from '../marking/marks-only';
import { sat } from '../sat-exam.test-helper';
import { listScripts, setAbsent } from './scripts';
import { listSittings } from './sittings';
import { readSat } from './snapshots';
import { waitingScripts } from './waiting';

test('those wait who were there and are not marked as a whole; nobody where all is marked', async () => {
  const { db, id, first } = sat();
  const parts = readSat(db, id).parts.map((part) => part.id);
  const pile = listScripts(db, first);
  const names = pile.map(({ name }) => name);
  const waiting = () => waitingScripts(db, listSittings(db, 5))[first];
  const mark = (scriptId: number, some: readonly number[]) =>
    saveTypedMarks(
      db,
      first,
      some.map((partId) => ({ scriptId, partId, marks: 1, version: 0 }))
    );
  assert.deepEqual(waiting(), { scripts: names.length, begun: 0, names: names.slice(0, 3) });
  await mark(pile[0]!.id, parts.slice(0, 1));
  assert.deepEqual(waiting(), { scripts: names.length, begun: 1, names: names.slice(0, 3) });
  await mark(pile[0]!.id, parts.slice(1));
  const rest = names.slice(1);
  assert.deepEqual(waiting(), { scripts: rest.length, begun: 0, names: rest.slice(0, 3) });
  setAbsent(db, pile[1]!.id, true);
  assert.equal(waiting()?.scripts, rest.length - 1);
  for (const { id: scriptId } of pile.slice(2)) await mark(scriptId, parts);
  assert.equal(waiting(), undefined);
});
