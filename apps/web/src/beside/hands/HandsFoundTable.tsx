'use client';
import { BENCH_TEST_RULES } from '@inch-nest/core';
import { inTestOrder, type HandsView } from '@inch-nest/contracts';

/** What each person's tests found at first, test by test. */
export function HandsFoundTable({ view: { days, found } }: { view: HandsView }) {
  const tests = [...new Set(inTestOrder(found.flatMap((one) => one.tests)).map(({ test }) => test))];
  return (
    <section aria-label="What hands found">
      <h2>What hands found</h2>
      <p className="soft sub">
        In the last {days} days at the bench: of so many parcels tested, in how many something was felt, moved or open at first. It shows
        what to practise, not who is to blame.
      </p>
      {found.length === 0 ? (
        <p>No test was made in that time.</p>
      ) : (
        <div className="sheet-scroll">
          <table className="stock-table">
            <thead>
              <tr>
                <th scope="col">Test</th>
                {found.map(({ personId, name }) => (
                  <th scope="col" key={personId}>
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {tests.map((test) => (
                <tr key={test}>
                  <th scope="row">{BENCH_TEST_RULES[test].name}</th>
                  {found.map(({ personId, tests: own }) => {
                    const one = own.find((each) => each.test === test);
                    return (
                      <td key={personId} className="numeral">
                        {one ? `${one.failed} of ${one.parcels}` : '–'}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
