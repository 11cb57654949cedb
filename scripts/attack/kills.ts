import { existsSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { TestServer } from '../../e2e/server';
import { entriesOf, isWhole, peek, placesOf, saveAnswer } from './department';
import type { Dice } from './dice';
import type { Sender } from './sender';

export interface Killed {
  readonly kills: number;
  /** Saves, imports, papers and backups that were answered with 200, and how many of them were gone after. */
  readonly acknowledged: number;
  readonly lost: readonly string[];
}

/** What a round of work promised, and how to see after a kill whether it was kept. */
interface Promised {
  readonly what: string;
  readonly isKept: () => boolean;
}

const LONGEST_ROUND = 1500;

/**
 * Kills the server again and again while it marks, imports, saves papers, makes backups and restores them, and looks
 * after each kill whether all that was acknowledged is there. A restore takes back what was saved after its backup:
 * until it is acknowledged, the database is the one of before or the one of the backup, whole in both cases.
 */
export async function killWhileWorking(
  server: TestServer,
  sender: Sender,
  dice: Dice,
  kills: number
): Promise<Killed> {
  const works = [marking, importing, savingPapers, backingUp, restoring];
  const lost: string[] = [];
  let acknowledged = 0;
  for (let kill = 0; kill < kills; kill++) {
    const promised: Promised[] = [];
    const end = { isOver: false };
    const work = works[kill % works.length]!(server, sender, dice, promised, end);
    await new Promise((resolve) => setTimeout(resolve, 100 + dice.below(LONGEST_ROUND)));
    await server.kill();
    end.isOver = true;
    await work;
    await server.start();
    if (!isWhole(server.database)) lost.push(`kill ${kill}: the database is not whole`);
    acknowledged += promised.length;
    lost.push(...promised.filter(({ isKept }) => !isKept()).map(({ what }) => what));
  }
  return { kills, acknowledged, lost };
}

type Work = (
  server: TestServer,
  sender: Sender,
  dice: Dice,
  promised: Promised[],
  end: { isOver: boolean }
) => Promise<void>;

/** Three markers save answers as fast as they are heard. */
const marking: Work = async (server, sender, dice, promised, end) => {
  const places = placesOf(server.database);
  const latest = new Map<string, string>();
  const marker = async (own: number) => {
    for (let at = own; !end.isOver && at < places.length * 3; at += 3) {
      const place = places[at % places.length]!;
      const key = `${place.scriptId}/${place.partId}`;
      const version = versionOf(server.database, place) ?? 0;
      const answer = String(dice.below(100_000));
      const { status } = await saveAnswer(sender, place, version, answer);
      if (status === 200) latest.set(key, answer);
      // Sent and not heard: it stands there or it does not.
      else latest.delete(key);
    }
  };
  await Promise.all([marker(0), marker(1), marker(2)]);
  for (const [key, answer] of latest) {
    promised.push({
      what: `answer at ${key}`,
      isKept: () => entriesOf(server.database).get(key)?.written === answer
    });
  }
};

function versionOf(file: string, { scriptId, partId }: { scriptId: number; partId: number }) {
  return peek<{ version: number }>(
    file,
    `select version from responses join markings on markings.id = responses.markingId
     where scriptId = ${scriptId} and partId = ${partId}`
  )[0]?.version;
}

const importing: Work = async (server, sender, dice, promised, end) => {
  for (let at = 0; !end.isOver; at++) {
    const name = `8 Tin ${dice.below(1_000_000)} ${at}`;
    const csv = `name,class\n${Array.from({ length: 30 }, (_, n) => `Pupil ${n},${name}`).join('\n')}`;
    const { status, body } = await sender.form('/classes/import?/accept', { csv });
    if (status !== 200 || !body.includes('redirect')) continue;
    const count = () =>
      peek<{ n: number }>(
        server.database,
        `select count(*) as n from pupils join classes on classes.id = classId where classes.name = '${name}'`
      )[0]?.n;
    promised.push({ what: `class ${name}`, isKept: () => count() === 30 });
  }
};

const savingPapers: Work = async (server, sender, _, promised, end) => {
  while (!end.isOver) {
    const { status, body } = await sender.form('/papers?/start', {
      ...{ skill: 'column-addition', with: 'ladder', controls: '{}', kept: '{}' }
    });
    const id = /\/papers\/(\d+)/.exec(body)?.[1];
    if (status !== 200 || id === undefined) continue;
    const items = () =>
      peek<{ n: number }>(
        server.database,
        `select count(*) as n from parts join questions on questions.id = questionId
         join sections on sections.id = sectionId where paperId = ${id}`
      )[0]?.n ?? 0;
    promised.push({ what: `paper ${id}`, isKept: () => items() > 0 });
  }
};

const backups = (server: TestServer) => join(dirname(server.database), 'backups');

const backingUp: Work = async (server, sender, _, promised, end) => {
  while (!end.isOver) {
    const { status, body } = await sender.form('/records/backups?/make', { now: 'yes' });
    const name = /zealous-quill-[\w-]+\.tar\.gz/.exec(body)?.[0];
    if (status !== 200 || !name || !body.includes('success')) continue;
    promised.push({ what: name, isKept: () => existsSync(join(backups(server), name)) });
  }
};

const madeByHand = (server: TestServer): string[] =>
  existsSync(backups(server))
    ? readdirSync(backups(server)).filter((one) => one.endsWith('by-hand.tar.gz'))
    : [];

/** A restored database has what its backup had, unless another restore, of which nothing was heard, has taken place. */
const restoring: Work = async (server, sender, dice, promised, end) => {
  const classes = () =>
    peek<{ n: number }>(server.database, 'select count(*) as n from classes')[0]?.n;
  const known: { restored?: number | undefined } = {};
  while (!end.isOver) {
    const all = madeByHand(server);
    if (all.length === 0) {
      // None was finished before a kill.
      await sender.form('/records/backups?/make', { now: 'yes' });
      continue;
    }
    const name = dice.of(all);
    known.restored = undefined;
    const { status, body } = await sender.form('/records/backups?/restore', { name });
    if (status !== 200 || !body.includes('before-restore')) continue;
    known.restored = classes();
    const isKept = () => known.restored === undefined || classes() === known.restored;
    promised.push({ what: `restore of ${name}`, isKept });
    await new Promise((resolve) => setTimeout(resolve, dice.below(400)));
  }
};

/** Saves at once over one version of one place; gives how many of them won. */
export async function race(server: TestServer, sender: Sender, runners: number): Promise<number> {
  const place = placesOf(server.database)[0]!;
  const version = versionOf(server.database, place) ?? 0;
  const heard = await Promise.all(
    Array.from({ length: runners }, (_, at) => saveAnswer(sender, place, version, String(at)))
  );
  return heard.filter(({ status }) => status === 200).length;
}
