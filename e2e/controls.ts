import { expect, type Locator, type Page } from '@playwright/test';

/** Where something is looked for: the page, or a part of it. */
type Where = Page | Locator;

const pageOf = (where: Where): Page => ('page' in where ? where.page() : where);

/** Chooses, in the select with this label, the option that says this. */
export async function choose(where: Where, label: string, option: string): Promise<void> {
  const select = where.getByRole('combobox', { name: label, exact: true }).first();
  const offered = pageOf(where)
    .locator('.ant-select-dropdown:not(.ant-select-dropdown-hidden)')
    .getByTitle(option, { exact: true })
    .first();
  // A page that is still being filled may close a list that was just opened: then it is opened again.
  await expect(async () => {
    await select.fill(option);
    await offered.click({ timeout: 15_000 });
  }).toPass({ timeout: 120_000 });
  await expect(chosen(where, label)).toHaveText(option);
}

/** What the select with this label says. */
export function chosen(where: Where, label: string): Locator {
  return where
    .locator('.ant-select')
    .filter({ has: pageOf(where).getByRole('combobox', { name: label, exact: true }) })
    .first()
    .locator('.ant-select-selection-item');
}

/** Moves by Tab to the field with this label. */
export async function reach(page: Page, label: string): Promise<void> {
  const target = page.getByLabel(label, { exact: true }).first();
  for (let i = 0; i < 90 && !(await target.evaluate(el => el === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await expect(target).toBeFocused();
}

/** Moves by Tab to the select with this label, and types enough of an option to choose it. */
export async function chooseByKeyboard(page: Page, label: string, typed: string): Promise<void> {
  await reach(page, label);
  await page.keyboard.type(typed);
  await page.keyboard.press('Enter');
  await expect(chosen(page, label)).toContainText(typed);
}

/** Moves by Tab to the field with this label, and types over what is there. */
export async function writeByKeyboard(page: Page, label: string, text: string): Promise<void> {
  await reach(page, label);
  await page.keyboard.press('Control+a');
  await page.keyboard.type(text);
}

/** Picks one of a few that are all in sight. */
export async function segment(where: Where, name: string): Promise<void> {
  await where.locator('.ant-radio-button-wrapper').getByText(name, { exact: true }).first().click();
}
