type Props = { readonly src: string; readonly alt: string; readonly className?: string };

/** A photo as the shop keeps it, or one that is not kept yet: shown as it is, never fetched smaller from elsewhere. */
export function KeptPhoto({ src, alt, className = 'max-h-48' }: Props) {
  // biome-ignore lint/performance/noImgElement: a file of the shop's own, never optimised
  return <img src={src} alt={alt} className={className} />;
}

/** Where a kept photo is found by its hash. */
export const photoAt = (hash: string): string => `/api/photo?hash=${hash}`;
