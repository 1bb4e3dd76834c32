import { forgetAll, keep, kept } from "./kept";

/**
 * Which kitchen this page is about. A device that was away while a backup was restored has taps and ticks for the kitchen before it, which must
 * not reach the one that is there now.
 */
const NAME = "kitchen";

let now: string | undefined;

export function kitchenNow(): string | undefined {
  return now;
}

/** Takes up which kitchen this device knew last, before anything is asked. */
export async function recallKitchen(): Promise<void> {
  now ??= await kept<string>(NAME);
}

/** What the server says; of another kitchen nothing stays. Answers whether it is another one than this device knew. */
export async function hearKitchen(told: string | undefined): Promise<boolean> {
  const before = now;
  if (told === undefined || told === before) {
    return false;
  }
  now = told;
  if (before !== undefined) {
    await forgetAll();
  }
  await keep(NAME, told);
  return before !== undefined;
}

/** This device is not let in any more. */
export async function leaveKitchen(): Promise<void> {
  now = undefined;
  await forgetAll();
}
