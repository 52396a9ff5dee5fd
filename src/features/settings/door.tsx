import 'server-only';
import { cookies } from 'next/headers';
import { formatInstant } from '@/core/quantity';
import { deviceOf, devices, KNOWN_DAYS } from '@/data/door/devices';
import { hasPasscode } from '@/data/door/passcode';
import { logFile } from '@/data/log';
import { wrongLately } from '@/trade/shell/wrong-lately';
import { WrongWords } from '@/trade/shell/wrong-words';
import { deviceCookie, isNetwork, isSecure } from '@/web/door';
import { session } from '@/web/session';
import { Devices, PasscodeForm } from './components/door-forms';

/** Who may come in: the devices that gave the passcode, each to be sent away; the passcode; what was tried and refused. */
export async function Door() {
  const { db, shop, nowMs } = await session();
  const own = deviceOf(db, (await cookies()).get(deviceCookie())?.value, nowMs);
  const at = (ms: number): string => formatInstant(ms, shop.zone).slice(0, 16).replace('T', ' ');
  return (
    <section aria-label="Door" className="max-w-2xl">
      <h2 className="mt-8 mb-2">Door</h2>
      <p className="mb-2">
        {isNetwork()
          ? `Open to the local network, behind the passcode${isSecure() ? ', over TLS' : ''}.`
          : 'Open on this machine only. Started with --lan, other devices of the network come in with the passcode.'}
      </p>
      {isNetwork() && !isSecure() ? (
        <p className="mb-2 border-work border-l-4 pl-3">
          Over plain HTTP the passcode can be overheard by anyone in the same network. Use a network of your own, or start with{' '}
          <code className="reading">--cert</code> and <code className="reading">--key</code>.
        </p>
      ) : null}
      <WrongWords lately={wrongLately(nowMs, shop.zone)} />
      <Devices
        devices={devices(db, nowMs).map(({ id, name, address, cameAt, usedAt }) => ({
          id,
          name,
          address,
          came: at(cameAt),
          used: at(usedAt),
          isOwn: id === own?.id,
        }))}
        days={KNOWN_DAYS}
      />
      <PasscodeForm has={hasPasscode(db)} />
      <p className="mt-3 text-soft">
        Who came in, what was refused, copies and faults stand in <code className="reading break-all">{logFile()}</code>; no buyer
        and no passcode does.
      </p>
    </section>
  );
}
