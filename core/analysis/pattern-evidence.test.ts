import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { likelyPatterns } from './likely';
import { defaultEvidenceModel, patternEvidence, type Observation } from './pattern-evidence';

const PATTERNS = ['p', 'q', 'r', 's'];

const observation: fc.Arbitrary<Observation> = fc
  .tuple(fc.subarray(PATTERNS), fc.subarray(PATTERNS), fc.boolean())
  .map(([couldShow, shown, right]) => {
    const didShow = shown.filter((pattern) => couldShow.includes(pattern));
    return { couldShow, didShow, right: right && didShow.length === 0 };
  });

/** Bayes' rule written out: every set of at most two patterns, every item multiplied in. */
function slowPosterior(observations: readonly Observation[], pattern: string): number {
  const { prior, degree, slipRate, coincidence } = defaultEvidenceModel;
  let [held, all] = [0, 0];
  for (let set = 0; set < 2 ** PATTERNS.length; set++) {
    const members = PATTERNS.filter((_, at) => set & (1 << at));
    if (members.length > 2) continue;
    let weight = prior ** members.length * (1 - prior) ** (PATTERNS.length - members.length);
    for (const { couldShow, didShow, right } of observations) {
      const could = members.filter((one) => couldShow.includes(one));
      const notFollowed = (1 - degree) ** could.length;
      if (didShow.length > 0) {
        const share = could.filter((one) => didShow.includes(one)).length / (could.length || 1);
        const followed = (1 - notFollowed) * share;
        weight *= followed * (1 - slipRate) + (1 - followed) * slipRate * coincidence;
      } else if (right) {
        weight *= notFollowed * (1 - slipRate);
      } else {
        weight *= (1 - notFollowed) * slipRate + notFollowed * slipRate * (1 - coincidence);
      }
    }
    all += weight;
    if (members.includes(pattern)) held += weight;
  }
  return held / all;
}

test('the probability of a pattern is that of Bayes’ rule written out', () => {
  fc.assert(
    fc.property(fc.array(observation, { maxLength: 8 }), (observations) => {
      // One item on which all could show keeps them in one company.
      const seen = [...observations, { couldShow: PATTERNS, didShow: [], right: true }];
      for (const { pattern, probability } of patternEvidence(seen)) {
        assert.ok(Math.abs(probability - slowPosterior(seen, pattern)) < 1e-9, pattern);
      }
    })
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
  assert.ok(once!.probability < 0.95 && often!.probability > 0.999);
});

test('a pattern that only shows where a likelier one does is not found beside it; twins share', () => {
  const both: Observation = { couldShow: ['p', 'q'], didShow: ['p', 'q'], right: false };
  const onlyP: Observation = { couldShow: ['p', 'q'], didShow: ['p'], right: false };
  const told = patternEvidence([...Array<Observation>(5).fill(both), onlyP]);
  assert.ok(told[0]!.probability > 0.95 && told[1]!.probability < 0.2, JSON.stringify(told));
  const twins = patternEvidence(Array<Observation>(5).fill(both));
  assert.equal(twins[0]!.probability, twins[1]!.probability);
  assert.ok(twins[0]!.probability >= 0.5 && twins[0]!.probability < 0.6, JSON.stringify(twins));
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
    probability
  });
  const named = (...evidence: ReturnType<typeof one>[]) =>
    likelyPatterns(evidence).map(({ pattern }) => pattern);
  assert.deepEqual(named(one('p', 0.4), one('q', 0.6), one('r', 0.9)), ['r', 'q']);
  assert.deepEqual(named(one('p', 1 / 3), one('q', 1 / 3), one('r', 1 / 3)), ['p', 'q', 'r']);
  assert.deepEqual(named(one('p', 0.49), one('q', 0.3)), []);
  assert.deepEqual(named(...['a', 'b', 'c', 'd', 'e', 'f'].map((id) => one(id, 0.1))), []);
});
