'use client';
import { Button, Switch } from 'antd';
import {
  formatChance,
  isCore,
  isEnvelope,
  ownBoxOf,
  piecesOf,
  stand,
  takeBox,
  toFoldOf,
  tubesFor,
  type PlanChoice,
  type PlanDocument,
} from '@inch-nest/core';
import { boxesAtHand } from './boxesAtHand.ts';
import { shortenedWords } from '../../words/changeWords.ts';
import { liesWords } from '../../words/liesWords.ts';
import { writeTenths } from '../../parts/writeTenths.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import { Stepper } from './Stepper.tsx';
import { Tile, TileSelect } from './Tile.tsx';

const GAP_STEP_IN = 0.25;
/** Bedding, box, inner box and how the bundle lies. */
export function BoxTiles({
  plan,
  nest,
  choice,
  nested = false,
}: {
  plan: PlanDocument;
  nest: NestUse;
  choice: PlanChoice;
  /** It stands in another, and lies as that does. */
  nested?: boolean;
}) {
  const { write, person } = useShop();
  const tenths = (inches: number) => writeTenths(inches, true, person.system);
  const { stock } = nest.request;
  const take = (part: Partial<PlanChoice>) => nest.change(() => part);
  const boxes = boxesAtHand(nest);
  const folded = toFoldOf(choice.box, stock.linerBoard);
  const offered = nest.foldTo === null ? null : toFoldOf(nest.foldTo, stock.linerBoard);
  const envelope = plan.box.style !== 'slotted';
  const pieces = piecesOf(nest.request);
  const several = pieces.length > 1;
  const own = pieces.length === 1 ? ownBoxOf(pieces[0]) : null;
  return (
    <>
      {!envelope && (
        <Tile name="Bedding below" nest={nest}>
          <span className="amount-row">
            <span className="numeral amount">{tenths(plan.gaps.bottom)}</span>
            <Stepper
              label="bedding below"
              less={() => take({ baseGapIn: Math.max(0, snap(plan.gaps.bottom, -1)) })}
              more={() => take({ baseGapIn: Math.min(plan.gaps.bottom + plan.gaps.top, snap(plan.gaps.bottom, 1)) })}
            />
          </span>
          <span className="detail">
            {tenths(plan.gaps.top)} on top, {tenths(sideGap(plan))} at the sides
          </span>
          <label className="switch-row">
            <Switch checked={choice.board} onChange={(board) => take({ board })} /> board under it
          </label>
        </Tile>
      )}
      <Tile name="Box" nest={nest} pin={({ box }) => ({ box })}>
        <TileSelect
          label="Box"
          value={choice.box}
          options={[
            ...(folded ? [{ value: folded.key, label: `${folded.name}, ${write.size(folded.insideIn)}` }] : []),
            ...boxes.map(({ box, why }) => ({
              value: box.key,
              label: why
                ? `${box.name} — ${why}`
                : box.container
                  ? `${box.name} · the carrier’s, free`
                  : `${box.name} · ${box.onHand} left`,
            })),
          ]}
          onChange={(key) => nest.change((now) => takeBox(nest.request, now, key))}
        />
        <span className="detail">
          built {write.size(plan.box.outsideIn)}
          {folded ? ' once it is folded' : plan.box.builtGuessed ? ', reckoned' : ', measured'}
        </span>
        {!envelope && (
          <span className="box-more">
            {offered && (
              <Button aria-pressed={false} onClick={() => nest.change((now) => takeBox(nest.request, now, offered.key))}>
                fold one of {write.size(offered.insideIn)}?
              </Button>
            )}
            {plan.box.newDepthIn !== null ? (
              <Button aria-pressed onClick={() => take({ newDepthIn: null, baseGapIn: null })}>
                cut down to {write.length(plan.box.newDepthIn)}
              </Button>
            ) : (
              nest.cutToIn !== null && (
                <Button aria-pressed={false} onClick={() => take({ newDepthIn: nest.cutToIn, baseGapIn: null })}>
                  cut down to {write.length(nest.cutToIn)}?
                </Button>
              )
            )}
            {plan.box.shortened ? (
              <Button aria-pressed onClick={() => take({ shortened: null, baseGapIn: null })}>
                {shortenedWords(plan.box.shortened, write.length)}
              </Button>
            ) : (
              nest.shortenTo.map((to) => (
                <Button key={to.side} aria-pressed={false} onClick={() => take({ shortened: to, baseGapIn: null })}>
                  {shortenedWords(to, write.length)}?
                </Button>
              ))
            )}
            {stock.linerBoard &&
              (plan.box.crossIn !== undefined ? (
                <Button aria-pressed onClick={() => take({ crossIn: 0, baseGapIn: null })}>
                  cross of {write.length(plan.box.crossIn)} under the lid
                </Button>
              ) : (
                nest.crossOfIn !== null && (
                  <Button aria-pressed={false} onClick={() => take({ crossIn: nest.crossOfIn!, baseGapIn: null })}>
                    cross of {write.length(nest.crossOfIn)} under the lid?
                  </Button>
                )
              ))}
            {stock.linerBoard && (
              <label className="switch-row">
                <Switch checked={choice.liner} onChange={(liner) => take({ liner, baseGapIn: null })} /> second wall
              </label>
            )}
            {(plan.tubes ?? tubesFor({ insideIn: plan.box.insideIn, gaps: plan.gaps })) && (
              <label className="switch-row">
                <Switch checked={plan.tubes !== undefined} onChange={(tubes) => take({ tubes })} /> foam tubes in the corners
              </label>
            )}
            {stock.linerBoard && (plan.block.at.length > 1 || several) && (
              <label className="switch-row">
                <Switch checked={choice.cells ?? false} onChange={(cells) => take({ cells, baseGapIn: null })} />{' '}
                {several ? 'board between them' : 'cells between them'}
              </label>
            )}
          </span>
        )}
      </Tile>
      {!envelope && (
        <Tile name={plan.inner?.core ? 'Core' : 'Inner box'} nest={nest} pin={({ inner }) => ({ inner: inner?.box ?? null })}>
          <TileSelect
            label="Inner box"
            value={choice.inner?.box ?? 'none'}
            options={[
              { value: 'none', label: 'none' },
              ...(own ? [{ value: own.key, label: own.name }] : []),
              ...stock.boxes
                .filter((box) => box.key !== choice.box && !isEnvelope(box))
                .map((box) => ({ value: box.key, label: `${box.name} · ${box.onHand} left${isCore(box) ? ', as a core' : ''}` })),
            ]}
            onChange={(box) =>
              take({
                inner: box === 'none' ? null : { box, fill: choice.inner?.fill ?? choice.fill ?? stock.fills[0]!.key },
                baseGapIn: null,
              })
            }
          />
          {choice.inner ? (
            <TileSelect
              label="Fill of the inner box"
              value={choice.inner.fill}
              options={stock.fills.map((fill) => ({ value: fill.key, label: `${fill.name} inside` }))}
              onChange={(fill) => take({ inner: { box: choice.inner!.box, fill } })}
            />
          ) : (
            <span className="detail">bundle straight in the bedding</span>
          )}
        </Tile>
      )}
      <Lies nest={nest} choice={choice} plan={plan} nested={nested} />
    </>
  );
}

