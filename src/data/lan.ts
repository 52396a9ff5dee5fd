import { createHmac, timingSafeEqual } from 'node:crypto';

/** The passcode other devices must know; set only when the shop is open to the local network. */
export const passcode = (): string | null => process.env.RENDLE_PASSCODE || null;

export const PASS_COOKIE = 'rendle-pass';

/** What a device keeps once it has given the passcode. It changes with the passcode. */
export const passToken = (code: string): string => createHmac('sha256', code).update('rendle device').digest('hex');

const same = (a: string, b: string): boolean => {
  const [left, right] = [Buffer.from(a), Buffer.from(b)];
  return left.length === right.length && timingSafeEqual(left, right);
};

/** Whether a device may come in: no passcode is asked for, or it holds the right token. */
export function mayEnter(token: string | undefined): boolean {
  const code = passcode();
  return code === null || (token !== undefined && same(token, passToken(code)));
}

export const isPasscode = (typed: string): boolean => {
  const code = passcode();
  return code !== null && same(passToken(typed), passToken(code));
};
