'use client';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { IDLE_CHOICES, type DeviceView, type PeopleCommand, type PeopleView } from '@inch-nest/contracts';
import { useShop } from '../../session/ShopContext.tsx';
import { momentWords } from '../../words/upkeepWords.ts';

/** The shop's own devices: a PIN is enough there, and each locks itself. */
export function Devices({ view, onAsk }: { view: PeopleView; onAsk: (command: PeopleCommand) => void }) {
  return (
    <section aria-labelledby="devices">
      <div className="section-head">
        <h2 id="devices">Devices</h2>
        <Button type="primary" size="large" onClick={() => onAsk({ act: 'device' })}>
          Add a phone or tablet
        </Button>
      </div>
      <Trust network={view.network} />
      {view.devices.length === 0 && <p className="soft">None yet. At a device of the shop a name and a PIN are enough to come in.</p>}
      <ul className="people-list">
        {view.devices.map((device) => (
          <OneDevice key={device.id} device={device} onAsk={onAsk} />
        ))}
      </ul>
    </section>
  );
}

/** How a phone comes to trust a shop that vouches for itself. */
function Trust({ network }: { network: PeopleView['network'] }) {
  if (!network) return null;
  return (
    <details className="trust">
      <summary>
        Others reach the shop at <code>{network.address}</code>
        {network.fingerprint && ', with a certificate of its own'}
      </summary>
      {network.fingerprint && (
        <>
          <p>
            A phone or another computer warns until it is told to trust that certificate, once. Open{' '}
            <code>{network.address}/api/trust</code> there, pass the warning, and compare this fingerprint before you trust it as an
            authority for web pages (under security or certificates in its settings):
          </p>
          <p className="numeral fingerprint">{network.fingerprint}</p>
          <p className="soft">Where the two differ, somebody else answers in the shop’s place: do not go on.</p>
        </>
      )}
    </details>
  );
}

/** As a list of choices has it, which knows no null. */
const NEVER = 0;

function OneDevice({
  device: { id, name, addedBy, addedAt, idleMinutes, here },
  onAsk,
}: {
  device: DeviceView;
  onAsk: (command: PeopleCommand) => void;
}) {
  const { shop, write } = useShop();
  const [text, setText] = useState(name);
  const leave = () => {
    if (text.trim() && text.trim() !== name) onAsk({ act: 'rename', deviceId: id, name: text.trim() });
    else setText(name);
  };
  return (
    <li className="one-person" aria-label={name}>
      <Input
        aria-label={`What ${name} is called`}
        value={text}
        maxLength={40}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onPressEnter={leave}
      />
      <span className="soft person-signs">
        {here && 'this one; '}brought in {momentWords(addedAt, shop.zone, write)}
        {addedBy && ` by ${addedBy}`}
      </span>
      <span className="person-role">
        <Select<number>
          aria-label={`When ${name} locks itself`}
          value={idleMinutes ?? NEVER}
          popupMatchSelectWidth={false}
          options={IDLE_CHOICES.map((minutes) => ({
            value: minutes ?? NEVER,
            label: minutes === null ? 'never locks itself' : `locks itself after ${minutes} min`,
          }))}
          onChange={(told) => onAsk({ act: 'idle', deviceId: id, minutes: IDLE_CHOICES.find((one) => one === told) ?? null })}
        />
      </span>
      <span className="person-acts">
        <Button danger onClick={() => onAsk({ act: 'revoke', deviceId: id })} aria-label={`Take ${name} away`}>
          Take away
        </Button>
      </span>
    </li>
  );
}
