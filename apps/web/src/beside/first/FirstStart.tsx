'use client';
import { Button, Checkbox, Input, Radio, Select } from 'antd';
import { useState } from 'react';
import { READY_SETS, type UnitSystem } from '@inch-nest/core';
import { LEAST_PASSWORD, type FirstShop } from '@inch-nest/contracts';
import { RecoveryCodes } from '../../frame/signIn/RecoveryCodes.tsx';
import { CURRENCIES, zonesWith } from '../../parts/shopChoices.ts';
import { Refusal, send } from '../../session/http.ts';

const UNITS: { value: UnitSystem; label: string }[] = [
  { value: 'imperial', label: 'inches and pounds' },
  { value: 'metric', label: 'centimetres and kilograms' },
];

/** It is made from another machine than the one that keeps it, which is reached encrypted alone. */
const fromAfar = typeof window !== 'undefined' && window.location.protocol === 'https:';

/** What this machine tells of where it stands: offered, never taken for granted. */
const offered = (): FirstShop['facts'] & { system: UnitSystem } => {
  const isAmerican = /-(US|CA)$/.test(navigator.language);
  return {
    name: '',
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    currency: 'USD',
    originPostcode: '',
    paper: isAmerican ? 'letter' : 'a4',
    lastCutOff: '16:00',
    system: isAmerican ? 'imperial' : 'metric',
  };
};

/** The first start of a place without a shop: what it is, who packs there, and how. Everything can be changed afterwards. */
export function FirstStart({ onMade = () => window.location.assign('/stock') }: { onMade?: () => void }) {
  const [{ system, ...facts }, setFacts] = useState(offered);
  const [people, setPeople] = useState('');
  const [set, setSet] = useState<FirstShop['set']>('bedded');
  const [materials, setMaterials] = useState(true);
  const [problems, setProblems] = useState<readonly { path: string; message: string }[]>([]);
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const [busy, setBusy] = useState(false);
  const fact = (part: Partial<typeof facts & { system: UnitSystem }>) => setFacts((now) => ({ ...now, ...part }));
  const names = people
    .split(/[\n,]/)
    .map((name) => name.trim())
    .filter(Boolean);
  const make = () => {
    setBusy(true);
    setProblems([]);
    const asked: FirstShop = {
      facts,
      people: names.map((name) => ({ name, system })),
      set,
      password,
      ...(fromAfar ? { code } : {}),
      materials,
    };
    send<{ codes: readonly string[] }>('POST', '/api/first', asked).then(
      (made) => setCodes(made.codes),
      (error: unknown) => {
        setBusy(false);
        setProblems(error instanceof Refusal ? error.problems : [{ path: '', message: 'the server could not be reached: press again' }]);
      },
    );
  };
  const wrong = (path: string) => {
    const says = problems.filter((one) => one.path === path || one.path.startsWith(`${path}.`)).map(({ message }) => message);
    return says.length > 0 ? (
      <span className="risk" role="alert">
        ✗ {says.join('; ')}
      </span>
    ) : null;
  };
  const known = ['facts.name', 'facts.originPostcode', 'facts.lastCutOff', 'people', 'password', 'code'];
  const others = problems.filter(({ path }) => !known.some((one) => path === one || path.startsWith(`${one}.`)));
  if (codes)
    return (
      <main className="first-start" id="work">
        <h1>{facts.name} is there</h1>
        <RecoveryCodes codes={codes} onDone={onMade} />
      </main>
    );
  return (
    <main className="first-start" id="work">
      <h1>A new shop</h1>
      <p>Nothing is here yet. Say what it is and who packs there; all of it can be changed afterwards.</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          make();
        }}
      >
        <label>
          <span>Its name</span>
          <Input autoFocus value={facts.name} maxLength={60} onChange={(event) => fact({ name: event.target.value })} />
          {wrong('facts.name')}
        </label>
        <label>
          <span>Who packs there, a name on each line</span>
          <Input.TextArea rows={3} value={people} onChange={(event) => setPeople(event.target.value)} />
          {wrong('people')}
        </label>
        <label>
          <span>
            {names[0] ? `${names[0]}’s password` : 'A password for the first of them'}, who owns the shop: at least {LEAST_PASSWORD} signs
          </span>
          <Input.Password
            value={password}
            maxLength={200}
            autoComplete="new-password"
            onChange={(event) => setPassword(event.target.value)}
          />
          {wrong('password')}
        </label>
        {fromAfar && (
          <label>
            <span>The code that the machine printed as it started</span>
            <Input value={code} maxLength={60} autoComplete="off" className="numeral" onChange={(event) => setCode(event.target.value)} />
            {wrong('code')}
          </label>
        )}
        <label>
          <span>Sent from, postcode</span>
          <Input value={facts.originPostcode} maxLength={12} onChange={(event) => fact({ originPostcode: event.target.value })} />
          {wrong('facts.originPostcode')}
        </label>
        <label>
          <span>Last pick-up of the day</span>
          <Input value={facts.lastCutOff} maxLength={5} onChange={(event) => fact({ lastCutOff: event.target.value })} />
          {wrong('facts.lastCutOff')}
        </label>
        <div className="first-pair">
          <label>
            <span>Money</span>
            <Select aria-label="Money" value={facts.currency} options={CURRENCIES} onChange={(currency) => fact({ currency })} />
          </label>
          <label>
            <span>Measures</span>
            <Select<UnitSystem> aria-label="Measures" value={system} options={UNITS} onChange={(value) => fact({ system: value })} />
          </label>
          <label>
            <span>Paper in the printer</span>
            <Select<'letter' | 'a4'>
              aria-label="Paper in the printer"
              value={facts.paper}
              options={[
                { value: 'letter', label: 'letter' },
                { value: 'a4', label: 'A4' },
              ]}
              onChange={(paper) => fact({ paper })}
            />
          </label>
          <label>
            <span>Time zone</span>
            <Select
              aria-label="Time zone"
              showSearch
              value={facts.zone}
              options={zonesWith(facts.zone)}
              onChange={(zone) => fact({ zone })}
            />
          </label>
        </div>
        <fieldset>
          <legend>How things are packed there</legend>
          <Radio.Group value={set} onChange={(event) => setSet(event.target.value as FirstShop['set'])}>
            {READY_SETS.map(({ key, name, says }) => (
              <Radio key={key} value={key}>
                <b>{name}.</b> {says}
              </Radio>
            ))}
          </Radio.Group>
        </fieldset>
        <Checkbox checked={materials} onChange={(event) => setMaterials(event.target.checked)}>
          List ordinary wraps and fills, none of them on hand: prices and thickness are to be set right
        </Checkbox>
        {others.map(({ path, message }) => (
          <p key={path + message} className="risk" role="alert">
            ✗ {message}
          </p>
        ))}
        <Button type="primary" size="large" htmlType="submit" loading={busy}>
          Make it, and on to the stockroom
        </Button>
      </form>
    </main>
  );
}
