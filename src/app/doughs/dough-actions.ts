'use server';

import { shopContext } from '@/services/context';
import { changeFlour, retireOneFlour } from '@/services/doughs/flours';
import { restoreVersion, retire, saveMethod } from '@/services/doughs/methods';
import { takeMethodBake } from '@/services/doughs/take-method-bake';

/** Plans a bake of a method. */
export async function takeMethodBakeAction(form: unknown) {
  return takeMethodBake(shopContext(), form);
}

/** Saves a method as a new version. */
export async function saveMethodAction(form: unknown) {
  return saveMethod(shopContext(), form);
}

/** Takes a method back to an earlier version. */
export async function restoreVersionAction(versionId: string) {
  return restoreVersion(shopContext(), String(versionId));
}

/** Retires a method, or brings it back. */
export async function retireMethodAction(methodId: string, retired: boolean) {
  return retire(shopContext(), String(methodId), retired === true);
}

/** Adds or changes a flour. */
export async function changeFlourAction(form: unknown) {
  return changeFlour(shopContext(), form);
}

/** Retires a flour, or brings it back. */
export async function retireFlourAction(form: unknown) {
  return retireOneFlour(shopContext(), form);
}
