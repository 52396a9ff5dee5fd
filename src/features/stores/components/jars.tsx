'use client';

import { say } from '@/core/quantity';
import { jars as wording } from '@/messages/screens/stores';
import { FormSheet } from '@/web/form/form-sheet';
import { reads } from '@/web/here';
import { saveJarCount } from '../actions';
import { EnterJar } from './sheets';

export type Jar = {
  readonly id: number;
  readonly name: string;
  readonly capacityMl: number;
  readonly fillFraction: number;
  readonly have: number;
  readonly tareG: number | null;
  readonly price: string | null;
  readonly version: number;
};

/** Jars and tins that are there to be filled. */
export function Jars({ jars }: { readonly jars: readonly Jar[] }) {
  return (
    <div>
      <ul className="mb-3 flex flex-wrap gap-x-8 gap-y-2">
        {jars.map((one) => (
          <JarItem key={`${one.id}-${one.version}`} jar={one} />
        ))}
        {jars.length === 0 ? <li className="text-soft">{wording.noJarsYetEnter}</li> : null}
      </ul>
      <EnterJar />
    </div>
  );
}

/** One size: how many there are, and a way to count them again. */
function JarItem({ jar: { id, name, capacityMl, fillFraction, have, tareG, price, version } }: { readonly jar: Jar }) {
  return (
    <li className="flex items-baseline gap-3 border-hair border-b">
      <span>
        <strong>{name}</strong>
        {wording.filled(
          say(capacityMl * fillFraction, 'ml', reads()),
          tareG === null ? '' : wording.empty(say(tareG, 'g', reads())),
          price === null ? '' : wording.apiece(price),
        )}
      </span>
      <FormSheet
        opens={wording.there(have)}
        look="quiet"
        title={wording.count(name)}
        saves="Counted"
        fields={[{ name: 'have', label: wording.howManyThereAre, value: String(have), type: 'number' }]}
        save={({ have: found }) => saveJarCount({ id, have: found, version })}
      />
    </li>
  );
}
