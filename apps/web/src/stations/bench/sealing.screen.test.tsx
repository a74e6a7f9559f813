import { fireEvent, screen } from '@testing-library/react';
import { recordParcel, type BenchStep } from '@inch-nest/core';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import { ContentsRecord } from './ContentsRecord.tsx';
import { FinalList } from './FinalList.tsx';
import type { PackingPhotosUse } from './usePackingPhotos.ts';

const told: unknown[] = [];
beforeEach(() => told.splice(0));
const asRun = request();
const parcel = () => parcelOf(asRun, { printed: [], label: null });
const logOf = (life: object): BenchLog =>
  ({
    life: { ...recordParcel([]), ...life },
    log: (happening: unknown) => {
      told.push(happening);
      return Promise.resolve();
    },
  }) as unknown as BenchLog;
const STEPS = [
  { key: 'papers', records: 'contents', test: null },
  { key: 'shake', records: null, test: { key: 'shake' } },
  { key: 'photographs', records: 'photographs', test: null },
] as unknown as BenchStep[];

describe('what goes in', () => {
  const drawn = (ticked: readonly string[], asked: boolean) =>
    draw(<ContentsRecord parcel={parcel()} log={logOf({ ticked })} asked={asked} onAllIn={() => told.push('all in')} />);

  test('is asked after where Done is pressed too early, and ticked in one press', async () => {
    const { container } = await drawn([], true);
    expect(screen.getByRole('alert').textContent).toMatch(/Not ticked: .*Look for it/);
    fireEvent.click(screen.getByRole('button', { name: 'It is in' }));
    expect(told).toEqual(['all in']);
    expect(await unreadable(container)).toEqual([]);
  });

  test('is left alone until then, and when it is ticked', async () => {
    await drawn([], false);
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.click(screen.getByRole('checkbox'));
    expect(told).toEqual([{ kind: 'contentsTicked', items: ['piece'] }]);
  });

  test('its papers are printed where they are laid in', async () => {
    await drawn(['piece'], true);
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByRole('button', { name: /^Print packing slip/ })).toBeTruthy();
  });
});

describe('before it is sealed', () => {
  const gone: string[] = [];
  beforeEach(() => gone.splice(0));
  const drawn = (life: object) =>
    draw(
      <FinalList
        parcel={parcel()}
        log={logOf(life)}
        due={['shake']}
        ofBundles={[]}
        uses={[]}
        steps={STEPS}
        onGo={(key) => gone.push(key)}
        onSeal={() => told.push('sealed')}
        photos={{ shots: { have: 0, wanted: ['papers'] } } as unknown as PackingPhotosUse}
      />,
    );
  const seal = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Seal it' });

  test('what is missing leads to where it is put right, and it says what it waits for', async () => {
    await drawn({ ticked: [] });
    expect(seal().disabled).toBe(true);
    expect(screen.getByText(/^It is sealed once/).textContent).toBe('It is sealed once what is in is ticked and the tests are done.');
    for (const button of screen.getAllByRole('button', { name: 'Go there' })) fireEvent.click(button);
    expect(gone).toEqual(['papers', 'shake', 'photographs', 'papers']);
  });

  test('photographs and papers are missed, and keep nobody from sealing', async () => {
    await drawn({ ticked: ['piece'], tests: { shake: 'passed' } });
    expect(screen.queryByText(/^It is sealed once/)).toBeNull();
    fireEvent.click(seal());
    expect(told).toEqual(['sealed']);
  });
});
