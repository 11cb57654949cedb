import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { likelyPatterns } from './likely';
import { defaultEvidenceModel } from './evidence-model';
import { patternEvidence, pupilEvidence, type Observation } from './pattern-evidence';

const PATTERNS = ['p', 'q', 'r', 's'];

const observation: fc.Arbitrary<Observation> = fc
  .tuple(fc.subarray(PATTERNS), fc.subarray(PATTERNS), fc.boolean(), fc.boolean())
  .map(([couldShow, shown, right, isPicked]) => {
    const didShow = shown.filter((pattern) => couldShow.includes(pattern));
    return { couldShow, didShow, right: right && didShow.length === 0, isPicked };
  });

/** Bayes' rule written out: every set of patterns, every habit, every item multiplied in. */
function slowPosterior(observations: readonly Observation[], pattern: string): number {
  const model = defaultEvidenceModel;
  let [held, all] = [0, 0];
  for (let set = 0; set < 2 ** PATTERNS.length; set++) {
    const members = PATTERNS.filter((_, at) => set & (1 << at));
    if (members.length > 3) continue;
    const prior =
      model.prior ** members.length * (1 - model.prior) ** (PATTERNS.length - members.length);
    const likes =
      members.length > 1 ? [] : [null, ...PATTERNS.filter((one) => !members.includes(one))];
    const habits = model.degrees.flatMap(([degree, byDegree]) =>
      model.slipRates.flatMap(([slipRate, share]) => [
        {
          degree,
          slipRate,
          share: share * byDegree * (1 - model.unknown),
          spoils: 0,
          likeness: 0,
          like: null
        },
        ...model.spoils.flatMap((spoils) =>
          model.likenesses.flatMap(([likeness, byLikeness]) =>
            likes.map((like) => ({
              ...{ degree, slipRate, spoils, likeness, like },
              share:
                (share * byDegree * model.unknown * byLikeness) /
                (model.spoils.length * (PATTERNS.length + 1))
            }))
          )
        )
      ])
    );
    for (const { degree, slipRate, share, spoils, likeness, like } of habits) {
      let weight = prior * share;
      for (const { couldShow, didShow, right, isPicked } of observations) {
        const coincidence = isPicked ? model.picked : model.coincidence;
        if (couldShow.length === 0) continue;
        const could = members.filter((one) => couldShow.includes(one));
        const free = (1 - degree) ** could.length;
        const seen = could.filter((one) => didShow.includes(one)).length / (could.length || 1);
        const canBeLike = like !== null && couldShow.includes(like);
        const slips = (1 - spoils) * slipRate;
        const stray = 1e-4;
        if (didShow.length > 0) {
          const byChance = (canBeLike ? 1 - likeness : 1) * coincidence;
          const alike = spoils * (canBeLike && didShow.includes(like) ? likeness : byChance);
          weight *=
            (1 - free) * seen * (1 - slipRate) + free * (alike + slips * coincidence) + stray;
        } else if (right) {
          weight *= free * (1 - spoils) * (1 - slipRate) + stray;
        } else {
          const unlike = spoils * (canBeLike ? 1 - likeness : 1);
          weight *= (1 - free) * slipRate + free * (unlike + slips) * (1 - coincidence) + stray;
        }
      }
      all += weight;
      if (members.includes(pattern)) held += weight;
    }
  }
  return held / all;
}

test('the probability of a pattern is that of Bayes’ rule written out', () => {
  fc.assert(
    fc.property(fc.array(observation, { maxLength: 8 }), (observations) => {
      // One item on which all could show keeps them in one group.
      const seen = [...observations, { couldShow: PATTERNS, didShow: [], right: true }];
      for (const { pattern, probability } of patternEvidence(seen)) {
        assert.ok(Math.abs(probability - slowPosterior(seen, pattern)) < 1e-9, pattern);
      }
    }),
    { numRuns: 40 }
  );
});

test('counts are those of the items; nothing is said of patterns that could not show', () => {
  fc.assert(
    fc.property(fc.array(observation, { maxLength: 8 }), (observations) => {
      const found = patternEvidence(observations);
      for (const { pattern, could, did, probability } of found) {
        assert.equal(could, observations.filter((one) => one.couldShow.includes(pattern)).length);
        assert.equal(did, observations.filter((one) => one.didShow.includes(pattern)).length);
        assert.ok(probability >= 0 && probability <= 1);
      }
      const possible = new Set(observations.flatMap(({ couldShow }) => couldShow));
      assert.equal(found.length, possible.size);
    })
  );
});

