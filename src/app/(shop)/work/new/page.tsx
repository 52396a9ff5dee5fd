import type { Metadata } from 'next';
import { NewBatchPage } from '@/features/start/new-batch';
import { shared } from '@/messages/screens/shared';

export const metadata: Metadata = { title: shared.startABatch };

type Asked = Readonly<Record<string, string | string[] | undefined>>;
const one = (value: string | string[] | undefined): string | undefined => (Array.isArray(value) ? value[0] : value);

export default async function StartBatchPage({ searchParams }: { readonly searchParams: Promise<Asked> }) {
  const asked = await searchParams;
  const lots = Object.entries(asked).flatMap(([name, value]) =>
    name.startsWith('lot.') ? [[name.slice(4), Number(one(value))] as const] : [],
  );
  const [regimen, wood, origin, piece] = [one(asked.regimen), one(asked.wood), one(asked.origin), one(asked.piece)];
  return (
    <NewBatchPage
      asked={{
        ...(regimen ? { regimen } : {}),
        ...(wood ? { wood } : {}),
        ...(origin ? { origin } : {}),
        ...(piece ? { piece } : {}),
        ...(asked.pieces ? { pieces: one(asked.pieces) ?? '' } : {}),
        ...(asked.upkeep ? { upkeep: one(asked.upkeep) ?? '' } : {}),
        ...(asked.again ? { again: Number(one(asked.again)) } : {}),
        uses: [asked.uses ?? []].flat(),
        lots: Object.fromEntries(lots),
      }}
    />
  );
}
