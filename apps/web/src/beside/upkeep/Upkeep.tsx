'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { DatabaseBackup, Download, PackageOpen } from 'lucide-react';
import { useState } from 'react';
import type { ShelfTag, UpkeepAnswer, UpkeepView } from '@inch-nest/contracts';
import { KeepingLinks } from '../../frame/KeepingLinks.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { AskForFile } from '../../parts/AskForFile.tsx';
import { Trouble } from '../../parts/Trouble.tsx';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { bytesWords, madeHow, madeWords, momentWords, storeWords, waitsWords } from '../../words/upkeepWords.ts';

const LOOK_EVERY_MS = 30_000;
/** While a backup is on its way elsewhere. */
const LOOK_SOON_MS = 2_000;

/** What runs, what waits, and what there is against a dead disk: backups, made at night and by a press, and the shop to take away. */
export function Upkeep({ initial, shelf }: { initial: UpkeepView; shelf: ShelfTag[] }) {
  const client = useQueryClient();
  const { data: view } = useQuery({
    queryKey: ['upkeep'],
    queryFn: () => send<UpkeepView>('GET', '/api/upkeep'),
    initialData: initial,
    refetchInterval: ({ state }) => (state.data?.store?.busy ? LOOK_SOON_MS : LOOK_EVERY_MS),
  });
  const took = (answer: UpkeepAnswer) => client.setQueryData(['upkeep'], answer.view);
  return (
    <SidePage shelf={shelf}>
      <KeepingLinks />
      <h1>Upkeep</h1>
      <p className="soft sub">What stands between this shop and a dead disk, and what runs just now.</p>
      <Backups view={view} onAnswer={took} />
      <TakeAway />
      <Running view={view} />
    </SidePage>
  );
}