test('seen once is not as sure as seen six times of six', () => {
  const seen: Observation = { couldShow: ['p'], didShow: ['p'], right: false };
  const [once] = patternEvidence([seen]);
  const [often] = patternEvidence(Array<Observation>(6).fill(seen));
  // Six of six may still be an unknown error that looks alike.
  assert.ok(once!.probability < 0.6 && often!.probability > 0.94, `${often!.probability}`);
});

test('a pattern that only shows where a likelier one does is not found beside it; twins share', () => {
  const both: Observation = { couldShow: ['p', 'q'], didShow: ['p', 'q'], right: false };
  const onlyP: Observation = { couldShow: ['p', 'q'], didShow: ['p'], right: false };
  const told = patternEvidence([...Array<Observation>(5).fill(both), onlyP]);
  assert.ok(told[0]!.probability > 0.9 && told[1]!.probability < 0.2, JSON.stringify(told));
  const twins = patternEvidence(Array<Observation>(5).fill(both));
  assert.equal(twins[0]!.probability, twins[1]!.probability);
  assert.ok(twins[0]!.probability > 0.45 && twins[0]!.probability < 0.6, JSON.stringify(twins));
  assert.equal(likelyPatterns(twins).length, 2);
  const [long] = patternEvidence(Array<Observation>(2000).fill(onlyP));
  assert.ok(long!.probability > 0.999);
});

test('patterns that share no item are judged apart', () => {
  const p: Observation = { couldShow: ['p', 'q'], didShow: ['p'], right: false };
  const r: Observation = { couldShow: ['r'], didShow: [], right: true };
  assert.deepEqual(patternEvidence([p, r, p]).slice(0, 2), patternEvidence([p, p]));
});

test('patterns that nothing told apart are named together; one alone is named from one half', () => {
  const one = (pattern: string, probability: number) => ({
    pattern,
    could: 4,
    did: 4,
    against: 0,
    right: 0,
    probability
  });
  const named = (...evidence: ReturnType<typeof one>[]) =>
    likelyPatterns(evidence).map(({ pattern }) => pattern);
  assert.deepEqual(named(one('p', 0.4), one('q', 0.6), one('r', 0.9)), ['r', 'q']);
  assert.deepEqual(named(one('p', 1 / 3), one('q', 1 / 3), one('r', 1 / 3)), ['p', 'q', 'r']);
  assert.deepEqual(named(one('p', 0.49), one('q', 0.3)), []);
  assert.deepEqual(named(...['a', 'b', 'c', 'd', 'e', 'f'].map((id) => one(id, 0.1))), []);
});

test('what nothing explains is told as an unknown error, and points at its items', () => {
  const right: Observation = { couldShow: ['p', 'q'], didShow: [], right: true };
  const odd: Observation = { couldShow: ['p', 'q'], didShow: [], right: false };
  const alike: Observation = { couldShow: ['p', 'q'], didShow: ['p'], right: false };
  const lost = pupilEvidence([odd, odd, alike, odd, odd, odd, alike, odd, odd, right]);
  assert.ok(lost.unknown[0]!.probability > 0.7, `${lost.unknown[0]!.probability}`);
  assert.deepEqual(lost.unknown[0]!.items, [0, 1, 3, 4, 5, 7, 8]);
  assert.deepEqual(likelyPatterns(lost.patterns), []);
  const careless = pupilEvidence([
    right,
    odd,
    right,
    right,
    right,
    right,
    odd,
    right,
    right,
    right
  ]);
  assert.ok(careless.unknown[0]!.probability < 0.5);
});

test('of forty patterns in one company the one that shows is found, whichever it is', () => {
  const couldShow = Array.from({ length: 40 }, (_, at) => `p${at}`);
  const right: Observation = { couldShow, didShow: [], right: true };
  for (const held of ['p0', 'p31', 'p32', 'p39']) {
    const shows: Observation = { couldShow, didShow: [held], right: false };
    const evidence = patternEvidence([shows, shows, right, shows, shows, shows]);
    assert.deepEqual(
      likelyPatterns(evidence).map(({ pattern }) => pattern),
      [held]
    );
    assert.ok(evidence.every(({ probability }) => probability >= 0 && probability <= 1));
  }
});
