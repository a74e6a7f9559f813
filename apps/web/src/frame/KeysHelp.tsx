'use client';
import { Modal, Switch } from 'antd';
import { useShop } from '../session/ShopContext.tsx';
import { STATIONS } from './stations.ts';

const OTHERS = [
  ['a letter', 'On Look over: the kind of piece with that letter'],
  ['Ctrl Z', 'Take back my last change'],
  ['Ctrl Y', 'Do it again'],
  ['n', 'Night bench or day bench'],
] as const;

/** Every key that does something, and the switch that turns single ones off. */
export function KeysHelp({ onClose }: { onClose: () => void }) {
  const { keysOn, setKeysOn } = useShop();
  return (
    <Modal open onCancel={onClose} footer={null} title="Keys">
      <dl className="keys">
        {[...STATIONS.map((station) => [station.key, station.name] as const), ...OTHERS].map(([key, does]) => (
          <div key={key}>
            <dt>{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="soft">Keys work outside of fields; Escape leaves a field.</p>
      <p>
        <Switch id="single-keys" checked={keysOn} onChange={setKeysOn} /> <label htmlFor="single-keys">Single keys act</label>
      </p>
    </Modal>
  );
}
