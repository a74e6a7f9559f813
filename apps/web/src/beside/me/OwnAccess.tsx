'use client';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { LEAST_PASSWORD, type SessionCommand, type ShelfTag } from '@inch-nest/contracts';
import { RecoveryCodes } from '../../frame/signIn/RecoveryCodes.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { toldIn } from '../../parts/toldIn.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';

/** How whoever is here comes in: her PIN, her password, her recovery codes. */
export function OwnAccess({ shelf }: { shelf: ShelfTag[] }) {
  const { person, me } = useShop();
  const [says, setSays] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const ask = (command: SessionCommand, done: string) => {
    setSays(null);
    setTrouble(null);
    send<{ codes?: readonly string[] }>('POST', '/api/session', command).then(
      (answer) => {
        setSays(done);
        if (answer.codes) setCodes(answer.codes);
        if (command.act === 'offEverywhere') window.location.assign('/');
      },
      (error: unknown) => setTrouble(error instanceof Refusal ? error.message : 'the bench could not be reached'),
    );
  };
  const told = (event: FormEvent<HTMLFormElement>, read: (of: (name: string) => string) => [SessionCommand, string]) => {
    event.preventDefault();
    ask(...read(toldIn(event)));
    event.currentTarget.reset();
  };
  return (
    <SidePage shelf={shelf} title="My PIN and password">
      <h1>{person.name}’s PIN and password</h1>
      {me.byItself ? (
        <p>This machine signs in by itself: there is no password to change here.</p>
      ) : codes ? (
        <RecoveryCodes codes={codes} onDone={() => setCodes(null)} />
      ) : (
        <div className="own-access">
          <p role="status">{says}</p>
          <Trouble says={trouble} />
          <form
            onSubmit={(event) =>
              told(event, (of) => [
                { act: 'pin', password: of('password'), pin: of('pin') || null },
                of('pin') ? 'The PIN is kept.' : 'There is no PIN any more.',
              ])
            }
          >
            <h2>{me.hasPin ? 'Another PIN' : 'A PIN'}</h2>
            <p className="soft">Four to eight figures, for the shop’s own devices. Left empty, the PIN is given up.</p>
            <Field name="pin" label="PIN" numeric />
            <Field name="password" label="Password, to be sure it is you" auto="current-password" />
            <Button size="large" htmlType="submit">
              Keep the PIN
            </Button>
          </form>
          <form
            onSubmit={(event) =>
              told(event, (of) => [
                { act: 'changePassword', password: of('password'), next: of('next') },
                'The password is changed; everywhere else you are signed off.',
              ])
            }
          >
            <h2>Another password</h2>
            <Field name="next" label={`New password, at least ${LEAST_PASSWORD} signs`} auto="new-password" />
            <Field name="password" label="Password as it is" auto="current-password" />
            <Button size="large" htmlType="submit">
              Change it
            </Button>
          </form>
          <form onSubmit={(event) => told(event, (of) => [{ act: 'codes', password: of('password') }, ''])}>
            <h2>Recovery codes</h2>
            <p className="soft">Against a forgotten password. Those printed before serve no more.</p>
            <Field name="password" label="Password, before they are shown" auto="current-password" />
            <Button size="large" htmlType="submit">
              Show new ones
            </Button>
          </form>
          <Button size="large" danger onClick={() => ask({ act: 'offEverywhere' }, '')}>
            Sign me off everywhere
          </Button>
        </div>
      )}
    </SidePage>
  );
}

const Field = ({ name, label, auto = 'off', numeric = false }: { name: string; label: string; auto?: string; numeric?: boolean }) => (
  <label>
    <span>{label}</span>
    <Input.Password name={name} size="large" autoComplete={auto} maxLength={200} {...(numeric ? { inputMode: 'numeric' as const } : {})} />
  </label>
);
