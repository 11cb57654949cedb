import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  CellGrid,
  cellKey,
  minutesAndSeconds,
  upTo,
  type SavedCell,
  type SendCells
} from './cell-grid.svelte';

/** A server of cells that can be away, and that others write to. */
class Server {
  cells: Record<string, SavedCell> = {};
  isAway = false;

  readonly send: SendCells = (cells) => {
    if (this.isAway) return Promise.resolve(undefined);
    return Promise.resolve(
      cells.map(({ row, column, value, version }) => {
        const at = cellKey(row, column);
        const isCurrent = (this.cells[at]?.version ?? 0) === version;
        if (isCurrent) this.cells[at] = { value, version: version + 1 };
        return { row, column, code: isCurrent ? 'saved' : 'changed', now: this.cells[at] ?? null };
      })
    );
  };

  value(row: number, column: number) {
    return this.cells[cellKey(row, column)]?.value ?? null;
  }
}

function open(server = new Server()) {
  const columns = [
    { id: 0, label: 'right', ...upTo(20, 'right answers') },
    { id: 1, label: 'time', ...minutesAndSeconds }
  ];
  return { server, grid: new CellGrid([1, 2, 3], columns, { ...server.cells }, server.send) };
}

test('what is typed is saved; what cannot be stays, says so, and is sent when it is mended', async () => {
  const { server, grid } = open();
  await grid.type(1, 0, '18');
  await grid.type(1, 1, '2:05');
  assert.deepEqual([server.value(1, 0), server.value(1, 1), grid.isSettled], [18, 125, true]);
  assert.equal(grid.textOf(1, 1), '2:05');
  await grid.type(2, 0, '21');
  await grid.type(2, 1, 'soon');
  assert.match(grid.problemOf(2, 0), /most here is 20/);
  assert.match(grid.problemOf(2, 1), /2:05/);
  assert.deepEqual([grid.textOf(2, 0), server.value(2, 0), grid.problems], ['21', null, 2]);
  await grid.type(2, 0, '12');
  await grid.type(2, 1, '');
  assert.deepEqual([server.value(2, 0), grid.isSettled], [12, true]);
});

test('a pasted block fills the cells from one on; undoing takes it back together', async () => {
  const { server, grid } = open();
  await grid.type(2, 0, '5');
  await grid.paste(2, 0, '12\t1:40\r\n15\t95\n19\t60\n');
  assert.deepEqual(
    [1, 2, 3].map((row) => [server.value(row, 0), server.value(row, 1)]),
    [
      [null, null],
      [12, 100],
      [15, 95]
    ]
  );
  await grid.undo();
  assert.deepEqual([server.value(2, 0), server.value(3, 1)], [5, null]);
});

test('nothing is lost while the server is away, and nothing of another window is overwritten unseen', async () => {
  const { server, grid } = open();
  server.isAway = true;
  await grid.type(1, 0, '7');
  await grid.type(3, 0, '9');
  assert.deepEqual([grid.isUnheard, grid.textOf(1, 0), grid.isSettled], [true, '7', false]);
  server.isAway = false;
  await grid.again();
  assert.deepEqual([server.value(1, 0), server.value(3, 0), grid.isSettled], [7, 9, true]);
  await open(server).grid.type(1, 0, '8');
  await grid.type(1, 0, '6');
  assert.match(grid.problemOf(1, 0), /Changed elsewhere to 8/);
  assert.equal(server.value(1, 0), 8);
  await grid.type(1, 0, '6 ');
  assert.equal(server.value(1, 0), 6);
});

test('a time is read back as it is written', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 7200 }), (seconds) => {
      assert.equal(minutesAndSeconds.read(minutesAndSeconds.write(seconds)), seconds);
      assert.equal(minutesAndSeconds.read(String(seconds)), seconds);
    })
  );
  for (const typed of ['2:65', '1:2:3', '-5', '7201', '2:5']) {
    assert.equal(typeof minutesAndSeconds.read(typed), 'object', typed);
  }
});
