import { classes } from './classes';

type Props = {
  readonly label: string;
  /** Kinds of files that are offered, as `accept` takes them. */
  readonly takes: string;
  readonly onFile: (file: File) => void;
  readonly className?: string;
};

/** A field for one file: its words above it, the browser's own button. */
export function FileField({ label, takes, onFile, className }: Props) {
  return (
    <label className={classes('flex flex-col gap-1', className)}>
      <span className="label">{label}</span>
      <input
        type="file"
        accept={takes}
        className="min-h-11 file:min-h-11 file:border-2 file:border-ink file:bg-transparent file:px-4 file:font-semibold"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
        }}
      />
    </label>
  );
}
