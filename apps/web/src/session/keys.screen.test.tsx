import { act, fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { draw } from '../../../../tests/screens/shop.tsx';
import { useEscapeLeaves, useKeys, type KeyReach } from './keys.ts';

const said: string[] = [];
beforeEach(() => said.splice(0));

function Page({ reach, keys }: { reach: KeyReach; keys: string }) {
  useKeys(keys, () => said.push(keys), { reach });
  return (
    <>
      <button type="button">It fails</button>
      <input aria-label="A field" />
      <input aria-label="A tick" type="checkbox" />
      <input aria-label="A choice" type="radio" />
      <div role="slider" aria-valuenow={1} tabIndex={0} aria-label="A slider" />
      <textarea aria-label="A letter" />
      <button type="button" aria-expanded="true">
        An open list
      </button>
    </>
  );
}

const press = (target: HTMLElement, key: string, more: object = {}) => {
  target.focus();
  const code = key === ' ' ? 'Space' : /\d/.test(key) ? `Digit${key}` : `Key${key.toUpperCase()}`;
  fireEvent.keyDown(target, { key, code, ...more });
  fireEvent.keyUp(target, { key, code, ...more });
};

test('the big key is Done only while nothing else has the focus', async () => {
  await draw(<Page reach="idle" keys="space" />);
  press(document.body, ' ');
  expect(said).toHaveLength(1);
  for (const name of ['It fails', 'An open list']) press(screen.getByRole('button', { name }), ' ');
  for (const label of ['A field', 'A tick', 'A choice', 'A slider', 'A letter']) press(screen.getByLabelText(label), ' ');
  expect(said).toHaveLength(1);
});

test('station keys act after a click on a tick, a choice, a slider or a button, and never while somebody types', async () => {
  await draw(<Page reach="single" keys="3" />);
  press(document.body, '3');
  for (const label of ['A tick', 'A choice', 'A slider']) press(screen.getByLabelText(label), '3');
  press(screen.getByRole('button', { name: 'It fails' }), '3');
  expect(said).toHaveLength(5);
  for (const label of ['A field', 'A letter']) press(screen.getByLabelText(label), '3');
  press(screen.getByRole('button', { name: 'An open list' }), '3');
  expect(said).toHaveLength(5);
});

test('Ctrl Z takes back after a click on any control; a field keeps its own', async () => {
  await draw(<Page reach="combined" keys="ctrl+z" />);
  for (const label of ['A tick', 'A choice', 'A slider']) press(screen.getByLabelText(label), 'z', { ctrlKey: true });
  expect(said).toHaveLength(3);
  press(screen.getByLabelText('A field'), 'z', { ctrlKey: true });
  expect(said).toHaveLength(3);
});

test('nothing acts behind an open dialog', async () => {
  await draw(
    <>
      <Page reach="single" keys="3" />
      <div role="dialog" aria-modal="true" aria-label="A question" />
    </>,
  );
  press(document.body, '3');
  expect(said).toEqual([]);
});

describe('Escape', () => {
  const kept: string[] = [];
  beforeEach(() => kept.splice(0));
  function Fields({ dialog = false }: { dialog?: boolean }) {
    useEscapeLeaves();
    const [text, setText] = useState<string | null>(null);
    return (
      <>
        <input aria-label="Plain" />
        <input
          aria-label="Gives up"
          value={text ?? 'as it was'}
          onChange={(event) => setText(event.target.value)}
          onBlur={() => text !== null && kept.push(text)}
          onKeyDown={(event) => event.key === 'Escape' && setText(null)}
        />
        <input aria-label="A list" role="combobox" aria-expanded="true" aria-controls="none" />
        <button type="button">A button</button>
        {dialog && <div role="dialog" aria-modal="true" aria-label="A question" />}
      </>
    );
  }
  const escapes = async (field: HTMLElement) => {
    field.focus();
    fireEvent.keyDown(field, { key: 'Escape', code: 'Escape' });
    await act(() => new Promise((resolve) => setTimeout(resolve)));
    return document.activeElement !== field;
  };

  test('leaves a field; a list is shut first, and a button keeps the focus', async () => {
    await draw(<Fields />);
    expect(await escapes(screen.getByLabelText('Plain'))).toBe(true);
    expect(await escapes(screen.getByLabelText('A list'))).toBe(false);
    expect(await escapes(screen.getByRole('button', { name: 'A button' }))).toBe(false);
  });

  test('what a field gives up by it is not kept by leaving', async () => {
    await draw(<Fields />);
    const field = screen.getByLabelText('Gives up');
    fireEvent.change(field, { target: { value: 'half typed' } });
    expect(await escapes(field)).toBe(true);
    expect(kept).toEqual([]);
  });

  test('in front of it a dialog is shut first', async () => {
    await draw(<Fields dialog />);
    expect(await escapes(screen.getByLabelText('Plain'))).toBe(false);
  });
});
