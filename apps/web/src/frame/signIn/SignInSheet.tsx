'use client';
import { Button, Checkbox, Input, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { LEAST_PASSWORD, type SignInCommand, type SignInView } from '@inch-nest/contracts';
import { toldIn } from '../../parts/toldIn.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { Refusal, send } from '../../session/http.ts';
import { Mark } from '../Brand.tsx';
import { PageTitle } from '../PageTitle.tsx';
import { RecoveryCodes } from './RecoveryCodes.tsx';

type Way = { readonly kind: 'password' | 'code' } | { readonly kind: 'pin'; readonly personId: string };
type Answer = { readonly personId: string | null; readonly codes?: readonly string[] | null };

/** The page as it is to whoever is signed in now. */
const startAnew = (): void => (window.location.pathname === '/join' ? window.location.assign('/') : window.location.reload());

/** Whoever opens this place says who she is: by name and PIN at one of the shop's devices, by name and password anywhere else. */
export function SignInSheet({ view, onIn = startAnew }: { view: SignInView; onIn?: (personId: string | null) => void }) {
  const { people, shops, locked } = view;
  const joining = window.location.pathname === '/join';
  const [way, setWay] = useState<Way>({ kind: 'password' });
  const [name, setName] = useState(locked ?? '');
  const [chosen, choose] = useState(people === null || people.length === 0);
  const [shop, setShop] = useState(shops[0]?.id);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const ask = (command: SignInCommand) => {
    setBusy(true);
    setTrouble(null);
    send<Answer>('POST', '/api/sign-in', command).then(
      (answer) => {
        setBusy(false);
        if (answer.codes) setCodes(answer.codes);
        else onIn(answer.personId);
      },
      (error: unknown) => {
        setBusy(false);
        setTrouble(error instanceof Refusal ? error.message : 'the server could not be reached: press again');
      },
    );
  };
  if (codes)
    return (
      <Frame title="Welcome">
        <RecoveryCodes codes={codes} onDone={() => onIn(null)} />
      </Frame>
    );
  if (joining) return <Join busy={busy} trouble={trouble} onAsk={ask} />;
  const ofShop = people === null && shop ? { shop } : {};
  const again = (
    <Button
      type="text"
      size="large"
      onClick={() => {
        choose(false);
        setTrouble(null);
      }}
    >
      Somebody else
    </Button>
  );
  return (
    <Frame title={locked ? 'Locked' : 'Who is there?'}>
      {locked && <p>What {locked} was at stays as it is.</p>}
      {!chosen && people ? (
        <>
          <ul className="sign-in-people">
            {people.map((person) => (
              <li key={person.id}>
                <Button
                  size="large"
                  block
                  onClick={() => {
                    setName(person.name);
                    setWay(person.hasPin ? { kind: 'pin', personId: person.id } : { kind: 'password' });
                    choose(true);
                  }}
                >
                  {person.name}
                </Button>
              </li>
            ))}
          </ul>
          <Button
            type="text"
            size="large"
            onClick={() => {
              setWay({ kind: 'code' });
              choose(true);
            }}
          >
            I have a code
          </Button>
        </>
      ) : way.kind === 'pin' ? (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            ask({ act: 'pin', personId: way.personId, pin: toldIn(event)('pin') });
          }}
        >
          <label>
            <span>{name}’s PIN</span>
            <Input.Password
              name="pin"
              autoFocus
              size="large"
              inputMode="numeric"
              autoComplete="off"
              maxLength={8}
              visibilityToggle={false}
            />
          </label>
          <Trouble says={trouble} />
          <Button type="primary" size="large" htmlType="submit" loading={busy}>
            Come in
          </Button>
          <Button
            type="text"
            size="large"
            onClick={() => {
              setWay({ kind: 'password' });
              setTrouble(null);
            }}
          >
            By password
          </Button>
          {again}
        </form>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            const told = toldIn(event);
            const password = told('password');
            ask(
              way.kind === 'code'
                ? { act: 'code', ...ofShop, name, code: told('code'), password }
                : { act: 'password', ...ofShop, name, password, keepDevice: told('keepDevice') === 'on' },
            );
          }}
        >
          {people === null && shops.length > 1 && (
            <label>
              <span>Shop</span>
              <Select
                aria-label="Shop"
                size="large"
                value={shop}
                options={shops.map(({ id, name: called }) => ({ value: id, label: called }))}
                getPopupContainer={(node: HTMLElement) => node.parentElement!}
                onChange={setShop}
              />
            </label>
          )}
          <label>
            <span>Name</span>
            <Input
              size="large"
              autoFocus={name === ''}
              value={name}
              maxLength={40}
              autoComplete="username"
              onChange={(event) => setName(event.target.value)}
            />
          </label>
          {way.kind === 'code' && (
            <label>
              <span>Code, as it was printed or given</span>
              <Input name="code" size="large" maxLength={60} autoComplete="off" className="numeral" />
            </label>
          )}
          <label>
            <span>{way.kind === 'code' ? `A new password, at least ${LEAST_PASSWORD} signs` : 'Password'}</span>
            <Input.Password
              name="password"
              size="large"
              autoFocus={name !== ''}
              maxLength={200}
              autoComplete={way.kind === 'code' ? 'new-password' : 'current-password'}
            />
          </label>
          {way.kind === 'password' && people === null && (
            <Checkbox name="keepDevice">This device is the shop’s: from now on a PIN is enough here (an owner may say so)</Checkbox>
          )}
          <Trouble says={trouble} />
          <Button type="primary" size="large" htmlType="submit" loading={busy}>
            {way.kind === 'code' ? 'Choose it, and come in' : 'Come in'}
          </Button>
          <Button
            type="text"
            size="large"
            onClick={() => {
              setWay({ kind: way.kind === 'code' ? 'password' : 'code' });
              setTrouble(null);
            }}
          >
            {way.kind === 'code' ? 'I know my password' : 'I have a code'}
          </Button>
          {people && again}
        </form>
      )}
    </Frame>
  );
}

/** A device comes to the shop: by a code behind the address it opened, or as it is typed. */
function Join({ busy, trouble, onAsk }: { busy: boolean; trouble: string | null; onAsk: (command: SignInCommand) => void }) {
  const shown = window.location.hash.slice(1);
  return (
    <Frame title="This device comes to the shop">
      <p>Afterwards whoever packs here picks her name and signs in by PIN.</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const told = toldIn(event);
          onAsk({ act: 'device', code: told('code'), deviceName: told('deviceName') });
        }}
      >
        <label>
          <span>Code, as it is shown</span>
          <Input name="code" size="large" defaultValue={shown} maxLength={60} autoComplete="off" className="numeral" />
        </label>
        <label>
          <span>What this device is called</span>
          <Input name="deviceName" size="large" autoFocus placeholder="the bench’s tablet" maxLength={40} />
        </label>
        <Trouble says={trouble} />
        <Button type="primary" size="large" htmlType="submit" loading={busy}>
          Bring it in
        </Button>
      </form>
    </Frame>
  );
}

const Frame = ({ title, children }: { title: string; children: ReactNode }) => (
  <main className="sign-in" id="work">
    <PageTitle of={[title]} />
    <span className="brand">
      <Mark />
      <b>Inch Nest</b>
    </span>
    <h1>{title}</h1>
    {children}
  </main>
);
