import { randomUUID } from 'node:crypto';
import { expect, type Page } from '@playwright/test';

export const PHRASE = 'snow on the far ridge';

/** A name nobody else has, whatever other journeys left behind. */
export const someName = (name: string): string => `${name} ${randomUUID().slice(0, 6)}`;

/** Makes an account as a person would, and ends on its log. */
export async function signUp(page: Page, name: string, role = 'I am learning'): Promise<void> {
  await page.goto('/sign-in');
  await page.getByRole('radio', { name: 'I am new here' }).click();
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Passphrase').fill(PHRASE);
  await page.getByRole('radio', { name: role }).click();
  await page.getByRole('button', { name: 'Make the account' }).click();
  await expect(page.getByRole('link', { name: `Account of ${name}` })).toBeVisible();
  await expect(page).toHaveURL(/\/(log|table)$/);
}

/** Enters as one of the people of the demo. */
export async function enterAs(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: `Enter as ${name}` }).click();
  await expect(page.getByRole('link', { name: `Account of ${name}` })).toBeVisible();
  await expect(page).toHaveURL(/\/(log|table)$/);
}

/** Signs in to an account made by `signUp`. */
export async function signInAs(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Passphrase').fill(PHRASE);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('link', { name: `Account of ${name}` })).toBeVisible();
  await expect(page).toHaveURL(/\/(log|table)$/);
}
