import { shared } from '@/messages/screens/shared';
import { cautions as wording } from '@/messages/screens/ui';
import { Fold } from './fold';
import { Link } from './link';

type Props = {
  readonly of: readonly { readonly head: string; readonly text: string }[];
  readonly open?: number;
};

/** Cautions where they bite: the worst first, each with what is usually done about it. */
export function Cautions({ of, open = 2 }: Props) {
  if (of.length === 0) return null;
  return (
    <section className="flex flex-col gap-1">
      <ul aria-label={wording.cautions} className="flex flex-col gap-2">
        {of.map(({ head, text }, index) => (
          <li key={head} className="border-late border-l-4 bg-paper px-3 py-1.5">
            {index < open ? (
              <>
                <strong>▲ {head}</strong> {text}
              </>
            ) : (
              <Fold line="strong" says={<>▲ {head}</>}>
                {text}
              </Fold>
            )}
          </li>
        ))}
      </ul>
      <Link href="/guide/first-aid" className="text-sm">
        {shared.firstAid}
      </Link>
    </section>
  );
}
