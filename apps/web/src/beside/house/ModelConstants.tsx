'use client';
import { ARCHETYPES, CUSHION_MATERIALS, describeProvenance, GUARDS, HARD_POINTS } from '@inch-nest/core';
import { measureOf } from '../../words/measures.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** Height over thickness at which cushions are compared: 24 in onto 2 in. */
const STATED_RATIO = 24 / 2;
const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** The numbers below the house rules: what pieces stand, what parts take from that, how cushions behave; each with its source. */
export function ModelConstants() {
  const { write, person } = useShop();
  const load = measureOf('pressure', person.system);
  return (
    <section aria-label="The model’s own numbers">
      <h2>The model’s own numbers</h2>
      <details className="constants">
        <summary>What each kind of piece stands, in g at {write.length(6)}</summary>
        <table className="stock-table">
          <thead>
            <tr>
              <th>Kind</th>
              <th>Median</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {Object.values(ARCHETYPES).map((one) => (
              <tr key={one.key}>
                <th scope="row">{one.name}</th>
                <td className="numeral">{one.referenceG === null ? 'not limited by shock' : `${one.referenceG} g`}</td>
                <td className="soft">{describeProvenance(one.provenance)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
      <details className="constants">
        <summary>What hard points leave of that, bare and guarded</summary>
        <table className="stock-table">
          <thead>
            <tr>
              <th>Part</th>
              <th>Bare</th>
              <th>Guarded</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {Object.values(HARD_POINTS).map((one) => (
              <tr key={one.kind}>
                <th scope="row">{one.name}</th>
                <td className="numeral">{percent(one.bareShare)}</td>
                <td className="numeral">{percent(one.guardedShare)}</td>
                <td className="soft">{describeProvenance(one.provenance)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="soft">
          Guards add cover:{' '}
          {Object.values(GUARDS)
            .map((one) => `${one.name} ${write.length(one.thicknessIn)}`)
            .join(', ')}
          .
        </p>
      </details>
      <details className="constants">
        <summary>
          How cushions behave: least g from {write.length(24)} onto {write.length(2)}, and at which load
        </summary>
        <table className="stock-table">
          <thead>
            <tr>
              <th>Material</th>
              <th>Least g</th>
              <th>At</th>
              <th>Settles</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {Object.values(CUSHION_MATERIALS).map(({ key, curve, settleShare, migrates, provenance }) => (
              <tr key={key}>
                <th scope="row">{key.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)}</th>
                <td className="numeral">{Math.round(curve.a * curve.b * Math.E * STATED_RATIO)}</td>
                <td className="numeral">
                  {((1 / (curve.b * STATED_RATIO)) * load.of).toFixed(2)} {load.unit}
                </td>
                <td className="numeral">
                  {percent(settleShare)}
                  {migrates && ', flows away'}
                </td>
                <td className="soft">{describeProvenance(provenance)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
