import { expect, expectAccessible, saved, settled, test } from './bench.ts';

test('the box shop: another kind for the same box, figures typed, kept in the address, on paper and as files', async ({ app, page }) => {
  await page.goto(`${app.address}/boxshop`);
  await expect(page.getByRole('img', { name: /^to cut: strip slotted from above/ })).toBeVisible();
  await page.getByLabel('For a box in stock').click();
  await page.keyboard.type('16×14×12');
  await page.keyboard.press('Enter');
  await page.getByLabel('What is to be made').click();
  await page
    .getByRole('option', { name: 'Cells' })
    .or(page.locator('.ant-select-item-option', { hasText: 'Cells' }))
    .last()
    .click();
  await page.getByRole('textbox', { name: 'Along the length' }).fill('4');
  await page.getByRole('textbox', { name: 'Along the length' }).press('Enter');
  await expect(page.getByRole('img', { name: /to cut: strip along the length.*16 in.*3 × strip along the width/ })).toBeVisible();
  // a link holds it all
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Along the length' })).toHaveValue('4');
  await expectAccessible(page);
  for (const [name, type] of [
    [/Print/, 'application/pdf'],
    ['SVG', 'image/svg+xml'],
    ['DXF', 'image/vnd.dxf'],
  ] as const) {
    const link = (await page.getByRole('link', { name }).getAttribute('href'))!;
    const file = await page.request.get(app.address + link);
    expect([file.status(), file.headers()['content-type']]).toEqual([200, type]);
    expect((await file.body()).length).toBeGreaterThan(500);
  }
  // what is none is said, not drawn
  for (const [order, says] of [
    ['{', /JSON/],
    ['{"kind":"cross","inside":[12],"height":3,"caliper":0.1}', /inside/],
    ['{"kind":"lower","box":[12,10,8],"newDepth":9}', /below the depth/],
    ['{"kind":"core","inside":[30,6,3],"diameter":4,"wall":0.25}', /diameter/],
  ] as const) {
    const refused = await page.request.get(`${app.address}/api/boxshop?as=svg&order=${encodeURIComponent(order)}`);
    expect([400, 422]).toContain(refused.status());
    expect(await refused.text()).toMatch(says);
  }
});

test('jars in cells and wrapped together: put in at the nest, drawn between them, cut and put in at the bench, printed from there', async ({
  page,
  sell,
  app,
}) => {
  const id = await sell('six apothecary jars, 3 1/2 x 3 1/2 x 6 in, 11 oz each, sold 72, to 40217', 'nest');
  await page.getByText('cells between them').click();
  await saved(page);
  await settled(page);
  await expect(page.locator('[data-part=cell]').first()).toBeVisible();
  await page.getByRole('combobox', { name: 'Wrapped together' }).click();
  await page.getByTitle('Packing paper', { exact: true }).last().click();
  await expect(page.locator('[data-part=around]').first()).toBeVisible();
  await saved(page);
  await page.goto(`${app.address}/parcels/${id}/bench`);
  await expect(page.getByText('Wrap them together').first()).toBeVisible();
  await page.getByRole('button', { name: /Cut the cells/ }).click();
  await expect(page.getByRole('img', { name: /^to cut: / })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Print it in the box shop' }).first().click();
  await expect(page.getByRole('textbox', { name: 'Along the length' })).toBeVisible();
});
