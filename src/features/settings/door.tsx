import 'server-only';
import { cookies } from 'next/headers';
import { formatInstant } from '@/core/quantity';
import { deviceOf, devices, KNOWN_DAYS } from '@/data/door/devices';
import { hasPasscode } from '@/data/door/passcode';
import { logFile } from '@/data/log';
import { door as wording } from '@/messages/screens/settings';
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
    <section aria-label={wording.door} className="max-w-2xl">
      <h2 className="mt-8 mb-2">{wording.door}</h2>
      <p className="mb-2">
        {isNetwork() ? wording.openToTheLocal(isSecure() ? wording.overTls : '') : wording.openOnThisMachine}
      </p>
      {isNetwork() && !isSecure() ? (
        <p className="mb-2 border-work border-l-4 pl-3">
          {wording.overPlainHttpThe}
          <code className="reading">--cert</code>
          {wording.and}
          <code className="reading">--key</code>.
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
        {wording.whoCameInWhat}
        <code className="reading break-all">{logFile()}</code>
        {wording.noBuyerAndNo}
      </p>
    </section>
  );
}