function Backups({ view, onAnswer }: { view: UpkeepView; onAnswer: (answer: UpkeepAnswer) => void }) {
  const { shop, person, write } = useShop();
  const [busy, setBusy] = useState<string | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { backups, folder, nextAt, onSameDisk, sealed, store } = view;
  const moment = (at: string) => momentWords(at, shop.zone, write);
  const ask = (command: { kind: 'backup' } | { kind: 'check'; name: string }) => {
    setBusy(command.kind === 'check' ? command.name : 'backup');
    setSays(null);
    setTrouble(null);
    send<UpkeepAnswer>('POST', '/api/upkeep', { ...command, personId: person.id })
      .then(
        (answer) => {
          onAnswer(answer);
          const { damaged, made } = answer;
          if (made) setSays(madeWords(made));
          else if (damaged && damaged.length > 0) setTrouble(`Damaged: ${damaged.join('; ')}. Keep another one.`);
          else setSays('Read through: all of it is as it was written.');
        },
        (error: unknown) => setTrouble(error instanceof Refusal ? error.message : 'the bench could not be reached'),
      )
      .finally(() => setBusy(null));
  };
  const last = backups?.[0];
  return (
    <section className="upkeep-part" aria-labelledby="backups">
      <div className="section-head">
        <h2 id="backups">Backups</h2>
        {folder && (
          <Button
            type="primary"
            size="large"
            icon={<DatabaseBackup size={20} aria-hidden />}
            loading={busy === 'backup'}
            onClick={() => ask({ kind: 'backup' })}
          >
            Back up now
          </Button>
        )}
      </div>
      {!folder && (
        <p>
          No folder is named for backups. Start with one: <code>--backups DIR</code>.
        </p>
      )}
      {folder && (
        <p>
          {last ? `The last one is of ${moment(last.at)}.` : 'There is none yet.'}
          {nextAt && ` The next makes itself ${moment(nextAt)}.`} Everything is in it: sales, parcels, plans, photographs, stock, rate
          cards, rules. They lie in <code>{folder}</code>
          {sealed ? ', sealed with your passphrase' : ''}.
        </p>
      )}
      {view.trouble && <Trouble says={`The backup of this night was not made: ${view.trouble}`} />}
      {store && <p>{storeWords(store, moment)}</p>}
      {store?.trouble && <Trouble says={`The store is not as it should be, and is asked again within ten minutes: ${store.trouble}`} />}
      {store && !sealed && (
        <p className="ochre">
          Buyers’ addresses are in them, and whoever keeps that store can read them. Seal them: <code>--passphrase-file FILE</code>.
        </p>
      )}
      {folder && onSameDisk && !store?.lookedAt && (
        <p className="ochre">
          They lie on the disk they are to make up for. Name a folder on another one: <code>--backups DIR</code>, or a store elsewhere:{' '}
          <code>--backup-store FILE</code>; or take one away by hand.
        </p>
      )}
      <p role="status">{busy === 'backup' ? 'Writing it and reading it back …' : says}</p>
      <Trouble says={trouble} />
      {backups && backups.length > 0 && (
        <div className="upkeep-scroll">
          <table className="stock-table">
            <thead>
              <tr>
                <th>Of</th>
                <th>Made</th>
                <th>Size</th>
                <td />
              </tr>
            </thead>
            <tbody>
              {backups.map(({ name, at, bytes, ...made }) => (
                <tr key={name}>
                  <th scope="row">{moment(at)}</th>
                  <td>{madeHow({ name, ...made }, store)}</td>
                  <td className="numeral">{bytesWords(bytes)}</td>
                  <td>
                    <span className="upkeep-acts">
                      <Button loading={busy === name} aria-label={`Check ${moment(at)}`} onClick={() => ask({ kind: 'check', name })}>
                        Check
                      </Button>
                      <AskForFile from="/api/upkeep/files" asked={{ of: name }} kept className="link-button">
                        <Download size={18} aria-hidden /> Take it away
                      </AskForFile>
                    </span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <details>
        <summary>How a backup is put back</summary>
        <p>
          Into an empty place, never over what is there, each row and picture compared with the backup:{' '}
          <code>npm run restore -- FILE --state AN-EMPTY-FOLDER</code>
          {store && (
            <>
              ; from the store by its name: <code>npm run restore -- NAME --store FILE --state AN-EMPTY-FOLDER</code>
            </>
          )}
          . Of those that made themselves seven days, five weeks and twelve months are kept.
        </p>
      </details>
    </section>
  );
}

/** The shop as open files. */
const TakeAway = () => (
  <section className="upkeep-part" aria-labelledby="take-away">
    <div className="section-head">
      <h2 id="take-away">The shop, to take away</h2>
      <AskForFile from="/api/upkeep/files" asked={{ of: 'shop' }} kept className="print-due">
        <PackageOpen size={20} aria-hidden /> As open files
      </AskForFile>
    </div>
    <p>
      One ZIP: every list as CSV for a spreadsheet, every row as JSON, every picture. Buyers’ addresses are in it: keep it as you keep them.
      It is put back like a backup.
    </p>
  </section>
);

function Running({ view: { runs, waits, disk } }: { view: UpkeepView }) {
  const { shop, write } = useShop();
  const tight = disk.freeBytes < 0.05 * disk.ofBytes;
  const lines: [string, string, boolean][] = [
    ['Database', runs.database ? `answers · ${runs.server}, ${bytesWords(runs.databaseBytes)}` : 'does not answer', !runs.database],
    [
      'Carriers’ counter',
      runs.counter === null ? 'none is connected' : runs.counter ? 'answers' : 'does not answer: nothing can be bought',
      runs.counter === false,
    ],
    ['Application', `runs since ${momentWords(runs.since, shop.zone, write)}`, false],
    ['At the counter', waitsWords(waits), false],
    ['Disk', `${bytesWords(disk.freeBytes)} free of ${bytesWords(disk.ofBytes)}${tight ? ': make room' : ''}`, tight],
  ];
  return (
    <section className="upkeep-part" aria-labelledby="running">
      <h2 id="running">What runs</h2>
      <dl className="upkeep-lines">
        {lines.map(([what, says, wrong]) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd className={wrong ? 'risk' : ''}>
              {wrong ? '✗ ' : ''}
              {says}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
