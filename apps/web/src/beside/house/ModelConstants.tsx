'use client';
import {
  ARCHETYPES,
  CUSHION_MATERIALS,
  cushionOf,
  describeProvenance,
  GUARDS,
  guardsFor,
  HARD_POINTS,
  shareLeft,
  softestOn,
  type HardPointKind,
  type Stockroom,
} from '@inch-nest/core';
import { measureOf } from '../../words/measures.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** Height and thickness at which cushions are compared, inches. */
const STATED = [24, 2] as const;
const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** The numbers below the house rules: what pieces stand, what parts take from that, how cushions behave; each with its source. */
export function ModelConstants() {
  const { write, person, shop } = useShop();
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
              <th>Stands bare</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {Object.values(ARCHETYPES).map((one) => (
              <tr key={one.key}>
                <th scope="row">{one.name}</th>
                <td className="numeral">{one.fragility ? `${one.fragility.referenceG} g` : 'not limited by shock'}</td>
                <td className="numeral">{one.fragility && write.length(one.fragility.ownHeightIn)}</td>
                <td className="soft">{describeProvenance(one.provenance)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
      <details className="constants">
        <summary>What hard points leave of that, bare and in the guard that gives back most</summary>
        <table className="stock-table">
          <thead>
            <tr>
              <th>Part</th>
              <th>Bare</th>
              <th>At best</th>
              <th>In</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {Object.values(HARD_POINTS).map((one) => (
              <tr key={one.kind}>
                <th scope="row">{one.name}</th>
                <td className="numeral">{percent(one.bareShare)}</td>
                <td className="numeral">{percent(bestGuarded(one.kind).share)}</td>
                <td>{bestGuarded(one.kind).guard}</td>
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
          How cushions behave: least g from {write.length(STATED[0])} onto {write.length(STATED[1])}, and at which load
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
            {[...Object.values(CUSHION_MATERIALS).map((one) => ({ ...one, name: spelt(one.key) })), ...byOwnDrops(shop.stock)].map(
              ({ name, curve, settleShare, sinks, deflates, provenance }) => (
                <tr key={name}>
                  <th scope="row">{name}</th>
                  <td className="numeral">{Math.round(softestOn(curve, ...STATED).g)}</td>
                  <td className="numeral">
                    {(softestOn(curve, ...STATED).staticPsi * load.of).toFixed(2)} {load.unit}
                  </td>
                  <td className="numeral">
                    {percent(settleShare)}
                    {sinks && ', flows away'}
                    {deflates && ', empties'}
                  </td>
                  <td className="soft">{describeProvenance(provenance)}</td>
                </tr>
              ),
            )}
          </tbody>
        </table>
      </details>
    </section>
  );
}

const spelt = (key: string): string => key.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/** What of the stockroom has a curve by the shop’s own drops. */
const byOwnDrops = ({ wraps, fills }: Stockroom) =>
  [...wraps, ...fills].flatMap(({ name, cushion, dropTests }) => {
    if (cushion === null) return [];
    const own = cushionOf({ cushion, dropTests });
    return own === CUSHION_MATERIALS[cushion] ? [] : [{ ...own, name }];
  });

/** What is left at a hard point in the guard that gives back most; bare where none does. */
function bestGuarded(kind: HardPointKind): { share: number; guard: string } {
  const [best] = guardsFor(kind);
  return { share: shareLeft({ kind, guard: best?.kind ?? null }), guard: best?.name ?? '' };
}
