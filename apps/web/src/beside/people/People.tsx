'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, Select, Switch } from 'antd';
import { useState } from 'react';
import {
  hasByRole,
  ROLES,
  type PeopleAnswer,
  type PeopleCommand,
  type PeopleView,
  type Person,
  type Role,
  type ShelfTag,
  type ShownCode,
} from '@inch-nest/contracts';
import { KeepingLinks } from '../../frame/KeepingLinks.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { Trouble } from '../../parts/Trouble.tsx';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { useSaveShop } from '../../session/useSaveShop.ts';
import { ROLE_NAMES, ROLE_SAYS } from '../../words/accessWords.ts';
import { Devices } from './Devices.tsx';
import { OneCode } from './OneCode.tsx';

const LOOK_EVERY_MS = 15_000;

/** Who packs here, what each may, how each comes in, and on which devices. */
export function People({ initial, shelf }: { initial: PeopleView; shelf: ShelfTag[] }) {
  const client = useQueryClient();
  const { me } = useShop();
  const { data: view } = useQuery({
    queryKey: ['people'],
    queryFn: () => send<PeopleView>('GET', '/api/people'),
    initialData: initial,
    refetchInterval: LOOK_EVERY_MS,
  });
  const [shown, setShown] = useState<{ code: ShownCode; to: string } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const ask = (command: PeopleCommand, to = '') => {
    setTrouble(null);
    setShown(null);
    send<PeopleAnswer>('POST', '/api/people', command).then(
      (answer) => {
        client.setQueryData(['people'], answer.view);
        if (answer.shown) setShown({ code: answer.shown, to });
      },
      (error: unknown) => setTrouble(error instanceof Refusal ? error.message : 'the bench could not be reached'),
    );
  };
  return (
    <SidePage shelf={shelf}>
      <KeepingLinks />
      <h1>People</h1>
      {me.byItself && (
        <p className="ochre">
          This machine signs in by itself: nothing but this machine reaches the shop, and whoever sits here says who she is at the lower
          edge. What each may do counts all the same. Passwords, PINs and devices count as soon as others may come: start with{' '}
          <code>--listen</code>.
        </p>
      )}
      <Trouble says={trouble} />
      {shown && <OneCode shown={shown.code} to={shown.to} onDone={() => setShown(null)} />}
      <Staff view={view} onAsk={ask} />
      <Devices view={view} onAsk={ask} />
    </SidePage>
  );
}

function Staff({ view, onAsk }: { view: PeopleView; onAsk: (command: PeopleCommand, to?: string) => void }) {
  const { kept, write } = useShop();
  const saving = useSaveShop();
  const change = (id: string, part: Partial<Person>) =>
    saving.save({ people: kept.people.map((person) => (person.id === id ? { ...person, ...part } : person)) });
  const come = (name: string) =>
    saving.save({
      people: [
        ...kept.people,
        { id: crypto.randomUUID(), name, system: write.system, role: 'packer', seesMoney: false, sends: false, gone: false },
      ],
    });
  return (
    <section aria-labelledby="staff">
      <h2 id="staff">Who packs here</h2>
      <Trouble says={saving.problems.length > 0 ? saving.problems.map(({ says }) => says).join('; ') : null} />
      <ul className="people-list">
        {kept.people.map((person) => (
          <OnePerson
            key={person.id}
            person={person}
            access={view.access.find((one) => one.personId === person.id)}
            onChange={(part) => change(person.id, part)}
            onAsk={onAsk}
          />
        ))}
        <li>
          <NameField label="Somebody new" value="" onKeep={come} />
        </li>
      </ul>
      <p className="soft">Nobody is taken off: what was packed says by whom. Who has left can no longer come in.</p>
    </section>
  );
}

function OnePerson({
  person,
  access,
  onChange,
  onAsk,
}: {
  person: Person;
  access: PeopleView['access'][number] | undefined;
  onChange: (part: Partial<Person>) => void;
  onAsk: (command: PeopleCommand, to?: string) => void;
}) {
  const { me } = useShop();
  const { id, name, role, seesMoney, sends, gone } = person;
  const signs = [
    access?.hasPassword ? 'a password' : 'no password yet',
    ...(access?.hasPin ? ['a PIN'] : []),
    ...(access?.codesLeft ? [`${access.codesLeft} recovery ${access.codesLeft === 1 ? 'code' : 'codes'}`] : []),
    ...(access && access.sessions > 0 ? [`signed in at ${access.sessions} ${access.sessions === 1 ? 'place' : 'places'}`] : []),
  ].join(', ');
  return (
    <li className={gone ? 'one-person gone' : 'one-person'} aria-label={name}>
      <NameField label={`Name of ${name}`} value={name} onKeep={(next) => onChange({ name: next })} />
      <span className="person-role">
        <Select<Role>
          aria-label={`What ${name} is`}
          value={role}
          disabled={gone}
          popupMatchSelectWidth={false}
          options={ROLES.map((one) => ({ value: one, label: ROLE_NAMES[one], title: ROLE_SAYS[one] }))}
          onChange={(next) => onChange({ role: next })}
        />
        <span className="soft">{gone ? 'has left' : ROLE_SAYS[role]}</span>
      </span>
      {!gone && (
        <span className="person-more">
          {!hasByRole(role, 'money') && (
            <label>
              <Switch aria-label={`${name} sees money`} checked={seesMoney} onChange={(on) => onChange({ seesMoney: on })} /> sees money
            </label>
          )}
          {!hasByRole(role, 'send') && (
            <label>
              <Switch aria-label={`${name} sends`} checked={sends} onChange={(on) => onChange({ sends: on })} /> sends, and sees addresses
            </label>
          )}
        </span>
      )}
      <span className="soft person-signs">{signs}</span>
      <span className="person-acts">
        {!gone && (
          <Button onClick={() => onAsk({ act: 'code', of: id }, name)} aria-label={`A code for ${name}`}>
            A code to come in by
          </Button>
        )}
        {access !== undefined && access.sessions > 0 && (
          <Button onClick={() => onAsk({ act: 'off', of: id })} aria-label={`Sign ${name} off everywhere`}>
            Sign off everywhere
          </Button>
        )}
        {id !== me.personId && (
          <Button onClick={() => onChange({ gone: !gone })} aria-label={gone ? `${name} is back` : `${name} has left`}>
            {gone ? 'Is back' : 'Has left'}
          </Button>
        )}
      </span>
    </li>
  );
}

function NameField({ label, value, onKeep }: { label: string; value: string; onKeep: (value: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  const leave = () => {
    if (text !== null && text.trim() !== value && text.trim() !== '') onKeep(text.trim());
    setText(null);
  };
  return (
    <Input
      aria-label={label}
      placeholder={value === '' ? 'Somebody new' : value}
      value={text ?? value}
      maxLength={40}
      onChange={(event) => setText(event.target.value)}
      onBlur={leave}
      onPressEnter={leave}
    />
  );
}
