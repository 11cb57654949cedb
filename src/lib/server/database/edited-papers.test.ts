import assert from 'node:assert/strict';
import { test } from 'node:test';
import { usualTiming } from '@zealous-quill/core/house-style';
import {
  addRung,
  factsIn,
  fitToRamp,
  isMarked,
  redrawRung,
  replaceItem,
  startLadder,
  withFacts,
  type Paper
} from '@zealous-quill/core/papers';
import { skillOf } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { seededRandom } from '@zealous-quill/core/spaces';
import { PAUSE, Draft, type DraftReply } from '../../ui/draft.svelte';
import { Clock, settled, Tab } from '../../ui/draft.test-helper';
import { PaperEditor, type Drawer } from '../../ui/papers/paper-editor.svelte';
import { addPupil, createClass } from './people/classes';
import { openDatabase } from './base/connection';
import { type Db } from './base/db';
import { createPaper, newEdition, readPaper, savePaper } from './papers/papers';
import { sitPaper } from './sittings/sittings';
import { readSat } from './sittings/snapshots';

const STEPS = 1000;
const SKILLS = ['column-addition', 'near-multiple-subtraction', 'square-ending-five'];

/** A page in a browser: once it is reloaded, nothing that it still waits for goes on. */
class Page {
  isOpen = true;
  readonly clock = new Clock();

  constructor(
    private readonly db: Db,
    private readonly id: number,
    private readonly tab: Tab
  ) {}

  /** The editor on the paper as the database has it, with what the tab kept. */
  edit(): PaperEditor {
    const { version, ...stored } = readPaper(this.db, this.id)!;
    const keeper = {
      get: this.tab.get,
      set: (text: string) => void (this.isOpen && this.tab.set(text)),
      remove: this.tab.remove
    };
    const draft = new Draft({
      ...{ value: content(stored), version, keeper, timers: this.clock },
      save: (paper: Paper, over: number) => this.whileOpen(() => this.save(paper, over))
    });
    const drawer: Drawer = {
      redraw: (paper, rung, turn) =>
        this.whileOpen(() => withFacts(() => redrawRung(paper, rung, turn))),
      replace: (paper, rung, item, turn) =>
        this.whileOpen(() => withFacts(() => replaceItem(paper, rung, item, turn))),
      add: (paper, plan, turn) => this.whileOpen(() => withFacts(() => addRung(paper, plan, turn))),
      fit: (paper, turn) => this.whileOpen(() => fitToRamp(paper, turn)),
      facts: (paper) => this.whileOpen(() => factsIn(paper))
    };
    const patternIds = (skill: string) => skillOf(skill).patterns.map((pattern) => pattern.id);
    return new PaperEditor(draft, factsIn(stored), () => drawer, {
      patternIds,
      timing: usualTiming
    });
  }

  private save(paper: Paper, over: number): DraftReply<Paper> {
    const saved = savePaper(this.db, this.id, over, paper);
    if (saved.ok) return saved;
    assert.notEqual(saved.code, 'changed', 'nobody else saves');
    return { ok: false, code: 'refused', message: saved.code };
  }

  private async whileOpen<T>(work: () => T): Promise<T> {
    await settled();
    return this.isOpen ? work() : new Promise<T>(() => undefined);
  }
}

const content = ({ title, seed, ramp, rungs }: Paper): Paper => ({ title, seed, ramp, rungs });

test('whatever is done to a paper, it is saved, reads back the same and can be sat', async () => {
  const db = openDatabase(':memory:');
  const classId = createClass(db, '7 Amber')!;
  addPupil(db, classId, { name: 'Oona Fell', surname: 'Fell' });
  const id = createPaper(db, startLadder('column-addition', 'Lantern counts', { seed: 3 }));
  const random = seededRandom(1847);
  const below = (most: number) => Math.abs(random.next()) % most;
  const tab = new Tab();
  let page = new Page(db, id, tab);
  let editor = page.edit();
  const rung = () => editor.paper.rungs[below(Math.max(1, editor.paper.rungs.length))];
  const acts: Readonly<Record<string, () => unknown>> = {
    draw: () => rung() && editor.draw(rung()!.id),
    count: () => rung() && editor.plan(rung()!.id, { count: 1 + below(6) }),
    replace: () => {
      const own = rung();
      const item = own?.items[below(Math.max(1, own.items.length))];
      return own && item && editor.replace(own.id, item.id);
    },
    keep: () => {
      const own = rung();
      const at = below(6);
      const turned = (item: Paper['rungs'][number]['items'][number], n: number) =>
        n === at ? { ...item, locked: !item.locked } : item;
      if (own) editor.changeRung(own.id, (now) => ({ ...now, items: now.items.map(turned) }));
    },
    removeItem: () => {
      const own = rung();
      const at = below(6);
      if (own) {
        editor.changeRung(own.id, (now) => ({ ...now, items: now.items.toSpliced(at, 1) }));
      }
    },
    moveItem: () => {
      const own = rung();
      const item = own?.items[below(Math.max(1, own.items.length))];
      if (own && item) editor.moveItem(own.id, item.id, below(2) === 0 ? 1 : -1);
    },
    addRung: () =>
      editor.paper.rungs.length < 9 && editor.addRung('bare', SKILLS[below(SKILLS.length)]!),
    removeRung: () => editor.paper.rungs.length > 2 && editor.removeRung(rung()!.id),
    moveRung: () => rung() && editor.moveRung(rung()!.id, below(3) - 1),
    title: () => editor.change((paper) => ({ ...paper, title: `Lanterns ${below(100)}` })),
    undo: () => editor.draft.undo(),
    redo: () => editor.draft.redo(),
    reload: () => {
      page.isOpen = false;
      page = new Page(db, id, tab);
      editor = page.edit();
    }
  };
  const names = Object.keys(acts);
  let sat = 0;
  for (let step = 0; step < STEPS; step++) {
    const name = names[below(names.length)]!;
    // Most acts follow each other faster than they are drawn and saved.
    const done = acts[name]!();
    if (below(4) > 0 && name !== 'reload') continue;
    await done;
    await editor.settle();
    await page.clock.pass(PAUSE);
    assert.equal(editor.draft.problem, null, `step ${step}, ${name}`);
    const stored = readPaper(db, id)!;
    assert.deepEqual(stored.damage, [], `step ${step}, ${name}`);
    assert.deepEqual(content(stored), content(editor.paper), `step ${step}, ${name}`);
    const marked = stored.rungs.filter(isMarked).flatMap(({ items }) => items);
    if (below(5) > 0 || marked.length === 0) continue;
    const edition = newEdition(db, id)!;
    const result = sitPaper(db, edition, classId, '2026-11-27');
    assert.ok(result.ok, `step ${step}, ${name}: it cannot be sat`);
    const { parts, damage } = readSat(db, edition);
    assert.deepEqual(damage, []);
    assert.equal(parts.filter((part) => isMarked(part)).length, marked.length);
    sat++;
  }
  assert.ok(sat > 25, `only ${sat} were sat`);
});
