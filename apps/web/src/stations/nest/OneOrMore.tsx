'use client';
import { Button, Segmented } from 'antd';
import { formatChance, letterOf, MOST_SHARED, type Portion, type WaysLookedAt } from '@inch-nest/core';
import { heldIn, moneyOf, type BoxWish, type HeldPiece } from '@inch-nest/contracts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { boxesWords } from '../../words/boxesWords.ts';
import { inEach } from '../../words/inEach.ts';
import { listed } from '../../words/titleOf.ts';
import type { BoxedWay } from '../../workers/planner.protocol.ts';
import { SendApart } from './SendApart.tsx';
import { isSeveral, type OneOrMoreUse } from './useOneOrMore.ts';

/** So many ways to split are shown. */
const SHOWN = 4;

/** One box against two and more for several pieces: what each comes to in all, and one step to send them so. */
export function OneOrMore({ parcel, use: { answer, waits, uncarried, come, compare } }: { parcel: ParcelUse; use: OneOrMoreUse }) {
  const { write } = useShop();
  const { view } = parcel;
  const held = heldIn(view);
  const wish = usePickedField(parcel, 'sale', 'boxWish');
  const pieces = held.reduce((sum, { piece }) => sum + piece.count.value, 0);
  // a box for each: of those that are alike one in each
  const isWished = ({ parts }: BoxedWay) => wish.value === 'apart' && (parts.length === held.length || parts.length === pieces);
  if (!isSeveral(view)) return null;
  const collected = moneyOf(view).shippingCollectedMinor;
  return (
    <section id="one-or-more" className="one-or-more" aria-label="One box or more">
      <div className="section-head">
        <h2>One box or more</h2>
        <Button loading={waits} onClick={() => void compare()}>
          {answer?.kind === 'boxes' ? 'Compare again' : 'Compare'}
        </Button>
      </div>
      <div className="field">
        <span className="label">The buyer asked for</span>
        <Segmented<BoxWish> aria-label="The buyer asked for" value={wish.value} onChange={wish.pick} options={[...WISHES]} />
        <PickedClash {...wish} />
      </div>
      {answer === null && !waits && <p className="soft">Each box at its best: postage, material, minutes and what may break, in all.</p>}
      {waits && come && (
        <p className="soft" role="status">
          {come.done} of {come.of} boxfuls planned so far; the nest can be worked on meanwhile.
        </p>
      )}
      {answer?.kind === 'failed' && <Trouble says={answer.message} />}
      {answer?.kind === 'superseded' && <p className="soft">The nest changed meanwhile: compare again.</p>}
      {answer?.kind === 'boxes' && (
        <>
          <ul className="boxed-ways">
            {answer.together ? (
              <Way way={answer.together} best={answer.together} held={held} wished={wish.value === 'together'} act={null} />
            ) : (
              <li className="boxed-way">
                {uncarried ? 'No service takes them all in one box.' : 'Nothing in the stockroom holds them all in one box.'}
              </li>
            )}
            {answer.splits
              .filter((way, i) => i < SHOWN || isWished(way))
              .map((way) => (
                <Way
                  key={JSON.stringify(way.parts.map(({ holds }) => holds))}
                  way={way}
                  best={answer.together}
                  held={held}
                  wished={isWished(way)}
                  act={
                    <SendApart
                      parcel={parcel}
                      way={way}
                      label={`Send in ${boxesWords(way.parts.length)}: ${listed(way.parts.map(({ holds }) => lettersOf(holds, held)))}`}
                    >
                      Send them so
                    </SendApart>
                  }
                />
              ))}
          </ul>
          <p className="soft">
            {LOOKED[answer.looked]} {collected > 0 && `The buyer paid ${write.money(collected)} for shipping, in one box or several.`}
          </p>
        </>
      )}
    </section>
  );
}

const WISHES: readonly { value: BoxWish; label: string }[] = [
  { value: 'none', label: 'nothing' },
  { value: 'together', label: 'one box' },
  { value: 'apart', label: 'a box for each' },
];

const LOOKED: Readonly<Record<WaysLookedAt, string>> = {
  every: 'Every way to split them was looked at.',
  evenly: `They were shared out evenly among two to ${boxesWords(MOST_SHARED)}.`,
  halves: 'Every way to split them was looked at, alike ones together or in halves.',
  roughly: 'Every way to split them was looked at quickly, alike ones together, and the most promising closely.',
  some: 'Looked at: each alone, the heavy from the light, the dear from the rest; the best of those split again.',
};

/** Letters of pieces by their place; of some of alike ones how many, and that alone where there is nothing else. */
function lettersOf(holds: readonly Portion[], held: readonly HeldPiece[]): string {
  if (held.length === 1) return holds.map(({ count }) => `${count}`).join();
  const firsts = held.reduce<number[]>((all, { piece }) => [...all, all.at(-1)! + Math.ceil(piece.count.value / piece.stackOf.value)], [0]);
  return holds.map(({ at, count }) => (count < held[at]!.piece.count.value ? `${count} of ` : '') + letterOf(firsts[at]!)).join(', ');
}

function Way({
  way,
  best,
  held,
  wished,
  act,
}: {
  way: BoxedWay;
  best: BoxedWay | null;
  held: readonly HeldPiece[];
  /** As the buyer asked for it. */
  wished: boolean;
  act: React.ReactNode;
}) {
  const { write } = useShop();
  const dearer = best && best !== way ? way.expectedMinor - best.expectedMinor : null;
  return (
    <li className="boxed-way">
      <div>
        {wished && <p className="meaning">As the buyer asked</p>}
        {inEach(way.parts, held).map(({ part, what, boxes }) => (
          <p key={JSON.stringify(part.holds)}>
            <b>{what}</b> {boxes > 1 && `in each of ${boxesWords(boxes)} `}
            <span className="soft">
              {part.box}, {part.service}, {write.weight(part.grossLb)}
            </span>
          </p>
        ))}
      </div>
      <dl>
        <div>
          <dt>Cost</dt>
          <dd className="numeral">{write.money(way.costMinor)}</dd>
        </div>
        <div>
          <dt>Anything breaks</dt>
          <dd className="numeral risk">{formatChance(way.chance)}</dd>
        </div>
        <div>
          <dt>Expected in all</dt>
          <dd className="numeral">
            {write.money(way.expectedMinor)}
            {dearer !== null && ` (${dearer > 0 ? '+' : '−'}${write.money(Math.abs(dearer))})`}
          </dd>
        </div>
        <div>
          <dt>Hands</dt>
          <dd className="numeral">{Math.round(way.minutes)} min</dd>
        </div>
      </dl>
      {act}
    </li>
  );
}
