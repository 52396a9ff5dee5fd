import type { Reads, Result } from '@/core/quantity';
import { mm, perimeter } from './shape';
import { both, type DesignDraft, made, three } from './typed';

/** What has a bowl and a handle is written so. */
export const HANDLED = {
  bowlLengthMm: mm,
  bowlWidthMm: mm,
  bowlDepthMm: mm,
  handleLengthMm: mm,
  handleWidthMm: mm,
  handleThickMm: mm,
};
type Sizes = { readonly [K in keyof typeof HANDLED]: number };
type Handle = Pick<Sizes, 'handleLengthMm' | 'handleWidthMm' | 'handleThickMm'>;

/** Skin of an elliptical handle, mm². */
export const handleMm2 = ({ handleLengthMm, handleWidthMm, handleThickMm }: Handle): number =>
  perimeter(handleWidthMm / 2, handleThickMm / 2) * handleLengthMm;

/** Wood of an elliptical handle, mm³. */
export const handleMm3 = ({ handleLengthMm, handleWidthMm, handleThickMm }: Handle): number =>
  Math.PI * (handleWidthMm / 2) * (handleThickMm / 2) * handleLengthMm;

export const readHandled = (draft: DesignDraft, reads: Reads): Result<Sizes> =>
  made(
    both(
      three('bowl', draft.bowl, 'length × width × depth of the bowl', reads),
      three('handle', draft.handle, 'length × width × thickness of the handle', reads),
    ),
    ([[bowlLengthMm, bowlWidthMm, bowlDepthMm], [handleLengthMm, handleWidthMm, handleThickMm]]) => ({
      bowlLengthMm,
      bowlWidthMm,
      bowlDepthMm,
      handleLengthMm,
      handleWidthMm,
      handleThickMm,
    }),
  );
