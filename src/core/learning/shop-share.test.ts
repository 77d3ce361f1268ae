import { aged, learnFrom, priorSpeed, withOthers, type SpeedBelief } from '.';

/** A culture seen so many times to be later by this, in ln t. */
function culture(lnLater: number, looks: number): SpeedBelief {
  let belief = priorSpeed(0);
  for (let look = 0; look < looks; look += 1) {
    const before = belief.variance + 0.01;
    const after = 0.2 * before;
    // What is still between the belief and the truth shows in each look.
    const shift = (lnLater + belief.lnSpeed) * (1 - after / before);
    belief = learnFrom(belief, { atMs: look, shift, before, after });
  }
  return belief;
}

describe('cultures of one shop', () => {
  test('one nobody has looked at is taken for one of them: slow where all are slow, and surer than by the book', () => {
    const slow = [culture(0.3, 6), culture(0.25, 6), culture(0.35, 6)];
    const fresh = withOthers(priorSpeed(0), slow);
    expect(fresh.lnSpeed).toBeLessThan(-0.12);
    expect(fresh.lnSpeed).toBeGreaterThan(-0.3);
    expect(fresh.variance).toBeLessThan(priorSpeed(0).variance);
  });
  test('without others it is as by the book, and its own looks count as before', () => {
    expect(withOthers(priorSpeed(0), []).lnSpeed).toBe(0);
    expect(withOthers(priorSpeed(0), []).variance).toBeCloseTo(priorSpeed(0).variance, 12);
    const own = culture(0.3, 3);
    const alone = withOthers(own, []);
    expect(alone.lnSpeed).toBeCloseTo(own.lnSpeed, 9);
    expect(alone.variance).toBeCloseTo(own.variance, 9);
  });
  test('the more often one was looked at, the less the others draw it', () => {
    const others = [culture(0.3, 8), culture(0.3, 8)];
    const drawn = (looks: number) => {
      const own = culture(-0.2, looks);
      return own.lnSpeed - withOthers(own, others).lnSpeed;
    };
    expect(drawn(1)).toBeGreaterThan(drawn(4));
    expect(drawn(4)).toBeGreaterThan(drawn(12));
    expect(drawn(12)).toBeGreaterThan(0);
  });
  test('others of whom nothing was seen say nothing', () => {
    const own = culture(0.2, 2);
    const { lnSpeed } = withOthers(own, [priorSpeed(0), priorSpeed(0)]);
    expect(lnSpeed).toBeCloseTo(own.lnSpeed, 9);
  });
  test('is nearer to the truth over many drawn shops than each by itself', () => {
    let seed = 1;
    const uniform = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    let [alone, together] = [0, 0];
    for (let shop = 0; shop < 400; shop += 1) {
      const common = 0.15 * normal();
      const truths = [0, 1, 2].map(() => common + 0.2 * normal());
      const seen = truths.map((truth) => culture(-truth + 0.1 * normal(), 1));
      seen.forEach((own, which) => {
        const others = seen.filter((_, other) => other !== which);
        alone += (own.lnSpeed - truths[which]!) ** 2;
        together += (withOthers(own, others).lnSpeed - truths[which]!) ** 2;
      });
    }
    expect(together).toBeLessThan(alone);
  });
  test('weeks without a look let the others speak again', () => {
    const others = [culture(0.3, 8)];
    const own = culture(-0.1, 3);
    const later = aged(own, 200 * 7 * 24 * 3_600_000);
    expect(withOthers(later, others).lnSpeed).toBeLessThan(withOthers(own, others).lnSpeed);
  });
});