function Lies({ nest, choice, plan, nested }: { nest: NestUse; choice: PlanChoice; plan: PlanDocument; nested: boolean }) {
  const { write } = useShop();
  const upright = piecesOf(nest.request).find(({ id }) => id === plan.piece.id)?.keepUpright ?? false;
  const { orientation } = choice;
  const { turned } = nest;
  const why = nested
    ? 'it lies as what it goes into does'
    : upright
      ? 'it must keep this way up'
      : turned && turned.deltaExpectedMinor > 0.5
        ? `turned otherwise it comes out ${write.money(turned.deltaExpectedMinor)} worse in all (${formatChance(turned.chance)})`
        : turned && turned.deltaExpectedMinor < -0.5
          ? `turned otherwise it comes out ${write.money(-turned.deltaExpectedMinor)} better in all (${formatChance(turned.chance)})`
          : 'any way up comes out alike';
  const upFace = ['its left or right', 'its front or back', 'its top'][orientation[2]];
  return (
    <Tile name="How it lies" nest={nest} pin={(now) => ({ orientation: now.orientation })}>
      <TileSelect
        label="How it lies"
        value={orientation.join()}
        options={liesWords(stand(plan.piece.sizeIn, orientation), upright && !nested)
          .filter(({ way }) => !nested || way.join() === orientation.join())
          .map(({ way, words }) => ({ value: way.join(), label: words }))}
        onChange={(value) =>
          nest.change(() => ({ orientation: value.split(',').map(Number) as unknown as PlanChoice['orientation'], baseGapIn: null }))
        }
      />
      <span className="detail">
        {upFace} looks up; {plan.piece.sizeIn.map((side) => write.length(side).replace(/ in$/, '')).join(' × ')}; {why}
      </span>
    </Tile>
  );
}

/** The narrower of the gaps at the sides; beside a core, which bears at its ends, the one along it. */
const sideGap = ({ gaps, inner }: PlanDocument): number =>
  inner?.core?.axis === 0 ? gaps.front : inner?.core?.axis === 1 ? gaps.left : Math.min(gaps.left, gaps.front);

/** The next quarter inch up or down. */
const snap = (inches: number, way: 1 | -1): number =>
  (way > 0 ? Math.floor(inches / GAP_STEP_IN + 1 + 1e-9) : Math.ceil(inches / GAP_STEP_IN - 1 - 1e-9)) * GAP_STEP_IN;
