'use client';
import { Select } from 'antd';
import type { ParcelUse } from '../useParcel.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { PickedClash } from './PickedClash.tsx';
import { usePickedField } from './usePickedField.ts';

/** What may lie between two pieces of a stack: anything that is wound or laid, by its role. */
const LIES_BETWEEN: readonly string[] = ['surface', 'conform', 'cushion'];

/** The wrap of which a sheet lies between each two of a stack, or none. */
export function InterleafSelect({ parcel, id, className }: { parcel: ParcelUse; id?: string; className?: string }) {
  const { shop } = useShop();
  const interleaf = usePickedField(parcel, 'piece', 'interleaf');
  const sheets = shop.stock.wraps.filter(({ role }) => LIES_BETWEEN.includes(role));
  const isGone = interleaf.value !== null && !sheets.some(({ key }) => key === interleaf.value);
  return (
    <>
      <Select<string>
        {...(id ? { id } : {})}
        {...(className ? { className } : {})}
        aria-label="Between each two"
        value={interleaf.value ?? ''}
        popupMatchSelectWidth={false}
        onChange={(key) => interleaf.pick(key === '' ? null : key)}
        options={[
          { value: '', label: 'nothing' },
          ...sheets.map(({ key, name }) => ({ value: key, label: name })),
          ...(isGone ? [{ value: interleaf.value!, label: 'what the stockroom no longer has' }] : []),
        ]}
      />
      <PickedClash {...interleaf} />
    </>
  );
}
