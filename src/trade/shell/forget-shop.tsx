'use client';

import { useEffect, useState } from 'react';
import { waitingWords } from '@/messages/away';
import { forgetShop } from '@/web/away';

/** At the entrance this device lets go of what it still shows of the shop, and says how many records wait on it. */
export function ForgetShop() {
  const [count, setCount] = useState(0);
  useEffect(() => void forgetShop().then(setCount, () => undefined), []);
  return count > 0 ? <p className="mb-4 border-late border-l-4 pl-3">{waitingWords(count, 'away')}</p> : null;
}
