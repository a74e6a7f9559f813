'use client';
import { Modal, Switch } from 'antd';
import { usePathname } from 'next/navigation';
import { useShop } from '../session/ShopContext.tsx';
import { keysAt } from './keyMap.ts';

/** The keys of the place one is in, and the switch that turns single ones off. */
export function KeysHelp({ onClose }: { onClose: () => void }) {
  const { keysOn, setKeysOn } = useShop();
  return (
    <Modal open onCancel={onClose} footer={null} title="Keys">
      {keysAt(usePathname()).map(({ name, keys }) => (
        <section key={name} aria-label={name}>
          <h3>{name}</h3>
          <dl className="keys">
            {keys.map(([key, does]) => (
              <div key={key}>
                <dt>{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <p className="soft">Keys work outside of fields; what acts on a button or slider belongs to it while it has the focus.</p>
      <p>
        <Switch id="single-keys" checked={keysOn} onChange={setKeysOn} /> <label htmlFor="single-keys">Single keys act</label>
      </p>
    </Modal>
  );
}
